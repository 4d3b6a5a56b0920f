<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\ShopRules\OwedOutcome;
use Lumbro\Core\Catalogue\ShopRules\OwedRule;
use Lumbro\Core\Catalogue\ShopRules\OwedRules;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\Route;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Journal\OwedAnswered;
use Lumbro\Core\Message\Message;

/**
 * Whether a sensor is owed a calibration after the operations done, and why (need J1).
 *
 * The card's rules come first; where it has none for an operation, the shop's table speaks, and where that has none
 * either, it is unknown. Owed outweighs unknown, unknown outweighs not owed.
 */
final readonly class Owed
{
    private const WEIGHT = ['owed' => 0, 'unknown' => 1, 'not-owed' => 2];

    /** @param list<OwedReason> $reasons the weightiest first */
    private function __construct(public OwedState $state, public ?Route $route, public array $reasons) {}

    /**
     * @param list<Operation>             $operations what was done to the car, or is to be done
     * @param ProcedureCard|null          $card       the sensor's card, where there is one
     * @param OwedRules                   $shop       the shop's default table
     * @param array<string, OwedAnswered> $answers    operation → what somebody said to its question
     */
    public static function after(array $operations, CarSensor $sensor, ?ProcedureCard $card, OwedRules $shop = new OwedRules(), array $answers = []): self
    {
        $reasons = [];
        foreach ($operations as $operation) {
            $answer = $answers[$operation->text()] ?? null;
            $rules = $card === null ? [] : self::speaking($card->rules, $operation, $sensor);
            if ($rules === []) {
                $rules = self::speaking($shop, $operation, $sensor);
            }
            foreach ($rules as $rule) {
                $reasons[] = self::reason($operation, $rule, $answer);
            }
            if ($rules === []) {
                $reasons[] = self::withoutRule($operation, $card, $answer);
            }
        }
        usort($reasons, static fn(OwedReason $a, OwedReason $b): int => self::WEIGHT[$a->outcome->state->value] <=> self::WEIGHT[$b->outcome->state->value]);
        $routes = [];
        $static = false;
        foreach ($reasons as $reason) {
            if ($reason->outcome->state === OwedState::Owed) {
                $routes[] = $reason->outcome->route ?? Route::Static;
                $static = $static || $reason->operation->needsStatic();
            }
        }

        return new self($reasons[0]->outcome->state ?? OwedState::NotOwed, Route::together($routes, $static), $reasons);
    }

    /** @return list<OwedReason> those whose question nobody has answered */
    public function questions(): array
    {
        return array_values(array_filter($this->reasons, static fn(OwedReason $reason): bool => $reason->outcome->state === OwedState::Unknown));
    }

    /** @return list<OwedRule> */
    private static function speaking(OwedRules $rules, Operation $operation, CarSensor $sensor): array
    {
        return array_values(array_filter($rules->about($operation->code), static fn(OwedRule $rule): bool => $rule->scope->covers($sensor, $operation)));
    }

    private static function reason(Operation $operation, OwedRule $rule, ?OwedAnswered $answer): OwedReason
    {
        if ($rule->outcome->state !== OwedState::Unknown) {
            return new OwedReason($operation, $rule->outcome, $rule->source);
        }
        $answered = match ($answer?->answer) {
            'yes' => $rule->yes,
            'no' => $rule->no,
            'owed', 'not-owed' => self::decided($answer),
            default => null,
        };
        $question = $rule->question ?? Message::of('owed.maker-question');

        return $answered === null
            ? new OwedReason($operation, $rule->outcome, $rule->source, $question, $rule->yes !== null && $rule->no !== null)
            : new OwedReason($operation, $answered, $answer->source ?? $rule->source, $question, $rule->yes !== null, $answer);
    }

    private static function withoutRule(Operation $operation, ?ProcedureCard $card, ?OwedAnswered $answer): OwedReason
    {
        $question = Message::of('owed.maker-question');
        if ($answer !== null && ($answer->answer === 'owed' || $answer->answer === 'not-owed')) {
            return new OwedReason($operation, self::decided($answer), $answer->source ?? '', $question, false, $answer);
        }
        $source = $card === null ? Message::of('owed.no-card') : Message::of('owed.card-silent', ['source' => $card->source, 'edition' => $card->edition]);

        return new OwedReason($operation, new OwedOutcome(OwedState::Unknown, null, Message::of('owed.no-rule')), $source, $question);
    }

    /** What the maker's information said, as somebody read it. */
    private static function decided(OwedAnswered $answer): OwedOutcome
    {
        return $answer->answer === 'owed'
            ? new OwedOutcome(OwedState::Owed, $answer->route ?? Route::Static, Message::of('owed.read-by', ['person' => $answer->person]))
            : new OwedOutcome(OwedState::NotOwed, null, Message::of('owed.read-by', ['person' => $answer->person]));
    }
}
