<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Intake\OrderContext;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Intake\RoadFunction;
use Lumbro\Core\Journal\OrderLine;

/** What stands in the order of a simulated car when the learner comes to it: what others wrote, true or not. */
final class AsItCame
{
    private const WHY = 'Practice';

    /**
     * @param \Closure(string, array<string, mixed>): OrderLine $line writes a line of a kind
     *
     * @return list<OrderLine>
     */
    public static function lines(OrderContext $context, PracticeCar $car, \Closure $line): array
    {
        $off = $car->begins === 'intake' ? $car->order->off ?? [] : [];
        $lines = [
            ...array_map(static fn(Operation $operation): OrderLine => $line('operation', ['operation' => $operation->text(), 'state' => 'done']), $car->operations),
            ...array_map(static fn(Cover $cover): OrderLine => $line('cover', ['cover' => $cover->value, 'off' => in_array($cover, $off, true)]), Cover::cases()),
        ];

        return $car->begins === 'close' ? [...$lines, ...self::worked($context, $car, $lines, $line)] : $lines;
    }

    /**
     * What is written of a car whose sensors are done.
     *
     * @param list<OrderLine>                                   $lines
     * @param \Closure(string, array<string, mixed>): OrderLine $line
     *
     * @return list<OrderLine>
     */
    private static function worked(OrderContext $context, PracticeCar $car, array $lines, \Closure $line): array
    {
        $more = [];
        $state = new OrderState($context, $lines);
        foreach ($state->owed as $sensor => $owed) {
            foreach ($owed->questions() as $reason) {
                $answer = $car->order->answers[$reason->operation->text()] ?? 'no';
                $more[] = $line('owed-answer', ['sensor' => $sensor, 'operation' => $reason->operation->text(), ...($reason->canAnswer ? ['answer' => $answer] : ['answer' => 'owed', 'source' => 'Practice'])]);
            }
        }
        $state = new OrderState($context, [...$lines, ...$more]);
        foreach ($state->captures as $capture) {
            $more[] = $line('capture', ['sensor' => $capture->sensor->id, 'item' => $capture->item->id, 'reason' => self::WHY]);
        }
        foreach (RoadFunction::of($state->concerned(), []) as $function) {
            $more[] = $line('road', ['function' => $function->id, 'found' => 'seen', 'driver' => 'Tolly Brask', 'route' => 'Ring road', 'weather' => 'dry']);
        }
        foreach (['pre', 'post'] as $phase) {
            $more[] = $line('scan', ['phase' => $phase, 'origin' => 'tool', 'scan' => ['tool' => 'Practice', 'readAt' => 'before', 'codes' => []]]);
        }

        return [...$more, $line('other-sensor', ['state' => 'none'])];
    }
}
