<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Text;

/** How far the target is shifted. */
final readonly class ShiftWish
{
    /** As they are typed. */
    public function __construct(
        #[Text(60)]
        public string $typed,
    ) {}
}
