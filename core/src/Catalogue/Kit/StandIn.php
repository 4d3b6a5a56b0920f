<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Fields\Text;

/** A target that another one may take the place of, and what changes then. */
final readonly class StandIn
{
    /** @param string $changes in a sentence */
    public function __construct(
        #[Text(120)]
        public string $target,
        #[Text]
        public string $changes,
    ) {}
}
