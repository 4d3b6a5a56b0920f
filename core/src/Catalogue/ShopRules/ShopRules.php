<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Required;

/** The shop's default tables, for where the procedure cards are silent. */
final readonly class ShopRules
{
    /**
     * @param list<Condition>   $conditions
     * @param list<CaptureItem> $capture
     * @param list<CodeRule>    $codes
     * @param list<Phrase>      $phrases   of estimates; the first that fits decides
     */
    public function __construct(
        #[Required, ListOf(new Part(OwedRule::class), later: OwedRules::class)]
        public OwedRules $owed = new OwedRules(),
        #[Required, ListOf(new Part(Condition::class))]
        public array $conditions = [],
        #[Required, ListOf(new Part(CaptureItem::class))]
        public array $capture = [],
        #[Required, ListOf(new Part(CodeRule::class))]
        public array $codes = [],
        #[Required, ListOf(new Part(Phrase::class))]
        public array $phrases = [],
        #[Required, Part(OverdueRule::class)]
        public OverdueRule $overdue = new OverdueRule(false, 2.0),
        #[Part(Policy::class)]
        public Policy $policy = new Policy(),
    ) {}
}
