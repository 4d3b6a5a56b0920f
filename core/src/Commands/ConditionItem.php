<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Id;

/** One precondition, of the car or of one sensor. */
final readonly class ConditionItem
{
    /** @param string|null $sensor null where it is about the whole car */
    public function __construct(
        #[Id]
        public string $item,
        #[Id]
        public ?string $sensor = null,
    ) {}
}
