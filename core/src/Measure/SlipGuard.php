<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

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

    /** What the reading is too large by → how that happens. */
    private const SLIPS = [
        '10' => 'a figure too many',
        '0.1' => 'a figure missing, or centimetres typed without their unit',
        '0.001' => 'metres typed without their unit',
        '100' => 'centimetres typed as metres',
        '25.4' => 'millimetres typed as inches',
        '0.03937007874015748' => 'inches typed without their unit',
    ];

    /**
     * The question to ask, or null where the reading is near enough.
     *
     * @param float $millimetres the reading; left of a line is positive
     * @param float $expected    with the target on its spot, in the same sense, mm
     */
    public static function question(string $typed, float $millimetres, float $expected): ?string
    {
        if (abs($millimetres - $expected) <= max(self::NEAR, self::SHARE * abs($expected))) {
            return null;
        }
        $question = sprintf(
            '“%s” is %s, and about %s is expected here.',
            mb_strimwidth(trim($typed), 0, 60, '…'),
            self::words($millimetres),
            self::words($expected),
        );
        // Where next to nothing is expected, anything divided often enough would fit.
        foreach (abs($expected) >= self::NEAR ? self::SLIPS : [] as $factor => $how) {
            $meant = $millimetres / (float) $factor;
            if (abs($meant - $expected) <= max(self::NEAR / 10, self::SHARE / 5 * abs($expected))) {
                return sprintf('%s %s would fit: %s?', $question, self::words($meant), $how);
            }
        }

        return $question . ' Look at the tape once more.';
    }

    private static function words(float $millimetres): string
    {
        return number_format(abs($millimetres)) . ' mm';
    }
}
