<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\Method\Names;
use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Placement\Placement;

/** One line that values could be taken from, against the one in use: the angle between them and its worth at the sensor (need J16). */
final readonly class ReferenceChoice
{
    /** A line known worse than this is not measured, rad. */
    private const VAGUE = 0.25 * M_PI / 180;

    /**
     * @param string     $line one of Ground::REFERENCES
     * @param float|null $angle of this line from the one in use, degrees, anticlockwise positive; null where it is not measured
     * @param float|null $worth by how much the target's deviation seen from the sensor would be another, degrees, anticlockwise positive
     */
    private function __construct(
        public string $line,
        public ?float $angle,
        public ?float $angleUncertainty,
        public ?float $worth,
        public ?float $worthUncertainty,
    ) {}

    /** @return list<self> the one in use among them, with angle 0 */
    public static function of(SetUp $setUp): array
    {
        return array_map(static fn(string $line): self => self::one($setUp, $line), Ground::REFERENCES);
    }

    private static function one(SetUp $setUp, string $line): self
    {
        $ground = $setUp->plan->ground;
        $solution = $setUp->placement?->solution;
        if ($line === $ground->reference) {
            return new self($line, 0.0, 0.0, 0.0, 0.0);
        }
        if ($solution === null || ($line === 'thrust-line' && ! $ground->hasWheels)) {
            return new self($line, null, null, null, null);
        }
        try {
            $thresholds = new Thresholds();
            $own = $ground->task($solution->network, [], $thresholds, Names::stand());
            $other = $ground->task($solution->network, [], $thresholds, Names::stand(), $line);
            $angle = $other->reference->heading($solution->geometry)->minus($own->reference->heading($solution->geometry))->wrapped();
            $worth = self::bearing(Placement::judge($other, $solution))->minus(self::bearing(Placement::judge($own, $solution)));
        } catch (CoreFailure) {
            return new self($line, null, null, null, null);
        }
        $s = $solution->uncertainty($angle);
        if ($s > self::VAGUE) {
            return new self($line, null, null, null, null);
        }

        return new self(
            $line,
            rad2deg($angle->value),
            rad2deg($s),
            $setUp->isPlaced() ? rad2deg($worth->value) : null,
            $setUp->isPlaced() ? rad2deg($solution->uncertainty($worth)) : null,
        );
    }

    private static function bearing(Placement $placement): Dual
    {
        return $placement->deviations['bearing']->figure;
    }
}
