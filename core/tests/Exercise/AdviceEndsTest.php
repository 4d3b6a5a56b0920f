<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Exercise;

use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\Learner;
use Lumbro\Core\Exercise\Outcome;
use Lumbro\Core\Tests\Support\DrawnCars;
use PHPUnit\Framework\TestCase;

/** Whoever does what is said comes to an end, also where no reading bounds what could hide. */
final class AdviceEndsTest extends TestCase
{
    public function testAMarkAsideAtARearCarAsksForTheOtherSideOfTheAxleAndNotForMoveAfterMove(): void
    {
        $models = DrawnCars::models();
        $model = $models[47 % count($models)];
        $player = DrawnCars::at(CarDraw::of($model, 47, 1), Learner::Follows)->work();
        self::assertSame('tessara-halyard-rear', $model->name);
        self::assertSame(Outcome::Holds, $player->outcome(), implode(', ', $player->did));
        // One wheel alone does not tell a mark aside from a hub: the other one does.
        self::assertArrayHasKey('hub-offset-FR', $player->state()->setUp->readings);
        self::assertLessThanOrEqual(2, count(array_keys($player->did, 'move', true)));
    }
}
