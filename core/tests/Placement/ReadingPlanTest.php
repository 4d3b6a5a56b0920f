<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Placement;

use Lumbro\Core\Cli\NetworkDocument;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Survey\Equation;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Cli;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The readings worth taking (maths, section 2.3). */
final class ReadingPlanTest extends TestCase
{
    /** @return iterable<string, array{array{network: array<string, mixed>, candidates: list<array{id: string, cost: float}>}}> */
    public static function plans(): iterable
    {
        foreach (Cli::cases('plan') as $i => $case) {
            /** @var array{network: array<string, mixed>, candidates: list<array{id: string, cost: float}>} $input */
            $input = json_decode((string) json_encode($case->input), true);
            yield "plan $i" => [$input];
        }
    }

    /** @param array{network: array<string, mixed>, candidates: list<array{id: string, cost: float}>} $input */
    #[DataProvider('plans')]
    public function testWhatIsForetoldIsWhatTheSurveySaysOnceItIsRead(array $input): void
    {
        $plan = self::plan($input);
        /** @var array{points: array<string, array<string, mixed>>, bodies: array<string, array<string, mixed>>, observations?: list<array<string, mixed>>} $read */
        $read = $input['network'];
        $chosen = array_filter($input['candidates'], static fn(array $candidate): bool => in_array($candidate['id'], $plan['chosen'], true));
        $read['observations'] = array_map(
            static fn(array $observation): array => array_diff_key([...$observation, 'value' => 0.0], ['cost' => 0, 'setup' => 0]),
            [...$read['observations'] ?? [], ...array_values($chosen)],
        );
        // Read as they are where the search starts, so that nothing moves.
        [$network] = NetworkDocument::read(Node::parse((string) json_encode($read)));
        $layout = new Layout($network);
        foreach ($network->observations as $k => $observation) {
            $value = Equation::of($observation, new Geometry($layout, $layout->start))->value;
            $read['observations'][$k]['value'] = $observation->isAngle() ? rad2deg($value) : $value;
        }
        $task = array_diff_key($input, ['candidates' => 0, 'setups' => 0, 'aims' => 0]);
        /** @var array{error?: array{unfixed: list<string>}, deviations?: array<string, array{uncertainty: float, hidden: array{largest: float|null}}>} $placed */
        $placed = Cli::answer('placement', [...$task, 'network' => $read]);
        // What no figure needs may be free; a survey wants it held all the same.
        foreach ($placed['error']['unfixed'] ?? [] as $unknown) {
            [$name, $coordinate] = explode('.', $unknown);
            $read[isset($read['points'][$name]) ? 'points' : 'bodies'][$name]["s$coordinate"] = 1e5;
        }
        if (isset($placed['error'])) {
            /** @var array{deviations?: array<string, array{uncertainty: float, hidden: array{largest: float|null}}>} $placed */
            $placed = Cli::answer('placement', [...$task, 'network' => $read]);
        }
        foreach ($plan['aims'] as $name => $aim) {
            $deviation = $placed['deviations'][$name] ?? self::fail("There is no $name.");
            self::assertEqualsWithDelta($deviation['uncertainty'], $aim['uncertainty'], 1e-6 * $deviation['uncertainty'], $name);
            $aim['hidden'] === null
                ? self::assertNull($deviation['hidden']['largest'], $name)
                : self::assertEqualsWithDelta($deviation['hidden']['largest'], $aim['hidden'], 1e-6 * $aim['hidden'], $name);
        }
    }

    /** @param array{network: array<string, mixed>, candidates: list<array{id: string, cost: float}>} $input */
    #[DataProvider('plans')]
    public function testNoSubsetThatMeetsTheAimsIsCheaper(array $input): void
    {
        $plan = self::plan($input);
        $chance = new Chance(77);
        for ($round = 0; $round < 40; $round++) {
            $some = array_values(array_filter($input['candidates'], static fn(): bool => $chance->between(0, 1) < 0.6));
            $other = self::plan([...$input, 'candidates' => $some]);
            if ($other['met']) {
                self::assertTrue($plan['met']);
                self::assertGreaterThanOrEqual($plan['cost'] - 1e-9, $other['cost']);
            }
        }
        self::assertLessThanOrEqual(count($input['candidates']), count($plan['chosen']));
    }

