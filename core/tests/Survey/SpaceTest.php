<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Survey;

use Lumbro\Core\Cli\NetworkDocument;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Survey\Equation;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;
use Lumbro\Core\Survey\LeastSquares;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Cli;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The survey in space (maths, section 2.2). */
final class SpaceTest extends TestCase
{
    /** @return iterable<string, array{Network}> those of the worked cases that have a vertical */
    public static function networks(): iterable
    {
        foreach (Cli::cases('network') as $i => $case) {
            $input = (string) json_encode($case->input);
            if (str_contains($input, '"vertical"') && ! str_contains((string) json_encode($case->expected), '"error"')) {
                yield "case $i" => [NetworkDocument::read(Node::parse($input))[0]];
            }
        }
    }

    #[DataProvider('networks')]
    public function testEveryDerivativeIsThatOfTheEquation(Network $network): void
    {
        $layout = new Layout($network);
        $chance = new Chance(51);
        for ($round = 0; $round < 3; $round++) {
            $state = [];
            foreach ($layout->start as $place => $value) {
                // Well off upright, so that what only a lean brings about is seen.
                $state[] = $value + $chance->between(-1, 1) * ($layout->angular[$place] ? 0.05 : 20);
            }
            foreach ($network->observations as $observation) {
                $row = Equation::of($observation, new Geometry($layout, $state))->row;
                for ($place = 0; $place < $layout->size(); $place++) {
                    $step = $layout->angular[$place] || str_contains($layout->names[$place], 'scale') ? 1e-6 : 1e-2;
                    [$up, $down] = [$state, $state];
                    $up[$place] += $step;
                    $down[$place] -= $step;
                    $slope = (Equation::of($observation, new Geometry($layout, $up))->value - Equation::of($observation, new Geometry($layout, $down))->value) / (2 * $step);
                    self::assertEqualsWithDelta($slope, $row[$place] ?? 0.0, 3e-5 * max(1.0, abs($slope)), $observation->id() . ' by ' . $layout->names[$place]);
                }
            }
        }
    }

    public function testATopTakenForTheCentreIsFoundAndNamed(): void
    {
        foreach (Cli::cases('network') as $case) {
            /** @var array{observations: list<array{id: string, value: float}>} $input */
            $input = json_decode((string) json_encode($case->input), true);
            $at = array_search('height-centre', array_column($input['observations'], 'id'), true);
            if ($at === false || ! str_contains((string) json_encode($case->expected), '"consistent":true')) {
                continue;
            }
            $input['observations'][$at]['value'] += 58.5;
            $answer = Cli::answer('network', $input);
            self::assertFalse($answer['consistent']);
            self::assertContains('height-centre', (array) $answer['suspects']);

            return;
        }
        self::fail('No worked case reads the centre.');
    }

    public function testALeaningCarMovesAPlumbedMarkAndTheSurveyTakesItOut(): void
    {
        $network = static fn(float $pitch): string => (string) json_encode([
            'points' => ['emblem' => ['x' => 3600, 'y' => 0, 'z' => 700, 'sx' => 0.01, 'sy' => 0.01, 'sz' => 0.01], 'mark' => ['x' => 3600, 'y' => 0, 'z' => 0, 'sz' => 0.01]],
            'vertical' => ['pitch' => $pitch, 'roll' => 0, 'sPitch' => 0.001, 'sRoll' => 0.001],
            'observations' => [
                ['id' => 'x', 'type' => 'plumb', 'from' => 'emblem', 'to' => 'mark', 'axis' => 'x', 'value' => 0, 's' => 0.1],
                ['id' => 'y', 'type' => 'plumb', 'from' => 'emblem', 'to' => 'mark', 'axis' => 'y', 'value' => 0, 's' => 0.1],
            ],
        ]);
        foreach ([0.0, 0.5, -0.8] as $pitch) {
            $solution = LeastSquares::solve(NetworkDocument::read(Node::parse($network($pitch)))[0]);
            self::assertEqualsWithDelta(3600 - 700 * tan(deg2rad($pitch)), $solution->geometry->x['mark'], 1e-3);
        }
    }

    public function testAPlaceInThePlanHasNoHeightToRead(): void
    {
        $this->expectException(InvalidInput::class);
        NetworkDocument::read(Node::parse('{"points":{"P":{"x":0,"y":0},"Q":{"x":0,"y":0,"z":1}},"observations":[{"id":"h","type":"height","from":"P","to":"Q","value":1,"s":1}]}'));
    }
}
