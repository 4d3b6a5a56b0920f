<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/**
 * Whether a sensor is owed a calibration after the operations done, and why (need J1).
 *
 * Owed outweighs unknown, unknown outweighs not owed. An operation the card has no rule for is unknown.
 */
final readonly class Owed
{
    /** @param list<OwedRule> $reasons the rules that applied, the weightiest first */
    private function __construct(public OwedState $state, public ?string $route, public array $reasons) {}

    /** @param list<string> $operations codes of what was done to the car */
    public static function after(array $operations, ProcedureCard $card): self
    {
        $applied = [];
        foreach ($operations as $operation) {
            $rules = array_filter($card->rules, static fn(OwedRule $rule): bool => $rule->operation === $operation);
            array_push($applied, ...($rules === [] ? [self::withoutRule($operation, $card)] : $rules));
        }
        $weight = [OwedState::Owed->value => 0, OwedState::Unknown->value => 1, OwedState::NotOwed->value => 2];
        usort($applied, static fn(OwedRule $a, OwedRule $b): int => $weight[$a->state->value] <=> $weight[$b->state->value]);

        return new self($applied[0]->state ?? OwedState::NotOwed, $applied[0]->route ?? null, $applied);
    }

    private static function withoutRule(string $operation, ProcedureCard $card): OwedRule
    {
        return new OwedRule(
            $operation,
            OwedState::Unknown,
            null,
            'The card has no rule for this operation.',
            sprintf('%s, edition %s', $card->source, $card->edition),
            'What does the vehicle maker\'s service information say of this operation?',
        );
    }
}
