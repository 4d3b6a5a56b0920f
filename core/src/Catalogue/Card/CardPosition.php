<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

/** One position of a plate: degrees from square, pitch up and yaw anticlockwise positive. */
final readonly class CardPosition
{
    /** @param string $words what to do to get there */
    public function __construct(public string $id, public string $words, public float $pitch, public float $yaw) {}
}
