<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** One row of a card's rule table: what an operation on the car means for this sensor. */
final readonly class OwedRule
{
    /**
     * @param string      $operation code of the operation
     * @param OwedState   $state     what follows from it
     * @param string|null $route     "static", "dynamic", "static then dynamic"; null where nothing is owed
     * @param string|null $question  what to ask, where the operation alone does not tell
     */
    public function __construct(
        public string $operation,
        public OwedState $state,
        public ?string $route,
        public string $reason,
        public string $source,
        public ?string $question = null,
    ) {}
}
