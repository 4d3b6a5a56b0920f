<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/** How far the stated uncertainty of one kind of reading is out, by its own residuals in accepted set-ups (maths, section 2.4). */
final readonly class Learned
{
    /** What is stated weighs as much as so many readings that the others check whole. */
    public const WEIGHT = 20.0;

    private const LEAST = 0.7;
    private const MOST = 3.0;

    /**
     * @param float $seen       Σ v²/s² of one kind, s as stated before any factor
     * @param float $redundancy Σ r of them
     * @param int   $readings   how many they are
     * @param float $weight     > 0
     */
    public static function ofSums(float $seen, float $redundancy, int $readings, float $weight = self::WEIGHT): self
    {
        return new self(max(self::LEAST, min(self::MOST, sqrt(($weight + $seen) / ($weight + $redundancy)))), $readings, $redundancy);
    }

    /**
     * The same where some readings were taken more than once. These can only show that they scatter more than stated: whoever
     * remembers the first reads the second alike, and a whole shop would seem better than it is.
     *
     * @param array{seen: float, redundancy: float} $single Σ v²/s² and Σ r of those that stand for themselves
     * @param array{seen: float, redundancy: float} $again  of those taken more than once
     * @param int                                   $readings how many all of them are
     */
    public static function withRepeats(array $single, array $again, int $readings): self
    {
        return self::ofSums($single['seen'] + max($again['seen'], $again['redundancy']), $single['redundancy'] + $again['redundancy'], $readings);
    }

    private function __construct(public float $factor, public int $readings, public float $redundancy) {}

    /**
     * @param list<array{residual: float, s: float, redundancy: float}> $residuals of one kind, s as stated before any factor, in one unit each
     * @param float                                                     $weight    > 0
     */
    public static function from(array $residuals, float $weight = self::WEIGHT): self
    {
        $seen = array_sum(array_map(static fn(array $one): float => ($one['residual'] / $one['s']) ** 2, $residuals));

        return self::ofSums($seen, (float) array_sum(array_column($residuals, 'redundancy')), count($residuals), $weight);
    }
}
