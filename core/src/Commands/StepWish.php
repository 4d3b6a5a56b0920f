<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Text;

/** A step of the card. */
final readonly class StepWish
{
    /** As they are typed. */
    public function __construct(
        #[Text(80)]
        public string $step,
    ) {}
}
