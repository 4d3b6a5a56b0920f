<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Failure\InvalidInput;

/** What is known of a car's shape, mm, and how well (standard uncertainties). Marks lie on its centreline. */
final readonly class VehicleSheet
{
    public const LENGTHS = [
        'wheelbase', 'trackFront', 'trackRear', 'frontOverhang', 'rearOverhang', 'width', 'height', 'hubHeight',
        'tyreDiameter', 'tyreWidth', 'frontMark', 'rearMark', 'sHub', 'sMarkAlong', 'sMarkAcross', 'sSensor', 'sSensorHeight',
    ];

    public const MEASURABLE = ['wheelbase', 'trackFront', 'trackRear', 'frontOverhang', 'rearOverhang', 'width', 'height', 'frontMark', 'rearMark'];

    /** All in mm, > 0. */
    public function __construct(
        public string $make,
        public string $model,
        public float $wheelbase,
        public float $trackFront,
        public float $trackRear,
        public float $frontOverhang,
        public float $rearOverhang,
        public float $width,
        public float $height,
        public float $hubHeight,
        public float $tyreDiameter,
        public float $tyreWidth,
        /** front mark ahead of the front hubs */
        public float $frontMark,
        /** rear mark behind the rear hubs */
        public float $rearMark,
        public float $sHub,
        public float $sMarkAlong,
        public float $sMarkAcross,
        public float $sSensor,
        public float $sSensorHeight,
        /** @var list<CarSensor> */
        public array $sensors = [],
        /** @var array<string, float> standard uncertainty of a figure by its name, mm, beside those above */
        public array $s = [],
        /** @var array{front: float, rear: float}|null cold tyre pressures of the placard, bar */
        public ?array $placard = null,
        /** @var array{front: float, rear: float}|null arch over hub at the design load, mm */
        public ?array $rideHeight = null,
        /** @var list<string> figures that were measured on this car; a sensor's as "front.along" */
        public array $measured = [],
    ) {}

    /** The sensor of this id; null where the car has none. */
    public function sensor(string $id): ?CarSensor
    {
        foreach ($this->sensors as $sensor) {
            if ($sensor->id === $id) {
                return $sensor;
            }
        }

        return null;
    }

    /**
     * The sheet with a figure as it was measured on this car.
     *
     * @param string $figure one of MEASURABLE, or a sensor's id with ".along", ".across" or ".height"
     * @param float  $value  mm
     * @param float  $s      standard uncertainty, mm, ≥ 0
     *
     * @throws InvalidInput where the sheet has no such figure
     */
    public function measured(string $figure, float $value, float $s): self
    {
        $parts = explode('.', $figure, 2);
        $coordinate = $parts[1] ?? '';
        $sensors = $this->sensors;
        $lengths = [];
        foreach (self::LENGTHS as $name) {
            $lengths[$name] = (float) $this->{$name};
        }
        $known = $this->s;
        if ($this->sensor($parts[0]) !== null && in_array($coordinate, ['along', 'across', 'height'], true)) {
            $sensors = array_map(static fn(CarSensor $sensor): CarSensor => $sensor->id === $parts[0] ? $sensor->placed($coordinate, $value, $s) : $sensor, $sensors);
        } elseif (in_array($figure, self::MEASURABLE, true)) {
            $lengths[$figure] = $value;
            $known[$figure] = $s;
        } else {
            throw InvalidInput::because('/figure', 'vehicle.unknown-figure', ['figure' => $figure, 'known' => self::MEASURABLE]);
        }

        return new self(
            $this->make,
            $this->model,
            ...$lengths,
            sensors: $sensors,
            s: $known,
            placard: $this->placard,
            rideHeight: $this->rideHeight,
            measured: array_values(array_unique([...$this->measured, $figure])),
        );
    }

    /** Standard uncertainty of a figure beside that of its points, mm; 0 where the sheet says nothing. */
    public function sOf(string $figure): float
    {
        return $this->s[$figure] ?? 0.0;
    }
}
