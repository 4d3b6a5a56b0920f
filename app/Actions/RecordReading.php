<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\SidedLength;
use Lumbro\Core\Measure\StandardUncertainty;
use Lumbro\Core\Measure\Turn;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\SetUp\ReadingExpectation;

/** A reading is taken down as typed, far-off ones only once confirmed; a correction strikes the one it corrects. */
final readonly class RecordReading
{
    public const FIELDS = [['call', 'typed'], ['datum', 'strikes', 'confirmed', 'accuracy']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): ReadingTaken {
            $call = self::call($file, $body->text('call'));
            $typed = $body->text('typed', 60);
            [$value, $unit] = self::value($call, $typed);
            $datum = self::datum($call, $body->optionalText('datum'));
            $question = (new ReadingExpectation($file->context, $file->plan()))->question($call, $typed, $value, $datum);
            if ($question !== null && ! $body->flag('confirmed')) {
                throw Refusal::asks('/typed', $question);
            }

            return new ReadingTaken(
                $body->id,
                $user->name,
                $now,
                $call->id,
                $typed,
                $value,
                $unit,
                $datum,
                self::struck($file, $call, $body->optionalText('strikes')),
                $question !== null,
                self::accuracy($call, $body->optionalText('accuracy', 60)),
            );
        });
    }

    private static function call(TaskFile $file, string $id): Call
    {
        return $file->plan()->call($id) ?? throw Refusal::field('/call', "There is no call \"$id\" in this task.");
    }

    /** @return array{float, string} the value in mm or degrees, and the unit it was typed in */
    private static function value(Call $call, string $typed): array
    {
        if ($call->reads === Reads::Turn) {
            return [Turn::fromReading($typed)->degrees, 'deg'];
        }
        $read = $call->reads === Reads::Sided ? SidedLength::fromReading($typed) : Length::fromReading($typed);

        return [$read->millimetres, $read->unit->value];
    }

    /** The standard uncertainty behind an accuracy stated with a reading: a half-width without a distribution. */
    private static function accuracy(Call $call, ?string $typed): ?float
    {
        if (! $call->details->statesAccuracy) {
            return $typed === null ? null : throw Refusal::field('/accuracy', 'The accuracy of this reading is its instrument\'s.');
        }
        if ($typed === null) {
            throw Refusal::field('/accuracy', 'Say the accuracy that the rig states: ' . ($call->reads === Reads::Turn ? '0.1 for ±0.1°.' : '3 mm for ±3 mm.'));
        }
        $halfWidth = $call->reads === Reads::Turn
            ? (is_numeric($typed) ? (float) $typed : throw Refusal::field('/accuracy', "“{$typed}” is not an angle in degrees, such as 0.1."))
            : Length::fromReading($typed)->millimetres;
        if ($halfWidth <= 0) {
            throw Refusal::field('/accuracy', 'An accuracy is above 0: no rig is without error.');
        }

        return StandardUncertainty::ofReading($halfWidth, 0.0);
    }

    private static function datum(Call $call, ?string $datum): ?string
    {
        if ($call->details->datums === [] && $datum !== null) {
            throw Refusal::field('/datum', 'This reading is not taken to a datum of the target.');
        }
        if ($call->details->datums !== [] && ! in_array($datum, $call->details->datums, true)) {
            throw Refusal::field('/datum', 'Say what the height was read to: ' . implode(', ', $call->details->datums) . '.');
        }

        return $datum;
    }

    private static function struck(TaskFile $file, Call $call, ?string $strikes): ?string
    {
        if ($strikes === null) {
            return null;
        }
        foreach ($file->state()->record->readings as $reading) {
            if ($reading->id === $strikes && $reading->call === $call->id) {
                return $strikes;
            }
        }

        throw Refusal::field('/strikes', 'The reading it corrects is not one of this call.');
    }
}
