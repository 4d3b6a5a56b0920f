<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Inline;

/** What another source gives for a value of a card: it stands beside it until one of the two is chosen. */
final readonly class OtherValue
{
    /** @param float|string $value in the unit of the value it stands beside */
    public function __construct(
        #[NumberOrText]
        public float|string $value,
        #[Inline(Provenance::class)]
        public Provenance $from,
    ) {}
}
