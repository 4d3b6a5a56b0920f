<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** Where the spot came back from a mirror on the sensor's face: mm, seen along the outgoing beam, left and above positive. */
final readonly class MirrorRead extends Line
{
    /** @param float $distance from the face to where the spot is read, mm, > 0 */
    public function __construct(string $id, string $person, string $at, public float $distance, public float $left, public float $above)
    {
        parent::__construct($id, $person, $at);
    }
}
