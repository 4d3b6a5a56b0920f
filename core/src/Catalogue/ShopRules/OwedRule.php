<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

/** One row of a rule table: what an operation on the car means for a sensor. */
final readonly class OwedRule
{
    /**
     * @param string           $operation code of the operation, without a sensor
     * @param string|null      $question  what to ask, where the operation alone does not tell
     * @param OwedOutcome|null $yes       what follows where it is answered with yes
     * @param OwedOutcome|null $no        and with no
     */
    public function __construct(
        public string $operation,
        public OwedOutcome $outcome,
        public string $source,
        public ?string $question = null,
        public ?OwedOutcome $yes = null,
        public ?OwedOutcome $no = null,
        public RuleScope $scope = new RuleScope(),
    ) {}
}
