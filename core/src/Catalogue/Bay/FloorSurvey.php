<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Corners;
use Lumbro\Core\Fields\Day;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Row;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** A floor survey that a bay keeps: staff readings under a level laser plane, taken once for many cars. */
final readonly class FloorSurvey implements Checked
{
    /**
     * @param string                                           $date      when it was taken
     * @param string                                           $by        who took it
     * @param float                                            $s         standard uncertainty of one staff reading, mm, > 0
     * @param float                                            $laserTilt standard uncertainty of the laser plane's slope, mm per m, ≥ 0
     * @param list<array{x: float, y: float, reading: float}> $points    mm; four or more, not in one line
     */
    public function __construct(
        #[Day]
        public string $date,
        #[Text(80)]
        public string $by,
        #[Number('mm', 1e-6, 100)]
        public float $s,
        #[Number('mm/m', 0, 20)]
        public float $laserTilt,
        #[ListOf(new Row(['x' => new Number('mm', -Corners::FAR, Corners::FAR), 'y' => new Number('mm', -Corners::FAR, Corners::FAR), 'reading' => new Number('mm', 0, 10_000)]), 200)]
        public array $points,
    ) {}

    public function check(Node $node): void
    {
        if (count($this->points) < 4) {
            throw InvalidInput::because($node->path() . '/points', 'bay.survey-points');
        }
    }

    public static function rule(): array
    {
        return ['properties' => ['points' => ['minItems' => 4]]];
    }
}
