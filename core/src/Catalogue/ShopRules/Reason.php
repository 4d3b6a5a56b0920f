<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

/** What a workshop's gauges can show at all, by unit: beyond it a figure was misread or mistyped. */
final class Reason
{
    /** Of road cars with room to spare; own estimates. */
    private const BY_UNIT = [
        'bar' => [0.5, 6.0], 'kPa' => [50.0, 600.0], 'psi' => [7.0, 90.0], 'V' => [6.0, 32.0], '%' => [0.0, 100.0], '°' => [-20.0, 20.0], 'µm' => [10.0, 2_500.0], 'mm' => [-2_000.0, 20_000.0],
    ];

    /** A gauge shows no more than so many times what it should, nor less than that part of it. */
    private const TIMES = 2.0;

    /** @param float|null $nominal what it should be, in its unit; null where nobody says */
    public static function allows(float $value, ?string $unit, ?float $nominal = null): bool
    {
        [$least, $most] = self::BY_UNIT[$unit ?? ''] ?? [-INF, INF];
        $near = $nominal === null || $nominal <= 0 || ($value <= self::TIMES * $nominal && $value >= $nominal / self::TIMES);

        return $near && $value >= $least && $value <= $most;
    }
}
