<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

/** Where one value of a card comes from, and who stands for it (need J38). */
final readonly class Provenance
{
    /** @param string|null $checkedBy null while nobody has */
    public function __construct(
        public string $source,
        public string $edition,
        public string $dated,
        public string $enteredBy,
        public ?string $checkedBy,
    ) {}
}
