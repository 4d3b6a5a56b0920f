<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Floor\FloorPlane;
use Lumbro\Core\Floor\Grade;
use Lumbro\Core\Floor\Patch;
use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Measure\StandardUncertainty;
use Lumbro\Core\Method\FloorGround;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\Method\Handling;
use Lumbro\Core\Method\SlipBounds;
use Lumbro\Core\Survey\Vertical;

/** The floor at a target's spot against the one the car stands on (need J17). */
final readonly class SiteFloor
{
    /** The laser plane's own slope, where nothing better is known of it: mm per m. */
    public const LASER_TILT = 0.2;

    /** What is stated of a floor at one place counts so often between the wheels, which stand at two and were never looked at. */
    private const SLOPE = 2.0;

    /**
     * @param float          $below how far the spot's floor lies under the car's wheel plane, mm; 0 where it was not surveyed
     * @param float          $s     its standard uncertainty, mm
     * @param string         $from  what it rests on: "readings" of this job, the "bay" and its kept survey, or "stated" where there is none
     * @param FloorPlane|null $plane the car's wheel plane; null where too few wheels were read
     * @param Grade|null     $grade how that plane rises along the sensor's facing
     */
    private function __construct(public float $below, public float $s, public string $from, public ?FloorPlane $plane, public ?Grade $grade) {}

    /** What the readings of the order, or else the bay, say of the floor. */
    public static function under(TaskContext $context, Ground $ground): self
    {
        $plane = self::plane($context);
        if ($plane === null) {
            return self::kept($context) ?? new self(0.0, $context->bay->sFloor, 'stated', null, null);
        }
        $grade = $plane->grade($context->sensor->facing);
        $site = $context->order->floor['site-' . $context->sensor->id] ?? null;
        if ($site === null) {
            return new self(0.0, $context->bay->sFloor, 'stated', $plane, $grade);
        }
        $found = $plane->site(new Patch('site', $ground->stand->x, $ground->stand->y, (float) $site->value), $context->spot->height);

        return new self($found->floorBelowPlane, $found->uncertainty, 'readings', $plane, $grade);
    }

    /** What the staff readings of the order, else the bay's own survey, else what is stated of its floor give a survey in space. */
    public static function ground(TaskContext $context): FloorGround
    {
        $sheet = $context->sheet;
        $staff = Handling::staff($context->kit);
        $read = [];
        foreach ($context->order->floor ?? [] as $place => $reading) {
            $own = self::own($context, (string) $place);
            if ($own !== null) {
                $read[$own] = (float) $reading->value;
            }
        }
        $wheels = array_intersect_key($read, FloorGround::wheels($sheet));
        $stated = $context->bay->sFloor;
        if (count($wheels) >= 3) {
            return new FloorGround(new Vertical(0.0, 0.0), $stated, true, $read, $staff, self::LASER_TILT, SlipBounds::of($context->policy()->slips)['floor']);
        }
        $kept = self::kept($context);
        if ($kept?->plane !== null) {
            [$pitch, $roll] = [$kept->plane->grade(0.0), $kept->plane->grade(90.0)];

            return new FloorGround(new Vertical(deg2rad($pitch->value), deg2rad($roll->value), deg2rad($pitch->uncertainty), deg2rad($roll->uncertainty)), $kept->s, false, $read, $staff, self::LASER_TILT);
        }

        return new FloorGround(new Vertical(0.0, 0.0, atan(self::SLOPE * $stated / $sheet->wheelbase), atan(self::SLOPE * $stated / $sheet->trackRear)), $stated, true, $read, $staff, self::LASER_TILT, SlipBounds::of($context->policy()->slips)['floor']);
    }

    /** A place of the order as this task's survey names it; null where it is another sensor's. */
    public static function own(TaskContext $context, string $place): ?string
    {
        $once = FloorRead::once($place);
        $own = match ($once) {
            'site-' . $context->sensor->id => 'site',
            'sensor-' . $context->sensor->id => 'sensor',
            default => in_array($once, FloorRead::WHEELS, true) ? $once : null,
        };

        return $own === null ? null : $own . substr($place, strlen($once));
    }

    /** How the floor under the car rises along the sensor's facing; a stated uncertainty where it was not surveyed. */
    public function slope(TaskContext $context): Grade
    {
        // Axles that stand on floors apart by what is stated of one.
        return $this->grade ?? new Grade(0.0, rad2deg(atan($context->bay->sFloor / $context->sheet->wheelbase)));
    }

    /**
     * What the bay's own survey says: one plane under car and spot, as well as its points lie in one. Null where the
     * bay keeps none.
     */
    private static function kept(TaskContext $context): ?self
    {
        $survey = $context->bay->survey;
        if ($survey === null) {
            return null;
        }
        $patches = [];
        foreach ($survey->points as $i => $point) {
            $patches[] = new Patch("point-$i", $point['x'], $point['y'], $point['reading']);
        }
        $plane = FloorPlane::through($patches, $survey->s, $survey->laserTilt);

        return new self(0.0, hypot($survey->s, $plane->warp ?? 0.0), 'bay', $plane, $plane->grade($context->sensor->facing));
    }

    private static function plane(TaskContext $context): ?FloorPlane
    {
        $sheet = $context->sheet;
        $wheels = FloorGround::wheels($sheet);
        $patches = [];
        foreach (array_intersect_key($context->order->floor ?? [], $wheels) as $wheel => $read) {
            $patches[] = new Patch($wheel, $wheels[$wheel][0], $wheels[$wheel][1], (float) $read->value);
        }
        if (count($patches) < 3) {
            return null;
        }
        $staff = $context->kit->staff;

        return FloorPlane::through($patches, StandardUncertainty::ofReading($staff->accuracy, $staff->resolution), self::LASER_TILT);
    }

    /** @return list<string> the places a staff is read at for this sensor */
    public static function places(TaskContext $context): array
    {
        return [...FloorRead::WHEELS, 'site-' . $context->sensor->id];
    }
}
