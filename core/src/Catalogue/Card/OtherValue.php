<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

/** What another source gives for a value of a card: it stands beside it until one of the two is chosen. */
final readonly class OtherValue
{
    /** @param float|string $value in the unit of the value it stands beside */
    public function __construct(public float|string $value, public Provenance $from) {}
}
