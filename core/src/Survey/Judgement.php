<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Numeric\ChiSquare;

/** When readings count as contradictory (maths, section 2). Records keep the judgement they were sealed by. */
final readonly class Judgement
{
    /** Two-sided 0.1 %. */
    public const SUSPICIOUS = 3.290526731;

    /**
     * @param float $level      chance that faultless readings stay under the sum's limit, 0 to 1
     * @param float $suspicious |w| from which a reading is suspected
     * @param bool  $oneIsEnough whether one suspected reading makes the whole inconsistent, whatever the sum
     */
    private function __construct(public float $level, public float $suspicious, public bool $oneIsEnough) {}

    /** @param float $level above 0, below 1 */
    public static function at(float $level = 0.99): self
    {
        return new self($level, self::SUSPICIOUS, true);
    }

    /** As records of the first rule set were judged. */
    public static function first(): self
    {
        return new self(0.95, 3.29, false);
    }

    /** The limit of the weighted sum of squares, for n ≥ 1 degrees of freedom. */
    public function limit(int $degreesOfFreedom): float
    {
        return ChiSquare::point($degreesOfFreedom, $this->level);
    }
}
