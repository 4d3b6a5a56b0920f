<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\Level;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Staff;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\SurveyPoint;
use Lumbro\Core\Survey\Vertical;

/**
 * The floor in a survey in space: how the car stands on it, and how far the floor under target and sensor lies off the
 * wheels' plane. Staff readings under one laser plane are readings like all others; without them the floor is as well
 * known as is stated of it.
 */
final readonly class FloorGround
{
    /** How far each wheel may stand off the plane through all four on a floor that is no plane, mm, standard: two up, two down. */
    private const WARP = 1.5;

    /** How the four stand then. */
    private const TWISTED = ['FL' => 1, 'FR' => -1, 'RL' => -1, 'RR' => 1];

    /** How far the floor under the sensor, a step from the wheels, may lie off their plane, mm, standard. */
    private const NEAR = 1.5;

    /** Where the laser plane is thought to be, mm over the wheels' plane. */
    private const LASER = 1200.0;
    private const SOMEWHERE = 1000.0;

    /** How far a place of a kept survey may lie off what its points say, at most, mm. */
    private const KEPT = 6.0;

    /**
     * @param Vertical             $vertical how the car stands, as well as it is known without the readings
     * @param float                $s        standard uncertainty of the floor at a place that was not read, mm
     * @param bool                 $stated   whether that is stated, not surveyed
     * @param array<string, float> $staffs   wheel, "site", "sensor" or one of them with "-2" → what a staff showed there, mm
     * @param float                $sStaff   of one reading, mm
     * @param float                $tilt     of the laser plane, mm per m
     * @param float                $most     how far a floor that nobody surveyed may lie off at most, mm
     */
    public function __construct(private Vertical $vertical, public float $s, private bool $stated, public array $staffs, private float $sStaff, private float $tilt, private float $most = SlipBounds::STATED_FLOOR) {}

    /** What a floor that is no plane adds to the staffs at the wheels: as an instrument's zero that two read up and two down. */
    public static function warp(): Instrument
    {
        return new Instrument('floor', null, new Prior(0.0, self::WARP));
    }

    /** How the car stands: free where the wheels were read, as their staffs say it. */
    public function vertical(): Vertical
    {
        return $this->vertical;
    }

    /** @return list<Level> */
    public function levels(): array
    {
        return [new Level('laser', $this->staffs['FL'] ?? self::LASER, self::SOMEWHERE, $this->tilt)];
    }

    /**
     * @param array{float, float} $site   where the target's stand is, mm
     * @param array{float, float} $sensor mm
     *
     * @return list<SurveyPoint>
     */
    public function points(VehicleSheet $sheet, array $site, array $sensor): array
    {
        $read = isset($this->staffs['site']);
        $points = [
            new SurveyPoint('siteFloor', $site[0], $site[1], 0.0, 0.0, 0.0, $read ? null : $this->s),
            new SurveyPoint('sensorFloor', $sensor[0], $sensor[1], 0.0, 0.0, 0.0, isset($this->staffs['sensor']) ? null : self::NEAR),
        ];
        foreach (self::wheels($sheet) as $wheel => [$x, $y]) {
            $points[] = new SurveyPoint("patch$wheel", $x, $y, 0.0, 0.0, 0.0, 0.0);
        }

        return $points;
    }

    /** @return list<Observation> */
    public function observations(): array
    {
        $observations = [];
        foreach ($this->staffs as $place => $read) {
            $observations[] = self::staff((string) $place, $read, $this->sStaff);
        }

        return $observations;
    }

    /** @return list<Observation> staffs that could be read under the same laser plane: each a second and a third time too */
    public function candidates(): array
    {
        $candidates = [];
        foreach (['FL', 'FR', 'RL', 'RR', 'site', 'sensor'] as $place) {
            foreach (Times::all($place) as $at) {
                if (! isset($this->staffs[$at])) {
                    $candidates[] = self::staff($at, null, $this->sStaff);
                }
            }
        }

        return $candidates;
    }

    /**
     * What is known of the floor beforehand and counts no more once a staff is read there.
     *
     * @return list<array{priors: list<string>, places: list<string>}> with the places whose staffs take its part
     */
    public function givesWay(): array
    {
        $ways = [];
        if ($this->vertical->sPitch !== null) {
            $ways[] = ['priors' => ['^pitch', '^roll'], 'places' => ['FL', 'FR', 'RL', 'RR']];
        }
        foreach (['site', 'sensor'] as $place) {
            if (! isset($this->staffs[$place])) {
                $ways[] = ['priors' => ["{$place}Floor.z"], 'places' => [$place]];
            }
        }

        return $ways;
    }

    /** Whether the floor was read at the wheels. */
    public function isSurveyed(): bool
    {
        return $this->staffs !== [];
    }

    /** @return array<string, float> prior → the largest error of it that could pass unseen, mm or rad */
    public function bounds(VehicleSheet $sheet): array
    {
        $bounds = ['sensorFloor.z' => SlipBounds::NEAR_FLOOR, '#floor.zero' => SlipBounds::WARP, 'siteFloor.z' => $this->stated ? $this->most : self::KEPT, '~laser.tiltX' => SlipBounds::LASER_TILT, '~laser.tiltY' => SlipBounds::LASER_TILT];
        if ($this->vertical->sPitch !== null) {
            // On a floor that was surveyed the wheels of one end stand higher and those of the other lower than it says, at most.
            $bounds['^pitch'] = $this->stated ? SlipBounds::STATED_TILT : atan(2 * self::KEPT / $sheet->wheelbase);
            $bounds['^roll'] = $this->stated ? SlipBounds::STATED_TILT : atan(2 * self::KEPT / min($sheet->trackFront, $sheet->trackRear));
        }

        return $bounds;
    }

    /** @return array<string, array{float, float}> wheel → its contact patch, mm */
    public static function wheels(VehicleSheet $sheet): array
    {
        return [
            'FL' => [$sheet->wheelbase, $sheet->trackFront / 2], 'FR' => [$sheet->wheelbase, -$sheet->trackFront / 2],
            'RL' => [0.0, $sheet->trackRear / 2], 'RR' => [0.0, -$sheet->trackRear / 2],
        ];
    }

    /** A staff at a wheel or at the target's site; "-2" and so on for a further reading there. */
    private static function staff(string $place, ?float $read, float $s): Staff
    {
        $at = explode('-', $place)[0];

        return new Staff("staff-$place", match ($at) {
            'site', 'sensor' => "{$at}Floor",
            default => "patch$at",
        }, 'laser', $read, $s, isset(self::TWISTED[$at]) ? 'floor' : null, (self::TWISTED[$at] ?? 1) < 0);
    }
}
