<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/**
 * Asks about a reading far outside what is expected, before it is taken: a figure too many, a unit mistaken. It asks
 * once; whoever says that the tape does show it is believed.
 */
final class SlipGuard
{
    /** Nearer to the expectation than this, mm, a reading is what the survey is there for. */
    private const NEAR = 300.0;

    /** Or nearer than this share of it. */
    private const SHARE = 0.5;

    /** What the reading is too large by → the slip that does it: "slip." and this. */
    private const SLIPS = [
        '10' => 'figure-too-many', '0.1' => 'figure-missing', '0.001' => 'metres-without-unit', '100' => 'centimetres-as-metres',
        '25.4' => 'millimetres-as-inches', '0.03937007874015748' => 'inches-without-unit',
    ];

    /**
     * The question to ask, or null where the reading is near enough.
     *
     * @param float $millimetres the reading; left of a line is positive
     * @param float $expected    with the target on its spot, in the same sense, mm
     */
    public static function question(string $typed, float $millimetres, float $expected): ?Message
    {
        if (abs($millimetres - $expected) <= max(self::NEAR, self::SHARE * abs($expected))) {
            return null;
        }
        $said = ['typed' => InvalidInput::short($typed), 'value' => Quantity::mm($millimetres), 'expected' => Quantity::mm($expected)];
        // Where next to nothing is expected, anything divided often enough would fit.
        foreach (abs($expected) >= self::NEAR ? self::SLIPS : [] as $factor => $how) {
            $meant = $millimetres / (float) $factor;
            if (abs($meant - $expected) <= max(self::NEAR / 10, self::SHARE / 5 * abs($expected))) {
                return Message::of('slip.fits', [...$said, 'meant' => Quantity::mm($meant), 'how' => Message::of("slip.$how")]);
            }
        }

        return Message::of('slip.far-off', $said);
    }
}
