<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Catalogue\Card\CardSensor;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Screws\AxisPair;
use Lumbro\Core\Screws\Correction;
use Lumbro\Core\Screws\Gains;
use Lumbro\Core\Screws\Round;
use Lumbro\Core\Screws\Screw;
use Lumbro\Core\Screws\ScrewPair;

/** The turns that would take the axis right, with what the rounds so far have taught (need J27, maths §7). */
final readonly class ScrewPlan
{
    /**
     * @param list<array{screw: Screw, turns: float, passes: bool}> $turns    clockwise, and whether they pass its travel
     * @param AxisPair                                              $expected what the axis should be after them, degrees
     * @param list<string>                                          $suspects screws that did not move the sensor as their thread says
     * @param array<string, float>                                  $gains    screw → share of its thread
     */
    private function __construct(public array $turns, public AxisPair $expected, public array $suspects, public array $gains, public bool $wasTurned) {}

    /**
     * @param list<Screw>       $screws   of the card
     * @param AxisFinding       $finding  of the axis now
     * @param list<Corrected>   $made     so far
     * @param list<AxisFinding|null> $findings of the axis before the first of them, and after each
     * @param float             $backlash turns that a screw may lose, either way
     *
     * @throws CoreFailure where these screws cannot turn both axes
     */
    public static function of(array $screws, AxisFinding $finding, array $made, array $findings, CardSensor $sensor, float $backlash = 0.0): self
    {
        $position = array_fill_keys(array_map(static fn(Screw $screw): string => $screw->id, $screws), 0.0);
        foreach ($made as $correction) {
            foreach ($correction->turns as $screw => $turns) {
                $position[$screw] = ($position[$screw] ?? 0.0) + $turns;
            }
        }
        $screws = array_map(static fn(Screw $screw): Screw => new Screw($screw->id, $screw->y, $screw->z, $screw->pitch, $screw->clockwise, $screw->travel, $screw->position + $position[$screw->id]), $screws);
        $pair = new ScrewPair($screws[0], $screws[1]);
        $rounds = [];
        foreach ($made as $i => $correction) {
            [$before, $after] = [$findings[$i] ?? null, $findings[$i + 1] ?? null];
            if (! $correction->isElectronic() && $before !== null && $after !== null) {
                $rounds[] = new Round([$correction->turns[$screws[0]->id] ?? 0.0, $correction->turns[$screws[1]->id] ?? 0.0], self::pair($before), self::pair($after));
            }
        }
        // The mean of several readings is what each round rests on.
        $s = max(0.01, ...array_values($finding->errors));
        $gains = $rounds === [] ? Gains::unknown() : Gains::learned($pair, $rounds, $s, $backlash);
        $limits = new AxisPair($sensor->limitAzimuth ?? 1.0, $sensor->limitElevation ?? 1.0);
        $correction = Correction::of($pair, self::pair($finding), $limits, $gains);
        $turns = [];
        foreach ($screws as $i => $screw) {
            if ($i < 2) {
                $turns[] = ['screw' => $screw, 'turns' => $correction->turns[$i], 'passes' => $screw->wouldPassTravel($correction->turns[$i])];
            }
        }

        return new self(
            $turns,
            $correction->residual,
            array_map(static fn(int $i): string => $screws[$i]->id, $gains->suspects()),
            [$screws[0]->id => $gains->values[0], $screws[1]->id => $gains->values[1]],
            $rounds !== [],
        );
    }

    /** Whether a screw would be turned past its travel. */
    public function passesTravel(): bool
    {
        return array_filter($this->turns, static fn(array $turn): bool => $turn['passes']) !== [];
    }

    /** @return array<string, float> screw → clockwise turns */
    public function asked(): array
    {
        return array_combine(array_map(static fn(array $turn): string => $turn['screw']->id, $this->turns), array_column($this->turns, 'turns'));
    }

    private static function pair(AxisFinding $finding): AxisPair
    {
        return new AxisPair($finding->verdicts['azimuth']->misalignment, $finding->verdicts['elevation']->misalignment);
    }
}
