<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\SidedLength;
use Lumbro\Core\Measure\StandardUncertainty;
use Lumbro\Core\Measure\Turn;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\SetUp\Invented;
use Lumbro\Core\SetUp\ReadingExpectation;

/**
 * A reading is taken down as typed; one far off what is expected is asked about, a correction strikes the one it corrects.
 *
 * @extends Command<ReadingTaken>
 */
final readonly class TakeReading extends Command
{
    public function line(): string
    {
        return ReadingTaken::class;
    }

    public function wish(): string
    {
        return ReadingWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $read = Document::read(ReadingWish::class, $wish);
        $call = self::call($now, $read->call);
        [$value, $unit] = self::value($call, $read->typed);

        return [new ReadingTaken(
            ...$stamp->named(),
            call: $call->id,
            typed: $read->typed,
            millimetres: $unit === 'deg' ? null : $value,
            unit: $unit,
            datum: $read->datum,
            strikes: $read->strikes,
            s: self::accuracy($call, $read->accuracy),
            degrees: $unit === 'deg' ? $value : null,
            instrument: $read->instrument,
        )];
    }

    public function admit(Situation $now, Line $line): void
    {
        $call = self::call($now, $line->call);
        if ($line->isAngle() !== ($call->reads === Reads::Turn)) {
            throw InvalidInput::because('/payload/typed', 'reading.other-kind', ['call' => $line->call]);
        }
        if ($call->details->datums === [] && $line->datum !== null) {
            throw InvalidInput::because('/payload/datum', 'reading.no-datum');
        }
        if ($call->details->datums !== [] && ! in_array($line->datum, $call->details->datums, true)) {
            throw InvalidInput::because('/payload/datum', 'reading.which-datum', ['datums' => $call->details->datums]);
        }
        if ($call->details->statesAccuracy !== ($line->s !== null)) {
            throw InvalidInput::because('/payload/accuracy', $line->s !== null ? 'reading.accuracy-of-instrument' : 'reading.accuracy-missing', $line->s !== null ? [] : ['angle' => $call->reads === Reads::Turn ? 'yes' : 'no', 'example' => Quantity::mm(3)]);
        }
        $choices = array_column($now->plan()->choices($call), 'name', 'id');
        if ($line->instrument !== null && $line->instrument !== $call->instrument && ! isset($choices[$line->instrument])) {
            throw InvalidInput::because('/payload/instrument', 'reading.which-instrument', ['instruments' => array_values($choices), 'any' => $choices === [] ? 'no' : 'yes']);
        }
        if ($line->strikes !== null) {
            self::isOfCall($now, $line->strikes, $call);
        }
    }

    public function question(Situation $now, Line $line): ?Message
    {
        $plan = $now->plan();
        $call = self::call($now, $line->call);
        $question = (new ReadingExpectation($plan->context, $plan))->question($call, $line->typed, $line->value, $line->datum);
        if ($question !== null || ! $now->byHand || ! $plan->context->rules->isInSpace()) {
            return $question;
        }

        return Invented::reading($plan, $now->task()->entries, $now->task()->setUp->readings, $call, $line);
    }

    public function asksAbout(): string
    {
        return '/typed';
    }

    public function recorded(Situation $now, Line $line, bool $asked): Line
    {
        return $asked ? $line->confirmed() : $line;
    }

    private static function call(Situation $now, string $id): Call
    {
        return $now->plan()->call($id) ?? throw InvalidInput::because('/payload/call', 'reading.no-call', ['call' => InvalidInput::short($id)]);
    }

    /** @return array{float, string} the value in mm or degrees, and the unit it was typed in */
    private static function value(Call $call, string $typed): array
    {
        try {
            if ($call->reads === Reads::Turn) {
                return [Turn::fromReading($typed)->degrees, 'deg'];
            }
            $read = $call->reads === Reads::Sided ? SidedLength::fromReading($typed) : Length::fromReading($typed);
        } catch (UnreadableReading $unreadable) {
            throw InvalidInput::at('/payload/typed', $unreadable);
        }

        return [$read->millimetres, $read->unit->value];
    }

    /** The standard uncertainty behind an accuracy stated with a reading: a half-width without a distribution. */
    private static function accuracy(Call $call, ?string $typed): ?float
    {
        if ($typed === null) {
            return null;
        }
        if ($call->reads !== Reads::Turn) {
            try {
                $halfWidth = Length::fromReading($typed)->millimetres;
            } catch (UnreadableReading $unreadable) {
                throw InvalidInput::at('/payload/accuracy', $unreadable);
            }
        } else {
            $halfWidth = is_numeric($typed) ? (float) $typed : throw InvalidInput::because('/payload/accuracy', 'reading.accuracy-unreadable', ['typed' => $typed]);
        }
        if ($halfWidth <= 0) {
            throw InvalidInput::because('/payload/accuracy', 'reading.accuracy-zero');
        }

        return StandardUncertainty::ofReading($halfWidth, 0.0);
    }

    private static function isOfCall(Situation $now, string $reading, Call $call): void
    {
        foreach ($now->task()->record->readings as $known) {
            if ($known->id === $reading && $known->call === $call->id) {
                return;
            }
        }

        throw InvalidInput::because('/payload/strikes', 'reading.strikes-other');
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
