<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Number;

/** The stand was nudged along the range between two readings of the axis, or put back where it was measured. */
final readonly class StandNudged extends Line
{
    public const KIND = 'nudged';

    /** @param float $away from where it was measured, mm, away from the sensor positive; 0 where it is back */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Number('mm', -20, 20)]
        public float $away,
    ) {
        parent::__construct($id, $person, $at);
    }
}
