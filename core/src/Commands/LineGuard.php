<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Intake\RoadFunction;
use Lumbro\Core\Journal\Captured;
use Lumbro\Core\Journal\CardChosen;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Journal\CoverNoted;
use Lumbro\Core\Journal\DetailNoted;
use Lumbro\Core\Journal\FigureMeasured;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\LeftOpen;
use Lumbro\Core\Journal\LineSettled;
use Lumbro\Core\Journal\OperationNoted;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OwedAnswered;
use Lumbro\Core\Journal\PhotoAdded;
use Lumbro\Core\Journal\RoadTested;
use Lumbro\Core\Measure\SlipGuard;
use Lumbro\Core\Measure\TypedNumber;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** Whether a line fits the order it is to be added to, and what is to be asked before it is. */
final class LineGuard
{
    /** No bay's floor falls further from its middle than this, mm. */
    private const UNEVEN = 150.0;

    /**
     * @throws InvalidInput where the line speaks of something the order does not have
     *
     * @return Message|null a question to be answered first; null where there is nothing to ask
     */
    public static function question(OrderState $state, OrderLine $entry): ?Message
    {
        return match (true) {
            $entry instanceof OperationNoted => self::sensor($state, $entry->operation->sensor, '/payload/operation'),
            $entry instanceof CoverNoted => self::cover($state, $entry),
            $entry instanceof OwedAnswered => self::owedAnswer($state, $entry),
            $entry instanceof Captured => self::captured($state, $entry),
            $entry instanceof ConditionAnswered => self::condition($state, $entry),
            $entry instanceof FigureMeasured => self::figure($state, $entry),
            $entry instanceof DetailNoted => self::detail($entry),
            $entry instanceof LineSettled => isset($state->record->openLines[$entry->line]) ? null : throw InvalidInput::because('/payload/line', 'line.not-open'),
            $entry instanceof PhotoAdded => self::sensor($state, $entry->sensor, '/payload/sensor'),
            $entry instanceof CardChosen => self::sensor($state, $entry->sensor, '/payload/sensor'),
            $entry instanceof FloorRead => self::floor($state, $entry),
            $entry instanceof RoadTested => self::road($state, $entry),
            $entry instanceof LeftOpen => self::leftOpen($state, $entry),
            default => null,
        };
    }

    /** The line as it is recorded: a cover that goes back on carries what was missed. */
    public static function asRecorded(OrderState $state, OrderLine $entry): OrderLine
    {
        if (! $entry instanceof CoverNoted) {
            return $entry;
        }

        return new CoverNoted($entry->id, $entry->person, $entry->at, $entry->cover, $entry->off, $entry->off ? [] : self::wouldMiss($state, $entry));
    }

    private static function road(OrderState $state, RoadTested $entry): null
    {
        $known = array_map(static fn(RoadFunction $function): string => $function->id, RoadFunction::of($state));

        return in_array($entry->function, $known, true) ? null : throw InvalidInput::because('/payload/function', 'road.unknown', ['function' => $entry->function, 'count' => count($known), 'known' => $known]);
    }

    private static function leftOpen(OrderState $state, LeftOpen $entry): null
    {
        foreach (Closing::of($state, [])->items as $item) {
            if ($item->id === $entry->item) {
                return $item->canLeave ? null : throw InvalidInput::because('/payload/item', 'left-open.sensor');
            }
        }

        throw InvalidInput::because('/payload/item', 'left-open.unknown', ['item' => $entry->item]);
    }

    private static function sensor(OrderState $state, ?string $sensor, string $path): null
    {
        if ($sensor !== null && $state->sheet->sensor($sensor) === null) {
            throw InvalidInput::because($path, 'order.unknown-sensor', ['sensor' => $sensor]);
        }

        return null;
    }

    private static function cover(OrderState $state, CoverNoted $entry): ?Message
    {
        $missed = $entry->off ? [] : self::wouldMiss($state, $entry);

        return $missed === [] ? null : Message::of('cover.would-miss', ['cover' => Message::of('cover.' . $entry->cover->value), 'count' => count($missed), 'missed' => $missed]);
    }

    /** @return list<Message> */
    private static function wouldMiss(OrderState $state, CoverNoted $entry): array
    {
        $missed = [];
        foreach ($state->alarms() as $capture) {
            if ($capture->cover === $entry->cover) {
                $missed[] = $capture->said();
            }
        }

        return $missed;
    }

