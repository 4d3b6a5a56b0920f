<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Practice;

use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Practice\Roughness;
use Lumbro\Core\Tests\Support\Follower;
use Lumbro\Core\Tests\Support\Variations;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One gross slip, made again whenever that reading is taken anew, at practice cars that are otherwise easy: it never ends in a wrong proof. */
final class SlipsTest extends TestCase
{
    private const CARS = ['bent-bracket'];

    /** @return iterable<string, array{string, \Closure(Call): float}> */
    public static function slips(): iterable
    {
        foreach (self::CARS as $car) {
            foreach ([25.0, -25.0] as $mm) {
                yield "$car, a rule that reads $mm mm too much" => [$car, static fn(Call $call): float => $call->instrument === 'rule-1' ? $mm : 0.0];
            }
            yield "$car, the spot 40 mm aside of what is read" => [$car, static fn(Call $call): float => $call->id === 'spot-offset' ? 40.0 : 0.0];
            yield "$car, the tape along caught 30 mm short" => [$car, static fn(Call $call): float => $call->id === 'spot-along' ? 30.0 : 0.0];
            yield "$car, the height read to another edge" => [$car, static fn(Call $call): float => $call->id === 'height' ? 25.0 : 0.0];
        }
    }

    /** @param \Closure(Call): float $slip */
    #[DataProvider('slips')]
    public function testItIsFoundOrNothingIsProvenByIt(string $car, \Closure $slip): void
    {
        $follower = Follower::at(Variations::file($car), slip: $slip);
        try {
            $follower->work();
        } catch (\LogicException) {
            // Nothing more can be measured, and nothing was proven.
        }
        self::assertTrue($follower->end() !== 'aligned' || $follower->truth()->isAligned(), implode(', ', $follower->did));
    }

    /** Read right when it is asked for again, it ends as any other car; the search for the set-up does not give up on it. */
    public function testACheckTapeThatSlippedOnceIsAskedForAgain(): void
    {
        $reads = 0;
        $slip = static function (Call $call) use (&$reads): float {
            return $call->id === 'check-left' && $reads++ === 0 ? 35.0 : 0.0;
        };
        $follower = Follower::at([
            'title' => 'A car', 'vehicle' => 'marrow-field', 'card' => 'marrow-field-front', 'sensor' => 'front', 'operations' => ['bracket-changed@front'], 'bay' => 'Bay 1',
            'changed' => ['enteredBy' => 'Oda', 'checkedBy' => 'Bram'],
            'truth' => [
                'seed' => 4, 'shifts' => ['sensor' => [0.0, 0.0]], 'stand' => ['along' => 20.0, 'across' => -12.0, 'turn' => 0.8], 'targetHeight' => 690.0, 'sensorHeight' => 688.0,
                'mount' => ['azimuth' => 0.1, 'elevation' => 0.1], 'echoLevel' => 24.0, 'hands' => ['mm' => 0.7, 'degrees' => 0.03],
            ],
        ], new Policy(), new Roughness([], 0.0), $slip);
        self::assertSame('aligned', $follower->work()->end(), implode(', ', $follower->did));
        self::assertContains('remeasure check-left', $follower->did);
    }

    /** @return iterable<string, array{string, float}> */
    public static function marks(): iterable
    {
        foreach (self::CARS as $car) {
            yield "$car, 25 mm to the left" => [$car, 25.0];
            yield "$car, 25 mm to the right" => [$car, -25.0];
        }
    }

    #[DataProvider('marks')]
    public function testAFrontMarkPlumbedAsideProvesNothingWrong(string $car, float $aside): void
    {
        $file = Variations::file($car);
        $file['truth']['shifts'] = [...(array) $file['truth']['shifts'], 'frontMark' => [0.0, $aside]];
        $follower = Follower::at($file);
        try {
            $follower->work();
        } catch (\LogicException) {
            // Nothing more can be measured, and nothing was proven.
        }
        self::assertTrue($follower->end() !== 'aligned' || $follower->truth()->isAligned(), implode(', ', $follower->did));
    }
}
