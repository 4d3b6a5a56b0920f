<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** Reads the JSON form of one row of a rule table. */
final class OwedRuleDocument
{
    /** @throws InvalidInput naming the field that is missing, unknown or wrong */
    public static function read(Node $node): OwedRule
    {
        $f = $node->fields(['operation', 'state', 'reason', 'source'], ['route', 'question', 'yes', 'no', 'kinds', 'behind', 'at']);
        $operation = $f['operation']->oneOf(array_keys(Operations::CATALOGUE));
        $outcome = self::outcome($f['state'], $f['route'] ?? null, $f['reason']);
        if ($outcome->state !== OwedState::Unknown) {
            foreach (['question', 'yes', 'no'] as $name) {
                if (isset($f[$name])) {
                    throw InvalidInput::because($f[$name]->path(), 'rules.question-out-of-place');
                }
            }
        }

        return new OwedRule(
            $operation,
            $outcome,
            $f['source']->line(),
            isset($f['question']) ? $f['question']->line() : null,
            isset($f['yes']) ? self::answered($f['yes']) : null,
            isset($f['no']) ? self::answered($f['no']) : null,
            new RuleScope(
                self::words($f['kinds'] ?? null, CarSensor::KINDS),
                self::words($f['behind'] ?? null, CarSensor::BEHIND),
                isset($f['at']) ? $f['at']->oneOf(RuleScope::AT) : 'itself',
            ),
        );
    }

    private static function answered(Node $node): OwedOutcome
    {
        $f = $node->fields(['state', 'reason'], ['route']);
        $outcome = self::outcome($f['state'], $f['route'] ?? null, $f['reason']);
        if ($outcome->state === OwedState::Unknown) {
            throw InvalidInput::because($f['state']->path(), 'rules.answer-unknown');
        }

        return $outcome;
    }

    private static function outcome(Node $state, ?Node $route, Node $reason): OwedOutcome
    {
        return new OwedOutcome(
            OwedState::from($state->oneOf(array_column(OwedState::cases(), 'value'))),
            $route === null ? null : Route::from($route->oneOf(array_column(Route::cases(), 'value'))),
            $reason->line(),
        );
    }

    /**
     * @param list<string> $known
     *
     * @return list<string>
     */
    public static function words(?Node $node, array $known): array
    {
        return array_map(static fn(Node $word): string => $word->oneOf($known), $node === null ? [] : $node->items());
    }
}