    /** @param array{network: array<string, mixed>, candidates: list<array{id: string, cost: float}>} $input */
    #[DataProvider('plans')]
    public function testBeyondTwelveCandidatesThePlanStillMeetsItsAimsAndNeedsAllItTakes(array $input): void
    {
        $many = $input['candidates'];
        foreach ([2, 3] as $again) {
            foreach ($input['candidates'] as $candidate) {
                $many[] = [...$candidate, 'id' => "$candidate[id]-$again", 'cost' => $candidate['cost'] + 0.25 * $again];
            }
        }
        self::assertGreaterThan(12, count($many));
        $plan = self::plan([...$input, 'candidates' => $many]);
        self::assertTrue($plan['met'] || ! self::plan($input)['met']);
        foreach ($plan['met'] ? $plan['chosen'] : [] as $id) {
            $without = array_values(array_filter($many, static fn(array $one): bool => $one['id'] !== $id && in_array($one['id'], $plan['chosen'], true)));
            self::assertFalse(self::plan([...$input, 'candidates' => $without])['met'], "$id is not needed");
        }
    }

    /**
     * What rounding leaves of a direction that no candidate holds is no weight.
     *
     * @param list<string> $taken
     */
    #[TestWith([['reach-top', 'foot-x', 'foot-y', 'square', 'line', 'hub-FR']], 'tied to one another')]
    #[TestWith([['foot-y', 'square', 'line']], 'felt by nothing but rounding')]
    public function testAPlaceAlongTheCarThatNothingFixesLeavesTheBearingFree(array $taken): void
    {
        $along = static fn(string $id, string $point): array => ['id' => $id, 'type' => 'along', 'point' => $point, 'line' => ['B', 'A'], 'origin' => 'A', 's' => 1.5];
        $offset = static fn(string $id, string $point): array => ['id' => $id, 'type' => 'offset', 'point' => $point, 'line' => ['B', 'A'], 's' => 1.3];
        $foot = static fn(string $axis): array => ['id' => "foot-$axis", 'type' => 'plumb', 'from' => 'stand', 'to' => 'spot', 'axis' => $axis, 'value' => 0, 's' => 1];
        $observations = [
            [...$along('reach-top', 'reflector'), 'value' => 1849.1309], $foot('x'), $foot('y'),
            ['id' => 'square', 'type' => 'axisOffset', 'body' => 'stand', 'point' => 'A', 'value' => -1.9071, 's' => 1],
            [...$offset('line', 'spot'), 'value' => 3.801], [...$offset('hub-FR', 'FR'), 'value' => -817.602],
        ];
        $plan = self::plan([
            'network' => [
                'points' => [
                    'FR' => ['x' => 2889.031, 'y' => -824.751, 'sy' => 3], 'A' => ['x' => 3846.519, 'y' => 0], 'B' => ['x' => -906.572, 'y' => 0],
                    'sensor' => ['x' => 3786.519, 'y' => 0, 'sx' => 4, 'sy' => 4], 'spot' => ['x' => 5772, 'y' => 0, 'z' => 0],
                ],
                'bodies' => ['stand' => ['x' => 5772, 'y' => 0, 'z' => 505, 'yaw' => 180, 'points' => ['reflector' => ['x' => 85, 'y' => 4]]]],
                'observations' => array_values(array_filter($observations, static fn(array $one): bool => in_array($one['id'], $taken, true))),
            ],
            'target' => ['body' => 'stand', 'point' => 'reflector'], 'sensor' => ['point' => 'sensor'],
            'reference' => ['kind' => 'body'], 'spec' => ['from' => 'A', 'along' => 1840, 'across' => 0],
            'candidates' => [[...$along('reach', 'spot'), 's' => 1.35, 'cost' => 2.7], [...$offset('line-top', 'reflector'), 'cost' => 2.1]],
            'aims' => ['bearing' => ['uncertainty' => 1]],
        ]);
        self::assertSame(['uncertainty' => null, 'hidden' => null, 'met' => false], $plan['aims']['bearing']);
    }

    /**
     * @param array<string, mixed> $input
     *
     * @return array{met: bool, chosen: list<string>, cost: float, aims: array<string, array{uncertainty: float|null, hidden: float|null, met: bool}>}
     */
    private static function plan(array $input): array
    {
        /** @var array{met: bool, chosen: list<string>, cost: float, aims: array<string, array{uncertainty: float|null, hidden: float|null, met: bool}>} */
        return Cli::answer('plan', $input);
    }
}
