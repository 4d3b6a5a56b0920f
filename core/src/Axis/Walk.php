<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

use Lumbro\Core\Numeric\ChiSquare;

/**
 * Readings with the stand nudged along the range between them: against a fixed second echo in the same range cell the
 * phase turns, so that the mean is freed of it and the spread shows it (maths, section 6). Degrees.
 */
final readonly class Walk
{
    /** Fewer say nothing of a spread. */
    public const LEAST = 4;

    private const INTERFERENCE = 0.99;

    private function __construct(public float $mean, public float $spread, public float $uncertainty, public bool $interference) {}

    /**
     * @param non-empty-list<float> $readings four or more, degrees
     * @param float                 $s        standard uncertainty of one reading, degrees, > 0
     */
    public static function of(array $readings, float $s): self
    {
        $n = count($readings);
        $mean = array_sum($readings) / $n;
        $squares = array_sum(array_map(static fn(float $reading): float => ($reading - $mean) ** 2, $readings));
        $spread = sqrt($squares / ($n - 1));

        return new self($mean, $spread, max($s, $spread) / sqrt($n), $squares / $s ** 2 > ChiSquare::point($n - 1, self::INTERFERENCE));
    }
}
