<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

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
     * @return list<array{title: string, note: string, rows: list<array{what: string, value: float, reads: string}>}>
     */
    public static function ways(TaskContext $context, MeasuringPlan $plan): array
    {
        $ground = $plan->ground;
        $at = $plan->nominal();
        $distance = static fn(string $from, string $to): float => hypot($at->x[$to] - $at->x[$from], $at->y[$to] - $at->y[$from]);
        $tape = static fn(string $what, string $from, string $to): array => ['what' => $what, 'value' => $distance($from, $to), 'reads' => 'length'];
        [$near, $far] = [Common::end($ground), Common::otherEnd($ground)];
        $bearing = rad2deg(atan2($at->y['target'] - $at->y['sensor'], $at->x['target'] - $at->x['sensor']));
        // Off straight ahead or straight behind, whichever the spot is nearer to: as a person sights along the car.
        $off = $ground->isAhead ? $bearing : Angle::degrees(deg2rad($bearing - 180));

        return [
            [
                'title' => 'Along the line and off it',
                'note' => sprintf('From the %s mark, with the line laid through both marks.', $near),
                'rows' => [
                    ['what' => sprintf('%s mark along the line, %s the car', ucfirst($near), $ground->isAhead ? 'ahead of' : 'behind'), 'value' => abs($at->x['target'] - $at->x[$ground->nearMark]), 'reads' => 'length'],
                    ['what' => 'then square off the line', 'value' => $at->y['target'], 'reads' => 'sided'],
                ],
            ],
            [
                'title' => 'Two tapes from the hubs',
                'note' => sprintf('From the %s hub marks on the floor; where both tapes meet is the spot.', $near),
                'rows' => [$tape("Left $near hub", $ground->nearHubs[0], 'target'), $tape("Right $near hub", $ground->nearHubs[1], 'target')],
            ],
            [
                'title' => 'Diagonals to check it',
                'note' => sprintf('From the %s hub marks: a spot laid out right answers to both.', $far),
                'rows' => [$tape("Left $far hub", $ground->farHubs[0], 'target'), $tape("Right $far hub", $ground->farHubs[1], 'target')],
            ],
            [
                'title' => 'Range and angle from the sensor',
                'note' => 'From the foot of the sensor\'s face, plumbed.',
                'rows' => [
                    $tape('Range', 'sensor', 'target'),
                    ['what' => $ground->isAhead ? 'off straight ahead' : 'off straight behind', 'value' => $off, 'reads' => $ground->isAhead ? 'angle-ahead' : 'angle-behind'],
                ],
            ],
        ];
    }

    /**
     * What each reading of each school should come to with the stand on the spot.
     *
     * @return list<array{school: School, hindrance: string|null, rows: list<array{call: Call, value: float}>}>
     */
    public static function schools(MeasuringPlan $plan): array
    {
        $sheet = [];
        foreach ($plan->all() as ['school' => $school, 'hindrance' => $hindrance, 'calls' => $calls]) {
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
