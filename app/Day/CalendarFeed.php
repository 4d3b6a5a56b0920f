<?php

declare(strict_types=1);

namespace App\Day;

use App\Records\ShopClock;
use Lumbro\Core\Day\Slot;
use Lumbro\Core\Day\Timetable;
use Lumbro\Words\Words;
use Sabre\VObject\Component\VCalendar;

/** The plan in force as a calendar (RFC 5545): of a bay, a person or a car. */
final class CalendarFeed
{
    public const KINDS = ['bay', 'person', 'car'];

    /** Minutes between two stretches that are one entry all the same. */
    private const NEAR = 15;

    /** @param string $kind one of KINDS */
    public static function of(DayBook $book, ?Timetable $plan, string $kind, string $subject, string $name, Words $words): string
    {
        return VObject::quietly(static function () use ($book, $plan, $kind, $subject, $name, $words): string {
            $calendar = new VCalendar(['PRODID' => '-//Lumbro//Day plan//EN', 'X-WR-CALNAME' => $name, 'REFRESH-INTERVAL;VALUE=DURATION' => 'PT5M']);
            $said = new DayWords($book);
            foreach (self::entries($plan, $kind, $subject) as $slots) {
                $first = $slots[0];
                $last = $slots[count($slots) - 1];
                $calendar->add('VEVENT', array_filter([
                    'UID' => hash('sha256', "$kind $subject $first->stage") . '@lumbro',
                    'SUMMARY' => ($book->numbers[$first->car] ?? '') . ' ' . ($book->vehicles[$first->car] ?? ''),
                    'DESCRIPTION' => implode("\n", array_map(static fn(Slot $slot): string => trim(substr($book->clock->hour($slot->from), 11) . ' ' . $words->say($said->stage($slot->stage)) . ($slot->person === null || $kind === 'person' ? '' : ', ' . ($book->people[$slot->person] ?? ''))), $slots)),
                    'LOCATION' => $first->place === null ? null : $book->bays[$first->place] ?? null,
                    'DTSTART' => self::at($book->clock, $first->from),
                    'DTEND' => self::at($book->clock, $last->to),
                ], static fn(mixed $one): bool => $one !== null));
            }

            return $calendar->serialize();
        });
    }

    /** @return list<non-empty-list<Slot>> what follows each other on one car */
    private static function entries(?Timetable $plan, string $kind, string $subject): array
    {
        $entries = [];
        foreach ($plan->slots ?? [] as $slot) {
            if (($kind === 'bay' ? $slot->place : ($kind === 'person' ? $slot->person : $slot->car)) !== $subject) {
                continue;
            }
            $open = count($entries) - 1;
            $before = $open < 0 ? null : $entries[$open][count($entries[$open]) - 1];
            if ($before !== null && $before->car === $slot->car && $before->place === $slot->place && $slot->from <= $before->to + self::NEAR) {
                $entries[$open][] = $slot;
            } else {
                $entries[] = [$slot];
            }
        }

        return $entries;
    }

    private static function at(ShopClock $clock, int $minute): \DateTimeImmutable
    {
        return (new \DateTimeImmutable($clock->hour($minute), $clock->zone))->setTimezone(new \DateTimeZone('UTC'));
    }
}
