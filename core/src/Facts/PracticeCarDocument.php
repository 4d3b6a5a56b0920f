<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\Fault;
use Lumbro\Core\Exercise\FaultKind;
use Lumbro\Core\Exercise\Faults;
use Lumbro\Core\Exercise\Model;
use Lumbro\Core\Exercise\Order\OrderFaults;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Practice\World;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\TaskContext;

/** A simulated car for whoever makes it: its document, what is wrong with it, and both drawn. */
final class PracticeCarDocument
{
    private const POINTS = ['target', 'frontMark', 'rearMark', 'sensor'];

    /** @return array<string, mixed> (openapi.yaml, "PracticeCar") */
    public static function write(TaskContext $context, PracticeCar $car, Model $model): array
    {
        $plan = new MeasuringPlan($context, []);
        $true = World::of($context, $car->truth, [])->truth;
        $nominal = $plan->nominal();

        return [
            'car' => Document::write($car),
            'faults' => array_map(static fn(Fault $fault): array => ['kind' => $fault->kind->value, 'at' => $fault->at, 'says' => $fault->said(), 'who' => $fault->who], Faults::of($car->truth, $context->cardSensor)),
            'possible' => array_map(static fn(FaultKind $kind): array => ['id' => $kind->value, 'says' => $kind->said()], $car->isOrder() ? [] : CarDraw::possible($model)),
            'limits' => ['azimuth' => $context->cardSensor->limitAzimuth, 'elevation' => $context->cardSensor->limitElevation],
            'asks' => array_map(static fn($item): array => ['id' => $item->id, 'question' => $item->question], $context->preparation),
            'calls' => array_values(array_map(static fn($call): array => ['id' => $call->id, 'title' => $call->title(), 'reads' => $call->reads->value], array_filter($plan->takable(), static fn($call): bool => $call->details->of === null))),
            'schools' => array_map(static fn(string $school): array => ['id' => $school, 'says' => Message::of("school.$school")], $context->card->schools === [] ? ProcedureCard::SCHOOLS : $context->card->schools),
            // Of a car whose trap is in its order; null of one at a target.
            'order' => $car->isOrder() ? OrderFaults::said($car, $context->sheet) : null,
            'plan' => PlanDrawing::of($context, new SetUp($context, $plan, [])),
            'places' => array_values(array_map(static fn(string $point): array => [
                'point' => $point,
                'says' => Message::of("reckoning.place.$point"),
                'believed' => [$nominal->x[$point], $nominal->y[$point]],
                'true' => [$true->x[$point], $true->y[$point]],
            ], array_filter(self::POINTS, static fn(string $point): bool => isset($nominal->x[$point], $true->x[$point])))),
        ];
    }
}
