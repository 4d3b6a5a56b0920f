<?php

declare(strict_types=1);

namespace App\Day;

use App\Imports\CsvReader;
use App\Records\ShopClock;
use Lumbro\Core\Day\CalendarEntry;
use Lumbro\Core\Failure\InvalidInput;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;

/** Reads entries out of a calendar file (RFC 5545) or a table with columns for who or what, from, to and why. */
final readonly class CalendarReader
{
    /** Days ahead into which what repeats is followed. */
    private const AHEAD = 400;

    private const MOST = 500;

    /** What the columns of a table are called. */
    private const COLUMNS = [
        'title' => ['person', 'name', 'who', 'order', 'number', 'what', 'title'],
        'from' => ['from', 'begin', 'start', 'promised', 'date'],
        'to' => ['to', 'until', 'end'],
        'why' => ['why', 'reason', 'note'],
    ];

    public function __construct(private ShopClock $clock) {}

    /**
     * @return list<CalendarEntry> that end after now
     *
     * @throws InvalidInput where it is neither, or one of its times cannot be read
     */
    public function entries(string $text): array
    {
        $entries = str_starts_with(ltrim($text, "\u{feff} \r\n\t"), 'BEGIN:VCALENDAR') ? VObject::quietly(fn(): array => $this->calendar($text)) : $this->table($text);
        $now = $this->clock->now->format('Y-m-d\TH:i');

        return array_slice(array_values(array_filter($entries, static fn(CalendarEntry $entry): bool => $entry->to > $now)), 0, self::MOST);
    }

    /** @return list<CalendarEntry> */
    private function calendar(string $text): array
    {
        try {
            $read = Reader::read($text, Reader::OPTION_FORGIVING);
            assert($read instanceof VCalendar);
            $until = $this->clock->now->modify('+' . self::AHEAD . ' days');
            $expanded = $read->expand($this->clock->now->modify('-1 day'), $until, $this->clock->zone);
        } catch (\Throwable) {
            throw InvalidInput::because('', 'calendar.not-read');
        }
        $entries = [];
        foreach ($expanded->select('VEVENT') as $event) {
            assert($event instanceof VEvent);
            if (! isset($event->DTSTART) || (string) ($event->STATUS ?? '') === 'CANCELLED') {
                continue;
            }
            $from = $event->DTSTART->getDateTime($this->clock->zone);
            $to = match (true) {
                isset($event->DTEND) => $event->DTEND->getDateTime($this->clock->zone),
                isset($event->DURATION) => $from->add($event->DURATION->getDateInterval()),
                $event->DTSTART->hasTime() => $from->modify('+1 minute'),
                default => $from->modify('+1 day'),
            };
            $entries[] = new CalendarEntry(mb_substr(trim((string) ($event->SUMMARY ?? '')), 0, 200), $this->wall($from), $this->wall($to), mb_substr((string) ($event->UID ?? ''), 0, 150) . ' ' . $this->wall($from));
        }

        return $entries;
    }

    /** @return list<CalendarEntry> */
    private function table(string $text): array
    {
        $rows = CsvReader::ofText($text)->rows(self::MOST);
        $heads = array_map(static fn(string $head): string => mb_strtolower(trim($head)), $rows[0] ?? []);
        $at = array_map(static fn(array $names): ?int => self::column($heads, $names), self::COLUMNS);
        if ($at['title'] === null || $at['from'] === null) {
            throw InvalidInput::because('', 'calendar.no-columns');
        }
        $entries = [];
        foreach (array_slice($rows, 1) as $i => $row) {
            $title = trim($row[$at['title']] ?? '');
            if ($title === '') {
                continue;
            }
            [$from, $isDay] = self::hour($row[$at['from']] ?? '', $i + 2);
            $ends = $at['to'] === null ? '' : trim($row[$at['to']] ?? '');
            [$to, $endsDay] = $ends === '' ? [$from, $isDay] : self::hour($ends, $i + 2);
            // A day alone is meant whole.
            $to = $endsDay ? (new \DateTimeImmutable($to))->modify('+1 day')->format('Y-m-d\TH:i') : $to;
            $to = $to > $from ? $to : (new \DateTimeImmutable($from))->modify('+1 minute')->format('Y-m-d\TH:i');
            $entries[] = new CalendarEntry(mb_substr($title, 0, 200), $from, $to, null, $at['why'] === null ? '' : mb_substr(trim($row[$at['why']] ?? ''), 0, 200));
        }

        return $entries;
    }

    /**
     * @return array{string, bool} the hour, and whether it is a whole day
     *
     * @throws InvalidInput naming the line
     */
    private static function hour(string $text, int $line): array
    {
        $is = preg_match('/^\s*(?:(\d{4})-(\d\d)-(\d\d)|(\d{1,2})\.(\d{1,2})\.(\d{4}))(?:[ T]+(\d{1,2}):(\d\d))?\s*$/', $text, $p) === 1;
        if ($is) {
            [$year, $month, $day] = $p[1] !== '' ? [(int) $p[1], (int) $p[2], (int) $p[3]] : [(int) $p[6], (int) $p[5], (int) $p[4]];
            $hour = isset($p[7]) ? [(int) $p[7], (int) $p[8]] : null;
            if (checkdate($month, $day, $year) && ($hour === null || ($hour[0] < 24 && $hour[1] < 60))) {
                return [sprintf('%04d-%02d-%02dT%02d:%02d', $year, $month, $day, $hour[0] ?? 0, $hour[1] ?? 0), $hour === null];
            }
        }

        throw InvalidInput::because('', 'calendar.no-time', ['line' => $line, 'found' => mb_substr(trim($text), 0, 40)]);
    }

    /**
     * @param list<string> $heads
     * @param list<string> $names
     */
    private static function column(array $heads, array $names): ?int
    {
        foreach ($heads as $i => $head) {
            if (in_array($head, $names, true)) {
                return $i;
            }
        }

        return null;
    }

    private function wall(\DateTimeInterface $at): string
    {
        return \DateTimeImmutable::createFromInterface($at)->setTimezone($this->clock->zone)->format('Y-m-d\TH:i');
    }
}
