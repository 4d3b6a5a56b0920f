<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Number;

/** How the target hangs on its stand: on an arm from the middle, and at which tilt (need J20). The latest one counts. */
final readonly class StandSet extends Line
{
    public const KIND = 'stand';

    /**
     * @param float|null $arm  of the target from the stand's middle, mm, the car's left positive; null where the stand's own drawing counts
     * @param float      $tilt of a plate, degrees, its top towards the sensor positive; 0 where its bubble is centred
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Number('mm', -5_000, 5_000)]
        public ?float $arm,
        #[Number('°', -45, 45)]
        public float $tilt,
    ) {
        parent::__construct($id, $person, $at);
    }
}
