<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\HubMarks;

use Lumbro\Core\Method\Common;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\Method\LineSteps;
use Lumbro\Core\Method\School;

/** Tapes from both near hubs to the bar's ends, equal when it stands right (need J12). */
final readonly class HubMarks implements School
{
    public function id(): string
    {
        return 'hub-marks';
    }

    public function name(): string
    {
        return 'Hub marks';
    }

    public function hindrance(Ground $ground): ?string
    {
        return null;
    }

    public function materials(): array
    {
        return ['plumb bob', 'tape', 'straight-edge or bar'];
    }

    public function failures(): array
    {
        return [
            'A wheel not straight ahead moves its hub.',
            'A set-back axle turns the bar unseen.',
            'Hubs say nothing of a body that sits askew on them.',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [LineSteps::hubs($ground->isAhead)];
    }

    public function calls(Ground $ground): array
    {
        if ($ground->isPolar()) {
            return [
                Common::hubTape($ground, 0, false),
                Common::hubTape($ground, 1, false),
                Common::square($ground),
                Common::tape($ground, 'range', 'Range from the sensor', 'Sensor face, plumbed, to the point plumbed under the target', 'sensor', 'target', true),
            ];
        }
        [$left, $right] = $ground->nearHubs;
        $end = Common::end($ground);

        return [
            Common::barTape($ground, 0),
            Common::barTape($ground, 1),
            Common::tape($ground, 'cross-left', 'Left hub across to the right end', "Left $end hub mark to the point under the bar's end on the car's right", $left, 'barRight'),
            Common::tape($ground, 'cross-right', 'Right hub across to the left end', "Right $end hub mark to the point under the bar's end on the car's left", $right, 'barLeft'),
        ];
    }
}
