<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Common;
use Lumbro\Core\Method\School;
use Lumbro\Core\Numeric\Angle;

/** The numbers that lay the spot out on the floor before anything stands there, with everything where the sheet has it. */
final class StakeOut
{
    /**
     * Ways to lay it out on the floor itself, tapes level.
     *
     * @return list<array{title: Message, note: Message, rows: list<array{what: Message, value: float, reads: string}>}>
     */
    public static function ways(TaskContext $context, MeasuringPlan $plan): array
    {
        $ground = $plan->ground;
        $at = $plan->nominal();
        $distance = static fn(string $from, string $to): float => hypot($at->x[$to] - $at->x[$from], $at->y[$to] - $at->y[$from]);
        [$near, $far] = [Common::end($ground), Common::otherEnd($ground)];
        $bearing = rad2deg(atan2($at->y['target'] - $at->y['sensor'], $at->x['target'] - $at->x['sensor']));
        // Off straight ahead or straight behind, whichever the spot is nearer to: as a person sights along the car.
        $off = $ground->isAhead ? $bearing : Angle::degrees(deg2rad($bearing - 180));

        $end = ['end' => $near, 'far' => $far];
        $titled = static fn(string $id): array => ['title' => Message::of("stake-out.$id.title", $end), 'note' => Message::of("stake-out.$id.note", $end)];
        $row = static fn(string $id, float $value, string $reads): array => ['what' => Message::of("stake-out.row.$id", $end), 'value' => $value, 'reads' => $reads];
        $tape = static fn(string $id, string $from, string $to): array => $row($id, $distance($from, $to), 'length');

        return [
            [...$titled('line'), 'rows' => [$row('along', abs($at->x['target'] - $at->x[$ground->nearMark]), 'length'), $row('off', $at->y['target'], 'sided')]],
            [...$titled('hubs'), 'rows' => [$tape('near-left', $ground->nearHubs[0], 'target'), $tape('near-right', $ground->nearHubs[1], 'target')]],
            [...$titled('diagonals'), 'rows' => [$tape('far-left', $ground->farHubs[0], 'target'), $tape('far-right', $ground->farHubs[1], 'target')]],
            [...$titled('sensor'), 'rows' => [$tape('range', 'sensor', 'target'), $row('angle', $off, $ground->isAhead ? 'angle-ahead' : 'angle-behind')]],
        ];
    }

    /**
     * What each reading of each school should come to with the stand on the spot.
     *
     * @return list<array{school: School, hindrance: Message|null, rows: list<array{call: Call, value: float}>}>
     */
    public static function schools(MeasuringPlan $plan): array
    {
        $sheet = [];
        foreach ($plan->ways() as ['school' => $school, 'hindrance' => $hindrance, 'calls' => $calls]) {
            $sheet[] = [
                'school' => $school,
                'hindrance' => $hindrance,
                'rows' => array_map(static fn(Call $call): array => ['call' => $call, 'value' => $plan->nominally($call)], $calls),
            ];
        }

        return $sheet;
    }

    /** @return array<string, float> datum of the target → its height over the floor at the spot, mm */
    public static function heights(TaskContext $context, MeasuringPlan $plan): array
    {
        $target = $context->card->target;
        $heights = [];
        foreach (array_keys($target->heights) as $datum) {
            $heights[$datum] = $target->convert($plan->requiredHeight(), $context->spot->heightDatum, $datum);
        }

        return $heights;
    }
}
