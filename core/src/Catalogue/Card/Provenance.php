<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Day;
use Lumbro\Core\Fields\Text;

/** Where one value of a card comes from, and who stands for it (need J38). */
final readonly class Provenance
{
    /** @param string|null $checkedBy null while nobody has */
    public function __construct(
        #[Text(200)]
        public string $source,
        #[Text(40)]
        public string $edition,
        #[Day]
        public string $dated,
        #[Text(80)]
        public string $enteredBy,
        #[Text(80)]
        public ?string $checkedBy,
    ) {}
}
