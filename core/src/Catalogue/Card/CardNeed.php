<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;

/** Something of the kit that a card asks for. */
final readonly class CardNeed
{
    public const KINDS = ['target', 'stand', 'tape', 'rule', 'staff', 'laser', 'level', 'inclinometer', 'film-gauge', 'charger', 'scan-tool'];

    /** @param string $kind one of KINDS; $name where a particular one is wanted */
    public function __construct(
        #[Choice(self::KINDS)]
        public string $kind,
        #[Text(120)]
        public ?string $name,
        #[Text]
        public string $why,
    ) {}
}
