<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Group;
use Lumbro\Core\Fields\Text;

/** The maker's page that a card was typed from. It stays in the shop: the card carries its hash alone. */
final readonly class CardPage
{
    /** @param string $hash SHA-256 of its bytes, in hexadecimal */
    public function __construct(
        #[Text(64), Group(null)]
        public string $hash,
        #[Text(200), Group(null)]
        public string $name,
    ) {}
}
