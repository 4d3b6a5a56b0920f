<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Practice\SeededNoise;

/**
 * The shipped scenarios with every hidden figure drawn anew, each by its seed.
 *
 * @phpstan-type Truth array{seed: int, shifts: array<string, array{float, float}>, stand: array<string, float>, targetHeight: float, mount: array{azimuth: float, elevation: float}, zero: array{azimuth: float, elevation: float}, screws: array{gains: array{float, float}, backlash?: float, bent?: bool}, coverLoss: float, clutter: array{level: float, bearing: float}, floorBelow: float, voltage: float, door: bool, code: string, otherTarget: float, fault?: string}
 * @phpstan-type ScenarioFile array{title: string, vehicle: string, card: string, sensor: string, operations: list<string>, truth: Truth, bay: string, sFloor?: float, changed?: array<string, mixed>}
 */
final class Variations
{
    /** @return ScenarioFile as it ships */
    public static function file(string $name): array
    {
        /** @var ScenarioFile $file */
        $file = (array) json_decode((string) file_get_contents(dirname(__DIR__, 3) . "/database/demo/scenarios/$name.json"), true);

        return $file;
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(string $path): string => basename($path, '.json'), glob(dirname(__DIR__, 3) . '/database/demo/scenarios/*.json') ?: []);
    }

    /** @return ScenarioFile the same kind of trouble with another truth */
    public static function of(string $name, int $seed): array
    {
        $file = self::file($name);
        $noise = new SeededNoise($seed);
        $between = static fn(string $for, float $low, float $high): float => $low + ($high - $low) * $noise->even($for);
        $side = static fn(string $for): int => $noise->even("side $for") < 0.5 ? -1 : 1;
        $truth = $file['truth'];
        $truth['seed'] = $seed;
        foreach (array_keys($truth['shifts']) as $point) {
            $truth['shifts'][$point] = [round(0.8 * $noise->draw("$point x"), 2), round(0.8 * $noise->draw("$point y"), 2)];
        }
        $truth['stand'] = ['along' => $between('along', -40, 40), 'across' => $between('across', -25, 25), 'turn' => $between('turn', -1.5, 1.5)];
        $truth['targetHeight'] += $between('height', -6, 6);
        // About the limits of the demo cards, on either side of them.
        $truth['mount'] = ['azimuth' => $between('azimuth', -0.4, 0.4), 'elevation' => $between('elevation', -0.4, 0.4)];
        $off = static fn(float $least, float $most): array => ['azimuth' => $side('azimuth') * $between('off', $least, $most), 'elevation' => $side('elevation') * $between('off elevation', 0.0, 1.4)];
        switch ($name) {
            case 'plain-screws':
                $truth['mount'] = $off(0.0, 2.0);
                break;
            case 'backlash':
                $truth['mount'] = $off(0.6, 2.0);
                $truth['screws'] = ['gains' => [$between('first', 0.82, 1.18), $between('second', 0.82, 1.18)], 'backlash' => $between('backlash', 0.0, 0.5)];
                break;
            case 'bent-bracket':
                $truth['mount'] = $off(1.0, 2.2);
                $truth['screws']['gains'] = [$between('first', 0.05, 0.4), $between('second', 0.05, 0.4)];
                break;
            case 'no-adjuster':
                // Nothing can be turned: what is outside the limit goes back, what is inside is proven.
                $truth['mount'] = ['azimuth' => $side('azimuth') * $between('off', 0.0, 1.6), 'elevation' => $between('elevation', -0.2, 0.2)];
                if (abs($truth['mount']['azimuth']) <= 0.35) {
                    unset($truth['fault']);
                }
                break;
            case 'zero-used-up':
                $hidden = $side('hidden');
                $truth['zero']['azimuth'] = round($hidden * $between('zero', 0.5, 0.9), 2);
                $truth['mount'] = ['azimuth' => -$hidden * $between('mount', 1.25, 1.9), 'elevation' => $between('elevation', -0.2, 0.2)];
                break;
            case 'electronic':
                $truth['mount'] = ['azimuth' => $side('azimuth') * $between('off', 0.0, 1.05), 'elevation' => $between('elevation', -0.9, 0.9)];
                break;
            case 'thick-paint':
                $truth['coverLoss'] = $between('loss', 3.4, 6.5);
                break;
            case 'clutter':
                $truth['clutter'] = ['level' => $between('level', -9, 0), 'bearing' => $side('bearing') * $between('bearing', 0.8, 3.5)];
                break;
            case 'drain-floor':
                $truth['floorBelow'] = $side('below') * $between('below', 8, 30);
                $file['sFloor'] = $between('stated', 5, 12);
                break;
            case 'weak-supply':
                $truth['voltage'] = $between('voltage', 10.8, 11.8);
                break;
            case 'door-open':
                if ($noise->even('code') < 0.5) {
                    $truth['door'] = false;
                    $truth['code'] = 'U1510';
                }
                break;
            case 'wrong-target':
                $truth['otherTarget'] = -$between('other', 6.8, 13);
                break;
            default:
                throw new \LogicException("Nobody varies \"$name\".");
        }
        $file['truth'] = $truth;

        return $file;
    }
}
