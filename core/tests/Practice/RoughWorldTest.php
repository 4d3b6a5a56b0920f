<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Practice;

use Lumbro\Core\Practice\Roughness;
use Lumbro\Core\Tests\Support\RoughShop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The bay in which everything is a little wrong: each error by itself, and none at all. */
final class RoughWorldTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function errors(): iterable
    {
        foreach (Roughness::ERRORS as $error) {
            yield $error => [$error];
        }
    }

    #[DataProvider('errors')]
    public function testEachErrorAloneAtTwiceItsSizeProvesNothingThatIsOutside(string $error): void
    {
        foreach ([5, 6] as $k) {
            $outcome = RoughShop::work(RoughShop::CARS[$k], 700 + $k, Roughness::only($error, 2.0));
            self::assertContains($outcome['end'], ['aligned', 'accepted', 'sent-back'], "{$outcome['end']} after {$outcome['did']}");
            self::assertFalse($outcome['end'] === 'aligned' && $outcome['beyond'], $outcome['did']);
        }
    }

    public function testWithoutAnyErrorAnEasyCarIsProvenAndTheSameSeedIsTheSameCar(): void
    {
        $proven = 0;
        $easy = 0;
        for ($seed = 40; $seed < 52; $seed++) {
            $outcome = RoughShop::work(RoughShop::CARS[6], $seed, new Roughness([], 0.0));
            $easy += $outcome['easy'] ? 1 : 0;
            $proven += $outcome['easy'] && $outcome['end'] === 'aligned' ? 1 : 0;
        }
        self::assertGreaterThan(0, $easy);
        self::assertSame($easy, $proven);
        $again = static fn(): array => RoughShop::work(RoughShop::CARS[6], 44, new Roughness());
        self::assertSame($again(), $again());
    }

    public function testAnErrorThatIsNotOnTheListIsAMistake(): void
    {
        $this->expectException(\LogicException::class);
        (new Roughness())->of('gremlins');
    }
}
