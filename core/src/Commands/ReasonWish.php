<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Text;

/** A reason. */
final readonly class ReasonWish
{
    /** As they are typed. */
    public function __construct(
        #[Text(500)]
        public string $reason,
    ) {}
}
