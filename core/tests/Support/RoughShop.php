<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Catalogue\ShopRules\Policy;
use Lumbro\Core\Practice\Roughness;
use Lumbro\Core\Practice\SeededNoise;
use Lumbro\Core\Run\AxisFinding;

/**
 * Cars of the demo's cards in a bay where everything is a little wrong, their true axes on both sides of the limits, each
 * worked on by somebody who follows the advice and knows nothing else.
 *
 * @phpstan-type Outcome array{card: string, seed: int, end: string, inside: bool, beyond: bool, good: bool, easy: bool, covered: array<string, bool>, readings: int, did: string}
 */
final class RoughShop
{
    /** Card, vehicle and sensor of every kind of work the demo has. */
    public const CARS = [
        ['quillon-sable-front', 'quillon-sable', 'front'], ['marrow-field-front', 'marrow-field', 'front'], ['tessara-brink-front', 'tessara-brink', 'front'],
        ['tessara-halyard-front-pair', 'tessara-halyard', 'front-left'], ['quillon-sable-rear', 'quillon-sable', 'rear-left'],
        ['tessara-halyard-rear', 'tessara-halyard', 'rear-left'], ['marrow-field-blind-spot', 'marrow-field', 'blind-left'],
    ];

    /** An axis this far past its limit, as a part of it, and called proven is the worst defect there is. */
    private const BEYOND = 1.1;

    /** A car within this part of its limits is easily proven. */
    private const EASY = 0.6;

    /**
     * @param array{string, string, string} $car one of CARS
     *
     * @return Outcome
     */
    public static function work(array $car, int $seed, Roughness $rough): array
    {
        [$card, $vehicle, $sensor] = $car;
        $written = json_decode((string) json_encode(DemoTask::node("cards/$card.json")->raw()), true);
        assert(is_array($written) && is_array($written['sensor']) && is_array($written['spot']) && is_array($written['echo']));
        $limits = is_array($written['sensor']['limits']) ? $written['sensor']['limits'] : [];
        $limit = static fn(string $axis): ?float => is_numeric($limits[$axis] ?? null) ? (float) $limits[$axis] : null;
        $figure = static fn(mixed $value): float => is_numeric($value) ? (float) $value : 0.0;
        $noise = new SeededNoise($seed);
        $between = static fn(string $for, float $low, float $high): float => $low + ($high - $low) * $noise->even($for);
        $way = is_array($written['adjustment'] ?? null) ? $written['adjustment']['way'] : 'none';
        // What can be turned may be far off; what cannot is about its limit.
        $wide = in_array($way, ['none', 'electronic'], true) ? 1.5 : 3.0;
        $mount = [];
        foreach (AxisFinding::AXES as $axis) {
            $mount[$axis] = $between("mount $axis", -$wide, $wide) * ($limit($axis) ?? 1.0);
        }
        $follower = Follower::at([
            'title' => 'A car', 'vehicle' => $vehicle, 'card' => $card, 'sensor' => $sensor, 'operations' => ["bracket-changed@$sensor"], 'bay' => 'Bay 1',
            'changed' => ['enteredBy' => 'Oda', 'checkedBy' => 'Bram'],
            'truth' => [
                'seed' => $seed, 'shifts' => ['sensor' => [0.0, 0.0]], 'stand' => ['along' => $between('along', -40, 40), 'across' => $between('across', -25, 25), 'turn' => $between('turn', -1.5, 1.5)],
                'targetHeight' => $figure($written['spot']['height']) + $between('height', -6, 6), 'sensorHeight' => $figure($written['sensor']['height']),
                'mount' => $mount, 'echoLevel' => $figure($written['echo']['expected']), 'hands' => ['mm' => 0.7, 'degrees' => 0.03],
                'screws' => ['gains' => [$between('first', 0.9, 1.1), $between('second', 0.9, 1.1)], 'backlash' => $between('backlash', 0, 0.25) * $rough->of('screws')],
            ],
        ], new Policy(), $rough);
        try {
            $end = $follower->work()->end();
        } catch (\LogicException $stuck) {
            $end = 'stuck: ' . substr($stuck->getMessage(), 0, 60);
        }
        $truth = $follower->truth();
        $now = ['azimuth' => $truth->azimuth + $truth->zero[0], 'elevation' => $truth->elevation + $truth->zero[1]];
        $within = static function (array $axes, float $part) use ($limit, $figure): bool {
            foreach (AxisFinding::AXES as $axis) {
                if ($limit($axis) !== null && abs($figure($axes[$axis] ?? null)) > $part * $limit($axis)) {
                    return false;
                }
            }

            return true;
        };
        $covered = [];
        foreach ($follower->state()->run->finding->verdicts ?? [] as $axis => $verdict) {
            $covered[$axis] = abs($verdict->misalignment - $now[$axis]) <= 1.96 * $verdict->uncertainty;
        }

        return [
            'card' => $card, 'seed' => $seed, 'end' => $end, 'inside' => $within($now, 1.0), 'beyond' => ! $within($now, self::BEYOND),
            'good' => $within($mount, 1.0), 'easy' => $within($mount, self::EASY), 'covered' => $covered,
            'readings' => count($follower->state()->record->readings), 'did' => implode(', ', $follower->did),
        ];
    }
}
