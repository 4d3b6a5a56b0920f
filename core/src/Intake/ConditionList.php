<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\ShopRules\Condition;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Journal\ConditionAnswered;

/** The preconditions of an order: those of the shop's table and those of the cards, asked once where they mean the car (need J6). */
final class ConditionList
{
    /**
     * @param VehicleSheet                     $sheet     the car's, with what was measured on it
     * @param array<string, ConditionAnswered> $answers   as the record has them
     * @param list<CarSensor>                  $concerned sensors that are owed a calibration, or may be
     *
     * @return list<ConditionState> the car's first
     */
    public static function of(OrderContext $context, VehicleSheet $sheet, array $answers, array $concerned): array
    {
        $forCar = [];
        $forSensors = [];
        foreach ($concerned as $sensor) {
            foreach (self::ofSensor($context, $sensor) as $condition) {
                if ($condition->perSensor) {
                    $forSensors[] = ConditionState::of($condition, $sensor->id, self::answer($answers, $condition, $sensor->id), $sheet);
                } elseif (! isset($forCar[$condition->id]) || ($condition->blocks && ! $forCar[$condition->id]->condition->blocks)) {
                    $forCar[$condition->id] = ConditionState::of($condition, null, self::answer($answers, $condition, null), $sheet);
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
    public static function ofSensor(OrderContext $context, CarSensor $sensor): array
    {
        $shop = [];
        foreach ($context->shop->conditions as $condition) {
            $shop[$condition->id] = $condition;
        }
        $card = $context->cards[$sensor->id] ?? null;
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

    /** @param array<string, ConditionAnswered> $answers */
    private static function answer(array $answers, Condition $condition, ?string $sensor): ?ConditionAnswered
    {
        return $answers['condition ' . $condition->id . ($sensor === null ? '' : " $sensor")] ?? null;
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
