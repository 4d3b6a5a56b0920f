<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Day;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;

/** Where one value of a card comes from, and who stands for it (need J38). */
final readonly class Provenance
{
    /**
     * @param string|null   $source    null where nobody has said it since the value was changed
     * @param string|null   $checkedBy null while nobody has
     * @param PageSpot|null $at        where it stands on the card's page
     */
    public function __construct(
        #[Text(200)]
        public ?string $source,
        #[Text(40)]
        public ?string $edition,
        #[Day]
        public ?string $dated,
        #[Text(80)]
        public string $enteredBy,
        #[Text(80)]
        public ?string $checkedBy,
        #[Part(PageSpot::class)]
        public ?PageSpot $at = null,
    ) {}
}
