<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Shop;

use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Text;

/** Room that several bays have in common, such as a far wall: one car at a time has it. */
final readonly class SharedWall
{
    /** @param list<string> $bays ids */
    public function __construct(
        #[Text(80)]
        public string $name,
        #[ListOf(new Text(60), 40)]
        public array $bays,
    ) {}
}
