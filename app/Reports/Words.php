<?php

declare(strict_types=1);

namespace App\Reports;

/** Figures as a report says them. */
final class Words
{
    public static function mm(float $value, int $digits = 1): string
    {
        return number_format(abs($value), $digits) . ' mm';
    }

    public static function degrees(float $value): string
    {
        return number_format(abs($value), 2) . '°';
    }

    /** A size with its unit, "mm" or "degrees". */
    public static function size(float $value, string $unit): string
    {
        return $unit === 'mm' ? self::mm($value) : self::degrees($value);
    }

    /** A size with the side it lies to; none where it shows as nothing. */
    public static function off(float $value, string $unit, string $direction): string
    {
        $size = self::size($value, $unit);

        return preg_match('/[1-9]/', $size) === 1 ? "$size $direction" : $size;
    }

    public static function chance(?float $probability): string
    {
        if ($probability === null) {
            return '';
        }

        return match ($hundredth = (int) round(100 * $probability)) {
            100 => 'over 99 in 100',
            0 => 'under 1 in 100',
            default => "$hundredth in 100",
        };
    }

    /** A moment on paper, which is read in other places too: with its zone. */
    public static function moment(?string $iso): string
    {
        return $iso === null ? '' : (new \DateTimeImmutable($iso))->setTimezone(new \DateTimeZone('UTC'))->format('j M Y, H:i') . ' UTC';
    }

    public static function verdict(?string $verdict): string
    {
        return match ($verdict) {
            'holds' => 'Holds',
            'out' => 'Out',
            'unproven' => 'Unproven',
            'sent-back' => 'Sent back',
            'handed-over' => 'Handed over unproven',
            'not-owed' => 'Not owed',
            default => 'Not measured',
        };
    }

    public static function reason(?string $reason): string
    {
        return match ($reason) {
            null => '',
            'card-unchecked' => 'no second person has checked the procedure card',
            'placement-unknown' => 'the set-up was not known, so the reading proves nothing',
            'inconsistent' => 'the set-up\'s readings contradict each other',
            'electronic-zero' => 'a zero was stored without a reading before it',
            'zero-not-taken' => 'the reading after it does not show that the zero was taken',
            'no-tolerance' => 'the card gives no tolerance',
            default => str_replace('-', ' ', $reason),
        };
    }
}
