<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Catalogue\Vehicle\Mark;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Call;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\TaskContext;

/** The schools a set-up can be measured by, each with its steps, needs, ways of failing and a sketch. */
final class SchoolsDocument
{
    /** @return array<string, mixed> lengths in mm in the vehicle frame */
    public static function write(TaskContext $context, MeasuringPlan $plan): array
    {
        $at = $plan->wholeNominal();
        $listed = $context->card->schools;
        $schools = [];
        foreach ($plan->ways() as ['school' => $school, 'hindrance' => $hindrance, 'calls' => $calls]) {
            $schools[] = [
                'id' => $school->id(),
                'name' => Message::of('school.' . $school->id()),
                'chosen' => in_array($school->id(), $plan->schools, true),
                'listed' => $listed === [] ? null : in_array($school->id(), $listed, true),
                'hindrance' => $hindrance,
                'materials' => array_map(static fn(string $code): Message => Message::of("material.$code"), $school->materials()),
                'failures' => array_map(static fn(string $code): Message => Message::of("failure.$code"), $school->failures()),
                'steps' => $hindrance === null ? array_map(static fn(PreparationItem $step): string|Message => $step->question, $school->steps($plan->ground)) : [],
                'calls' => array_map(static fn(Call $call): array => ['id' => $call->id, 'title' => $call->title(), 'instruction' => $call->instruction(), 'check' => $call->isCheck()], $calls),
                'traces' => array_values(array_filter(array_map(static fn(Call $call): ?array => TraceDrawing::of($call, $at), $calls))),
            ];
        }

        return [
            'schools' => $schools,
            'stand' => ['left' => [$at->x['barLeft'], $at->y['barLeft']], 'right' => [$at->x['barRight'], $at->y['barRight']], 'target' => [$at->x['target'], $at->y['target']]],
            'marks' => array_map(static fn(Mark $mark): array => ['id' => $mark->value, 'says' => $mark->said(), 'across' => $mark->across()], Mark::cases()),
        ];
    }
}
