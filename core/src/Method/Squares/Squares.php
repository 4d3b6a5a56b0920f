<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\Squares;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\CallDetails;
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

    public function hindrance(Ground $ground): ?Message
    {
        return $ground->isPolar() ? Message::of('hindrance.squares-polar') : null;
    }

    public function materials(): array
    {
        return ['plumb-bob', 'long-tapes', 'bar'];
    }

    public function failures(): array
    {
        return [
            'equal-lengths',
            'sagging-tape',
            'uneven-bar',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [
            LineSteps::mark($ground, $ground->isAhead ? 'front' : 'rear'),
            LineSteps::hubs(! $ground->isAhead),
            LineSteps::own('line-bar'),
        ];
    }

    public function calls(Ground $ground): array
    {
        $near = new CallDetails(['end' => Common::end($ground)]);
        $far = new CallDetails(['end' => Common::otherEnd($ground)]);
        [$left, $right] = $ground->farHubs;

        return [
            Common::tape($ground, 'check-left', $ground->nearMark, 'barLeft', $near),
            Common::tape($ground, 'check-right', $ground->nearMark, 'barRight', $near),
            Common::tape($ground, 'diagonal-left', $left, 'barRight', $far),
            Common::tape($ground, 'diagonal-right', $right, 'barLeft', $far),
        ];
    }
}
