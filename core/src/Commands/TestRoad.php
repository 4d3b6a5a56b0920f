<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Intake\RoadFunction;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\RoadTested;

/**
 * A function of the car is tried on the road.
 *
 * @extends Command<RoadTested>
 */
final readonly class TestRoad extends Command
{
    public function line(): string
    {
        return RoadTested::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        $known = array_map(static fn(RoadFunction $function): string => $function->id, $now->order()->roadFunctions());
        if (! in_array($line->function, $known, true)) {
            throw InvalidInput::because('/payload/function', 'road.unknown', ['function' => $line->function, 'count' => count($known), 'known' => $known]);
        }
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
