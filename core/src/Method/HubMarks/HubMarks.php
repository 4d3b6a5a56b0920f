<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\HubMarks;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\CallDetails;
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

    public function hindrance(Ground $ground): ?Message
    {
        return null;
    }

    public function materials(): array
    {
        return ['plumb-bob', 'tape', 'straight-edge'];
    }

    public function failures(): array
    {
        return [
            'turned-wheel',
            'set-back-axle',
            'body-askew',
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
                Common::tape($ground, 'range', 'sensor', 'target', new CallDetails(check: true)),
            ];
        }
        [$left, $right] = $ground->nearHubs;
        $details = new CallDetails(['end' => Common::end($ground)]);

        return [
            Common::barTape($ground, 0),
            Common::barTape($ground, 1),
            Common::tape($ground, 'cross-left', $left, 'barRight', $details),
            Common::tape($ground, 'cross-right', $right, 'barLeft', $details),
        ];
    }
}
