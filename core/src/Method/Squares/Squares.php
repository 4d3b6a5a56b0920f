<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\Squares;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Method\Common;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\Method\LineSteps;
use Lumbro\Core\Method\School;

/** A square to the line by equal lengths from the near mark, proven by the diagonals from the far hubs (need J13). */
final readonly class Squares implements School
{
    public function id(): string
    {
        return 'squares';
    }

    public function name(): string
    {
        return 'Squares and diagonals';
    }

    public function hindrance(Ground $ground): ?string
    {
        return $ground->isPolar() ? 'A spot by range and bearing lies off the line: no bar stands square to it.' : null;
    }

    public function materials(): array
    {
        return ['plumb bob', 'two long tapes', 'bar'];
    }

    public function failures(): array
    {
        return [
            'Equal lengths alone leave the bar free to swing about the mark.',
            'A sagging tape reads long.',
            'A bar not marked evenly from its middle makes equal lengths unequal.',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [
            LineSteps::mark($ground, $ground->isAhead ? 'front' : 'rear'),
            LineSteps::hubs(! $ground->isAhead),
            new PreparationItem('line-bar', 'Bar marked at equal lengths from its middle, its ends plumbed to the floor', true, 'An uneven bar turns equal lengths into an angle.'),
        ];
    }

    public function calls(Ground $ground): array
    {
        $near = Common::end($ground);
        $far = Common::otherEnd($ground);
        [$left, $right] = $ground->farHubs;

        return [
            Common::tape($ground, 'check-left', 'Equal length, left', ucfirst("$near mark to the point under the bar's end on the car's left"), $ground->nearMark, 'barLeft'),
            Common::tape($ground, 'check-right', 'Equal length, right', ucfirst("$near mark to the point under the bar's end on the car's right"), $ground->nearMark, 'barRight'),
            Common::tape($ground, 'diagonal-left', 'Diagonal from the left', "Left $far hub mark to the point under the bar's end on the car's right", $left, 'barRight'),
            Common::tape($ground, 'diagonal-right', 'Diagonal from the right', "Right $far hub mark to the point under the bar's end on the car's left", $right, 'barLeft'),
        ];
    }
}
