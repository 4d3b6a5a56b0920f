<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\SplitFromStand;

use Lumbro\Core\Catalogue\Card\PreparationItem;
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

    public function name(): string
    {
        return 'Split from the stand';
    }

    public function hindrance(Ground $ground): ?string
    {
        return $ground->isPolar() ? 'A spot by range and bearing lies off the line: the stand cannot look along it.' : null;
    }

    public function materials(): array
    {
        return ['vertical laser on the stand', 'plumb bob', 'tape', 'rule'];
    }

    public function failures(): array
    {
        return [
            'Aim and distance disturb each other: correct one, read the other again.',
            'Levelling the stand moves the laser plane.',
            'Without a far mark the aim rests on a substitute.',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [
            LineSteps::mark($ground, 'front'),
            LineSteps::mark($ground, 'rear'),
            new PreparationItem('line-plumb-laser', 'Stand laser checked plumb and on the stand\'s middle', true, 'A laser off the stand\'s middle aims every stand beside the line.'),
        ];
    }

    public function calls(Ground $ground): array
    {
        $end = Common::end($ground);

        return [
            Common::square($ground),
            Common::strike($ground, 'split-far', sprintf('Far split, %s mark', Common::otherEnd($ground)), sprintf('Stand laser under the car: how far beside the %s mark it strikes', Common::otherEnd($ground)), $ground->farMark),
            Common::tape($ground, 'reach', 'Distance held', sprintf('Level tape, %s mark to the point plumbed under the target', $end), $ground->nearMark, 'target'),
            Common::hubTape($ground, 0),
            Common::hubTape($ground, 1),
        ];
    }
}
