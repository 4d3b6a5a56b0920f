<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Number;

/** Where the spot came back from a mirror on the sensor's face: mm, seen along the outgoing beam, left and above positive. */
final readonly class MirrorRead extends Line
{
    public const KIND = 'mirror';

    /** @param float $distance from the face to where the spot is read, mm, > 0 */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Number('mm', 100, 50_000)]
        public float $distance,
        #[Number('mm', -5_000, 5_000)]
        public float $left,
        #[Number('mm', -5_000, 5_000)]
        public float $above,
    ) {
        parent::__construct($id, $person, $at);
    }
}
