<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Practice;

use Lumbro\Core\Practice\Roughness;
use Lumbro\Core\Tests\Support\Draws;
use Lumbro\Core\Tests\Support\RoughShop;
use PHPUnit\Framework\TestCase;

/**
 * Shops in which more goes wrong than the survey's model knows of, all of it at once: what the advice leads to (need J43).
 *
 * @phpstan-import-type Outcome from RoughShop
 */
final class RoughShopTest extends TestCase
{
    public function testWhatIsProvenIsInsideAndAGoodCarIsNotSentBack(): void
    {
        $each = Draws::of(2000, 3);
        $outcomes = $covered = [];
        foreach (RoughShop::CARS as $k => $car) {
            for ($i = 0; $i < $each; $i++) {
                $outcomes[] = $outcome = RoughShop::work($car, 31 * (5000 + $i) + $k, new Roughness());
                array_push($covered, ...array_values($outcome['covered']));
            }
        }
        $proven = array_filter($outcomes, static fn(array $one): bool => $one['end'] === 'aligned');
        $wrong = array_filter($proven, static fn(array $one): bool => $one['beyond']);
        $good = array_filter($outcomes, static fn(array $one): bool => $one['good']);
        $back = array_filter($good, static fn(array $one): bool => $one['end'] === 'sent-back');
        $easy = array_filter($outcomes, static fn(array $one): bool => $one['easy']);
        $easily = array_filter($easy, static fn(array $one): bool => $one['end'] === 'aligned');
        $stuck = array_filter($outcomes, static fn(array $one): bool => ! in_array($one['end'], ['aligned', 'accepted', 'sent-back'], true));
        $said = sprintf(
            "%d cars, %d proven, %d of those outside by more than a tenth; %d of %d good ones sent back; %d of %d easy ones proven; %.3f of the intervals true; %d without an end\n%s",
            count($outcomes),
            count($proven),
            count($wrong),
            count($back),
            count($good),
            count($easily),
            count($easy),
            count(array_filter($covered)) / max(1, count($covered)),
            count($stuck),
            self::told([...$wrong, ...$back, ...$stuck]),
        );
        self::assertNotEmpty($proven, $said);
        self::assertLessThanOrEqual(0.005 * count($proven), count($wrong), $said);
        // In a short draw one of a few is more than the share of many.
        self::assertLessThanOrEqual(max(1.0, 0.02 * count($good)), count($back), $said);
        self::assertGreaterThanOrEqual(min(count($easy) - 1, 0.9 * count($easy)), count($easily), $said);
        self::assertGreaterThanOrEqual($each >= 100 ? 0.9 : 0.8, count(array_filter($covered)) / count($covered), $said);
        self::assertLessThanOrEqual(max(1.0, 0.02 * count($outcomes)), count($stuck), $said);
    }

    public function testAStandIsNotMovedAgainWhereMeasuringOnTakesLess(): void
    {
        $moves = [];
        for ($seed = 1; $seed <= 7; $seed++) {
            $moves[] = substr_count(RoughShop::work(RoughShop::CARS[1], 31 * $seed, new Roughness())['did'] . ',', 'move,');
        }
        sort($moves);
        self::assertLessThanOrEqual(2, $moves[3], 'Moves of each car: ' . implode(', ', $moves));
    }

    /** @param list<Outcome> $outcomes */
    private static function told(array $outcomes): string
    {
        return implode("\n", array_map(static fn(array $one): string => "{$one['card']} {$one['seed']}: {$one['end']} after {$one['did']}", array_slice($outcomes, 0, 8)));
    }
}
