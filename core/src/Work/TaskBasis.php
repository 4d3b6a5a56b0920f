<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\SetUp\TaskContext;

/** What one sensor task of an order rests on, out of what the order has come to. */
final class TaskBasis
{
    /**
     * @param Bay         $bay           as it was surveyed, from no car
     * @param list<float> $earlierLevels echo levels of earlier accepted tasks by the same card, dB
     * @param RuleSet     $rules         by which it is judged
     */
    public static function of(OrderState $order, string $sensor, ProcedureCard $card, Kit $kit, Bay $bay, array $earlierLevels, RuleSet $rules = RuleSet::NOW): TaskContext
    {
        return new TaskContext(
            card: $card,
            sheet: $order->sheet,
            kit: $kit,
            bay: $bay->seenFrom($order->record->stance->stance ?? new Stance()),
            operations: array_keys($order->record->operations),
            sensor: $order->sheet->sensor($sensor),
            order: $order->forTask($sensor, $rules),
            earlierLevels: $earlierLevels,
            rules: $rules,
        );
    }
}
