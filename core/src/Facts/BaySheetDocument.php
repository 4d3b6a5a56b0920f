<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Exercise\Fault;
use Lumbro\Core\Exercise\FaultKind;
use Lumbro\Core\Exercise\Faults;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Practice\World;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\TaskContext;

/**
 * An invented car laid out on a bay's floor with tape and chalk, to be measured with real tapes: one sheet for whoever lays
 * it out, with the answers, and one for who measures it. mm from the middle of the rear axle, forward and to the car's left.
 */
final class BaySheetDocument
{
    /** Points of the car to be chalked or taped on the floor, in the order of laying them out. */
    private const POINTS = ['RL', 'RR', 'FL', 'FR', 'rearMark', 'frontMark', 'sensor', 'stand', 'target'];

    /** @return array<string, mixed> (openapi.yaml, "BaySheet") */
    public static function write(TaskContext $context, PracticeCar $car): array
    {
        $plan = new MeasuringPlan($context, []);
        $world = World::of($context, $car->truth, []);
        $nominal = $plan->nominal();
        $points = $answers = [];
        foreach (self::POINTS as $point) {
            if (isset($world->truth->x[$point])) {
                [$x, $y] = [$world->truth->x[$point], $world->truth->y[$point]];
                $points[] = [
                    'says' => Message::of("bay-sheet.point.$point"),
                    'forward' => round($x),
                    'left' => round($y),
                    'moved' => isset($nominal->x[$point]) && hypot($x - $nominal->x[$point], $y - $nominal->y[$point]) >= 1.0,
                ];
            }
        }
        foreach ($plan->calls() as $call) {
            $answers[] = self::answer($call, $world);
        }

        return [
            'title' => $car->title,
            'card' => $context->card->title,
            'sensor' => $context->sensor->name,
            'spot' => ['datum' => $context->spot->datum, 'height' => $context->spot->height, 'heightDatum' => $context->spot->heightDatum],
            'cautions' => $context->card->cautions,
            'heights' => [
                'target' => round($world->targetHeight), 'sensor' => round($car->truth->sensorHeight),
            ],
            'points' => $points,
            'calls' => array_map(static fn(Call $call): array => ['title' => $call->title(), 'instruction' => $call->instruction()], array_values($plan->calls())),
            'answers' => $answers,
            'prepare' => array_values(array_filter(array_map(static fn(Fault $fault): ?Message => self::prepare($fault), Faults::of($car->truth, $context->cardSensor)))),
            'faults' => array_map(static fn(Fault $fault): Message => $fault->said(), Faults::of($car->truth, $context->cardSensor)),
            'axis' => [
                'azimuth' => RunDocument::degrees('azimuth', $car->truth->mountAzimuth + $car->truth->zeroAzimuth, $context->sensor->looksBack()),
                'elevation' => RunDocument::degrees('elevation', $car->truth->mountElevation + $car->truth->zeroElevation, $context->sensor->looksBack()),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function answer(Call $call, World $world): array
    {
        return ['title' => $call->title(), 'reads' => $call->reads->value, 'value' => $world->shown($call)];
    }

    /** What the trainer does beside the chalk; null where the layout holds it already. */
    private static function prepare(Fault $fault): ?Message
    {
        return match ($fault->kind) {
            FaultKind::Tape => Message::of('bay-sheet.tape', ['size' => $fault->size ?? Quantity::mm(0.0)]),
            FaultKind::Rule => Message::of('bay-sheet.rule', ['size' => $fault->size ?? Quantity::mm(0.0)]),
            FaultKind::Slip => Message::of('bay-sheet.slip', ['size' => $fault->size ?? Quantity::mm(0.0), 'call' => Message::of('bay-sheet.call', ['call' => $fault->at])]),
            FaultKind::Floor => Message::of('bay-sheet.floor', ['size' => $fault->size ?? Quantity::mm(0.0)]),
            FaultKind::Word => Message::of('bay-sheet.word', ['who' => $fault->who, 'item' => $fault->at]),
            FaultKind::Mark, FaultKind::Thrust => null,
            default => Message::of('bay-sheet.tool', ['fault' => $fault->said()]),
        };
    }
}
