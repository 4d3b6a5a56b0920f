<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;
use Lumbro\Core\Failure\InvalidInput;

/**
 * What the clock on the wall of a shop shows. That of a practice shop can be put to another hour, so that its day can
 * be gone through at any time; the moments in records are never shifted.
 */
final readonly class ShopClock
{
    private function __construct(public \DateTimeZone $zone, public \DateTimeImmutable $now, public bool $canBeSet) {}

    public static function of(string $shop): self
    {
        $row = DB::table('shops')->where('id', $shop)->first(['zone', 'practice', 'clock_shift']);
        $zone = new \DateTimeZone($row->zone ?? 'UTC');
        $shift = ($row->practice ?? false) ? (int) $row->clock_shift : 0;

        return new self($zone, (new \DateTimeImmutable('now'))->modify("$shift seconds")->setTimezone($zone), (bool) ($row->practice ?? false));
    }

    /** Today's date there, YYYY-MM-DD. */
    public function date(): string
    {
        return $this->now->format('Y-m-d');
    }

    public function midnight(): \DateTimeImmutable
    {
        return $this->now->setTime(0, 0);
    }

    /** Minutes on the wall since today's midnight. */
    public function minute(\DateTimeImmutable $at): int
    {
        $at = $at->setTimezone($this->zone);

        return $this->wall($at->format('Y-m-d\TH:i'));
    }

    /** The same of a day and an hour on the wall, such as "2026-11-30T16:00". A day has 24 hours on it. */
    public function wall(string $hour): int
    {
        $days = (new \DateTimeImmutable(substr($hour, 0, 10)))->diff(new \DateTimeImmutable($this->date()));

        return ($days->invert === 1 ? 1 : -1) * (int) $days->days * 1_440 + 60 * (int) substr($hour, 11, 2) + (int) substr($hour, 14, 2);
    }

    /** The day and the hour on the wall of a minute since today's midnight. */
    public function hour(int $minute): string
    {
        $days = (int) floor($minute / 1_440);
        $left = $minute - 1_440 * $days;

        return (new \DateTimeImmutable($this->date()))->modify("$days days")->format('Y-m-d') . sprintf('T%02d:%02d', intdiv($left, 60), $left % 60);
    }

    /**
     * A day and an hour on the wall as somebody wrote it.
     *
     * @param string $path JSON Pointer to it
     *
     * @throws InvalidInput where it is none
     */
    public static function checked(string $text, string $path): string
    {
        $is = preg_match('/^(\d{4})-(\d\d)-(\d\d)T([01]\d|2[0-3]):[0-5]\d$/D', $text, $part) === 1 && checkdate((int) $part[2], (int) $part[3], (int) $part[1]);

        return $is ? $text : throw InvalidInput::because($path, 'detail.no-hour');
    }

    /** Puts a practice shop's clock to an hour on its wall; null lets it go right again. */
    public static function set(string $shop, ?string $hour): void
    {
        $clock = self::of($shop);
        $shift = $hour === null ? 0 : (new \DateTimeImmutable($hour, $clock->zone))->getTimestamp() - time();
        DB::table('shops')->where('id', $shop)->where('practice', true)->update(['clock_shift' => $shift]);
    }
}
