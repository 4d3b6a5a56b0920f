<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Kit\OverdueRule;

/** The shop's default tables, for where the procedure cards are silent. */
final readonly class ShopRules
{
    /**
     * @param list<OwedRule>    $owed
     * @param list<Condition>   $conditions
     * @param list<CaptureItem> $capture
     * @param list<CodeRule>    $codes
     * @param list<Phrase>      $phrases   of estimates; the first that fits decides
     */
    public function __construct(
        public array $owed = [],
        public array $conditions = [],
        public array $capture = [],
        public array $codes = [],
        public array $phrases = [],
        public OverdueRule $overdue = new OverdueRule(false, 2.0),
        public Policy $policy = new Policy(),
    ) {}
}