    private static function owedAnswer(OrderState $state, OwedAnswered $entry): null
    {
        self::sensor($state, $entry->sensor, '/payload/sensor');
        foreach ($state->owed[$entry->sensor]->reasons as $reason) {
            if ($reason->operation->text() !== $entry->operation || $reason->question === null) {
                continue;
            }
            if (in_array($entry->answer, ['yes', 'no'], true) && ! $reason->canAnswer) {
                throw InvalidInput::because('/payload/answer', 'owed.needs-source');
            }

            return null;
        }

        throw InvalidInput::because('/payload/operation', 'owed.nothing-asked');
    }

    private static function captured(OrderState $state, Captured $entry): null
    {
        self::sensor($state, $entry->sensor, '/payload/sensor');
        foreach ($state->captures as $capture) {
            if ($capture->sensor->id !== $entry->sensor || $capture->item->id !== $entry->item) {
                continue;
            }
            if ($entry->reason === null && $capture->item->kind === 'number') {
                TypedNumber::read($entry->value);
            }
            if ($entry->reason === null && $capture->item->kind === 'yes' && ! in_array($entry->value, ['yes', 'no'], true)) {
                throw InvalidInput::because('/payload/value', 'input.yes-or-no');
            }

            return null;
        }

        throw InvalidInput::because('/payload/item', 'capture.unknown', ['item' => $entry->item]);
    }

    private static function condition(OrderState $state, ConditionAnswered $entry): null
    {
        foreach ($state->conditions as $condition) {
            if ($condition->condition->id !== $entry->item || $condition->sensor !== $entry->sensor) {
                continue;
            }
            $known = array_column($condition->condition->values, 'id');
            foreach (array_keys($entry->values) as $name) {
                if (! in_array($name, $known, true)) {
                    throw InvalidInput::because('/payload/values/' . InvalidInput::escape($name), 'condition.unknown-value', ['known' => $known]);
                }
            }

            return null;
        }

        throw InvalidInput::because('/payload/item', 'condition.unknown', ['item' => $entry->item]);
    }

    private static function figure(OrderState $state, FigureMeasured $entry): ?Message
    {
        $state->context->sheet->measured($entry->figure, $entry->value, $entry->s);
        $expected = self::onSheet($state->context->sheet, $entry->figure);

        return $expected === null ? null : SlipGuard::question($entry->typed, $entry->value, $expected);
    }

    private static function onSheet(VehicleSheet $sheet, string $figure): ?float
    {
        $parts = explode('.', $figure, 2);
        $sensor = $sheet->sensor($parts[0]);

        return match (true) {
            in_array($figure, VehicleSheet::MEASURABLE, true) => (float) $sheet->{$figure},
            $sensor === null => null,
            default => match ($parts[1] ?? '') {
                'along' => $sensor->along,
                'across' => $sensor->across,
                'height' => $sensor->height,
                default => null,
            },
        };
    }

    private static function detail(DetailNoted $entry): ?Message
    {
        if ($entry->field !== 'vin') {
            return null;
        }
        $vin = Vin::fromText($entry->value);

        return $vin->checks ? null : self::vinQuestion($vin);
    }

    /** What is asked of a number whose check digit does not fit. */
    public static function vinQuestion(Vin $vin): Message
    {
        return Message::of('vin.check-digit', ['vin' => $vin->text, 'found' => $vin->text[8], 'wanted' => Vin::checkDigit($vin->text)]);
    }

    private static function floor(OrderState $state, FloorRead $entry): ?Message
    {
        if (str_starts_with($entry->place, 'site-')) {
            self::sensor($state, substr($entry->place, 5), '/payload/place');
        } elseif (! in_array($entry->place, FloorRead::WHEELS, true)) {
            throw InvalidInput::because('/payload/place', 'floor.unknown-place', ['wheels' => FloorRead::WHEELS]);
        }
        $others = array_diff_key($state->record->floor, [$entry->place => 0]);
        if ($entry->value === null || $others === []) {
            return null;
        }
        $mean = array_sum(array_map(static fn(FloorRead $read): float => (float) $read->value, $others)) / count($others);

        return abs($entry->value - $mean) > self::UNEVEN
            ? Message::of('floor.far-off', ['typed' => $entry->typed, 'off' => Quantity::mm(abs($entry->value - $mean)), 'mean' => Quantity::mm($mean)])
            : null;
    }
}
