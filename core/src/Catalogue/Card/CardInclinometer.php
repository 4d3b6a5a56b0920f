<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

/** Elevation read with an inclinometer on the sensor: degrees, nose-up positive. */
final readonly class CardInclinometer
{
    /** @param string $where it is set; $within a half-width, null where the card gives none */
    public function __construct(public string $where, public float $expected, public ?float $within) {}
}
