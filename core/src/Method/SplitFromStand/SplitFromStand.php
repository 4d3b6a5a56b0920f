<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\SplitFromStand;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\CallDetails;
use Lumbro\Core\Method\Common;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\Method\LineSteps;
use Lumbro\Core\Method\School;

/** A laser on the stand splits both marks of the car while the distance is held (need J11). */
final readonly class SplitFromStand implements School
{
    public function id(): string
    {
        return 'split-from-stand';
    }

    public function hindrance(Ground $ground): ?Message
    {
        return $ground->isPolar() ? Message::of('hindrance.split-polar') : null;
    }

    public function materials(): array
    {
        return ['vertical-laser', 'plumb-bob', 'tape', 'rule'];
    }

    public function failures(): array
    {
        return [
            'aim-and-distance',
            'levelling',
            'no-far-mark',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [
            LineSteps::mark($ground, 'front'),
            LineSteps::mark($ground, 'rear'),
            LineSteps::own('line-plumb-laser'),
        ];
    }

    public function calls(Ground $ground): array
    {
        $end = Common::end($ground);

        return [
            Common::square($ground),
            Common::strike($ground, 'split-far', $ground->farMark, ['end' => Common::otherEnd($ground)]),
            Common::tape($ground, 'reach', $ground->nearMark, 'target', new CallDetails(['end' => $end])),
            Common::hubTape($ground, 0),
            Common::hubTape($ground, 1),
        ];
    }
}
