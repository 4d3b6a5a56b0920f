<?php

declare(strict_types=1);

namespace Lumbro\Core\Planning;

use Lumbro\Core\Catalogue\Bay\Polygon;
use Lumbro\Core\Message\Message;

/** Room that one procedure needs about the car: its keep-clear zone, the stand and where somebody stands behind it. */
final readonly class Need
{
    /**
     * @param string              $id    of the sensor; "car" for the car itself with the walking room around it
     * @param list<Polygon>       $rooms in the vehicle frame
     * @param array{float, float}|null $spot of the target, which belongs on the level zone
     */
    public function __construct(public string $id, public string|Message $name, public array $rooms, public ?array $spot = null) {}
}
