<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Text;

/** A name and a reason: who answers for it, and why. */
final readonly class NamedWish
{
    /** As they are typed. */
    public function __construct(
        #[Text(80)]
        public string $name,
        #[Text(500)]
        public string $reason,
    ) {}
}
