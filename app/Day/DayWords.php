<?php

declare(strict_types=1);

namespace App\Day;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** What of a day is said. */
final readonly class DayWords
{
    public function __construct(private DayBook $book) {}

    /** Kind of a stage, by its id. */
    public static function kind(string $stage): string
    {
        return substr($stage, (int) strrpos($stage, ' ') + 1);
    }

    /** @return list<string> what the sensors of a stage are called */
    public function sensors(string $stage): array
    {
        $words = explode(' ', $stage);
        if (count($words) < 3) {
            return [];
        }
        $name = fn(string $sensor): string => $this->book->sensors["$words[0] $sensor"] ?? $sensor;

        return array_map($name, explode('+', $words[1]));
    }

    /** A stage and the sensors it is for. */
    public function stage(string $stage): Message
    {
        $kind = Message::of('day.stage.' . self::kind($stage));
        $sensors = $this->sensors($stage);

        return $sensors === [] ? $kind : Message::of('day.stage-of', ['stage' => $kind, 'sensors' => $sensors]);
    }

    /** @param array{kind: string, car: string|null, stage: string|null, who: string|null, minutes: int|null} $cause */
    public function cause(array $cause): Message
    {
        return Message::of("day.cause.{$cause['kind']}", array_filter([
            'car' => $cause['car'] === null ? null : $this->book->numbers[$cause['car']] ?? Message::of('day.closed-order'),
            'stage' => $cause['stage'] === null ? null : $this->stage($cause['stage']),
            'who' => $cause['who'] === null ? null : $this->book->people[$cause['who']] ?? $this->book->units[$cause['who']] ?? $cause['who'],
            'minutes' => $cause['minutes'] === null ? null : Quantity::number($cause['minutes']),
        ], static fn(mixed $one): bool => $one !== null));
    }

    /** @param array{car: string, was: array{stage: string, from: int, person: string|null, place: string|null}|null, is: array{stage: string, from: int, person: string|null, place: string|null}|null} $part */
    public function part(array $part): Message
    {
        $of = $part['is'] ?? $part['was'];
        $said = ['car' => $this->book->numbers[$part['car']] ?? '', 'stage' => $of === null ? '' : $this->stage($of['stage'])];
        if ($part['is'] === null) {
            return Message::of('day.changed.dropped', $said);
        }

        return Message::of($part['was'] === null ? 'day.changed.new' : 'day.changed.moved', [...$said, 'is' => $this->slot($part['is']), ...($part['was'] === null ? [] : ['was' => $this->slot($part['was'])])]);
    }

    /** A minute since today's midnight as a time on the wall, with the weekday where it is another day. */
    public function hour(int $minute): string|Message
    {
        $hour = $this->book->clock->hour($minute);
        $isToday = $minute >= 0 && $minute < 1_440;

        return $isToday ? substr($hour, 11) : Message::of('day.other-day', ['day' => Quantity::day(substr($hour, 0, 10)), 'hour' => substr($hour, 11)]);
    }

    /** @param array{stage: string, from: int, person: string|null, place: string|null} $slot */
    private function slot(array $slot): Message
    {
        $person = $slot['person'] === null ? null : $this->book->people[$slot['person']] ?? null;
        $place = $slot['place'] === null ? null : $this->book->bays[$slot['place']] ?? null;
        $code = match (true) {
            $person === null && $place === null => 'day.slot',
            $place === null => 'day.slot-who',
            $person === null => 'day.slot-where',
            default => 'day.slot-who-where',
        };

        return Message::of($code, ['at' => $this->hour($slot['from']), ...($person === null ? [] : ['who' => $person]), ...($place === null ? [] : ['where' => $place])]);
    }
}
