<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\ShopRules\Condition;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Journal\ConditionAnswered;

/** The preconditions of an order: those of the shop's table and those of the cards, asked once where they mean the car (need J6). */
final class ConditionList
{
    /** @return list<ConditionState> the car's first */
    public static function of(OrderState $state): array
    {
        $forCar = [];
        $forSensors = [];
        foreach ($state->sheet->sensors as $sensor) {
            if (($state->owed[$sensor->id] ?? null)?->state === OwedState::NotOwed) {
                continue;
            }
            foreach (self::ofSensor($state, $sensor) as $condition) {
                if ($condition->perSensor) {
                    $forSensors[] = ConditionState::of($condition, $sensor->id, self::answer($state, $condition, $sensor->id), $state->sheet);
                } elseif (! isset($forCar[$condition->id]) || ($condition->blocks && ! $forCar[$condition->id]->condition->blocks)) {
                    $forCar[$condition->id] = ConditionState::of($condition, null, self::answer($state, $condition, null), $state->sheet);
                }
            }
        }

        return [...array_values($forCar), ...$forSensors];
    }

    /**
     * What one sensor's run asks for.
     *
     * @return list<Condition> the card's first
     */
    public static function ofSensor(OrderState $state, CarSensor $sensor): array
    {
        $shop = [];
        foreach ($state->context->shop->conditions as $condition) {
            $shop[$condition->id] = $condition;
        }
        $card = $state->context->cards[$sensor->id] ?? null;
        $list = [];
        foreach ($card->preparation ?? [] as $item) {
            $list[$item->id] = self::merged($item, $shop[$item->id] ?? null, $card->source ?? '');
        }
        foreach ($shop as $id => $condition) {
            if (! isset($list[$id]) && ($condition->kinds === [] || in_array($sensor->kind, $condition->kinds, true))) {
                $list[$id] = $condition;
            }
        }

        return array_values($list);
    }

    private static function answer(OrderState $state, Condition $condition, ?string $sensor): ?ConditionAnswered
    {
        return $state->record->conditions['condition ' . $condition->id . ($sensor === null ? '' : " $sensor")] ?? null;
    }

    /** The card's words and strictness, with the values the shop's table has for the same thing. */
    private static function merged(PreparationItem $item, ?Condition $shop, string $source): Condition
    {
        return new Condition(
            id: $item->id,
            question: $item->question,
            perSensor: $shop->perSensor ?? true,
            blocks: $item->blocks || ($shop->blocks ?? false),
            why: $item->why,
            values: $shop->values ?? [],
            sag: $shop?->sag,
            kinds: [],
            source: $source,
        );
    }
}
