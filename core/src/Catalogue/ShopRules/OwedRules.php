<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\Kind;
use Lumbro\Core\Fields\Later;
use Lumbro\Core\Measure\Node;

/** A table of rules by their operations: an order has few, a shop's table a rule for each there is. */
final class OwedRules implements Later
{
    /** @var list<Node> a document's items, as they stand in it */
    private array $nodes = [];

    private ?Kind $kind = null;

    /** @var array<string, list<OwedRule>> operation → its rules, where they were asked for */
    private array $read = [];

    /** @param list<OwedRule> $rules */
    public function __construct(private array $rules = []) {}

    public static function of(array $nodes, Kind $kind): self
    {
        $rules = new self();
        $rules->nodes = $nodes;
        $rules->kind = $kind;

        return $rules;
    }

    /**
     * Those that speak of an operation, in the table's order.
     *
     * @return list<OwedRule>
     */
    public function about(string $operation): array
    {
        return $this->read[$operation] ??= $this->found($operation);
    }

    public function all(): array
    {
        return $this->kind === null ? $this->rules : array_map($this->rule(...), $this->nodes);
    }

    /** @return list<OwedRule> */
    private function found(string $operation): array
    {
        if ($this->kind === null) {
            return array_values(array_filter($this->rules, static fn(OwedRule $rule): bool => $rule->operation === $operation));
        }

        return array_values(array_map($this->rule(...), array_filter($this->nodes, static fn(Node $node): bool => $node->member('operation')?->raw() === $operation)));
    }

    private function rule(Node $node): OwedRule
    {
        $rule = $this->kind?->read($node);
        assert($rule instanceof OwedRule);

        return $rule;
    }
}
