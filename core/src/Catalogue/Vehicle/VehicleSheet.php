<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Row;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** What is known of a car's shape, mm, and how well (standard uncertainties). Marks lie on its centreline. */
final readonly class VehicleSheet implements Checked
{
    public const MEASURABLE = ['wheelbase', 'trackFront', 'trackRear', 'frontOverhang', 'rearOverhang', 'width', 'height', 'frontMark', 'rearMark', 'frontMarkHeight', 'rearMarkHeight'];

    /** How high an emblem sits where nobody measured it, as a part of the car's height. */
    public const EMBLEM_HEIGHT = 0.48;

    /** All in mm, > 0. */
    public function __construct(
        #[Text(null)]
        public string $make,
        #[Text(null)]
        public string $model,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $wheelbase,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $trackFront,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $trackRear,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $frontOverhang,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $rearOverhang,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $width,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $height,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $hubHeight,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $tyreDiameter,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $tyreWidth,
        /** front mark ahead of the front hubs */
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $frontMark,
        /** rear mark behind the rear hubs */
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $rearMark,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $sHub,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $sMarkAlong,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $sMarkAcross,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $sSensor,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $sSensorHeight,
        /** @var list<CarSensor> */
        #[ListOf(new Part(CarSensor::class), 16, second: 'vehicle.second-sensor')]
        public array $sensors = [],
        /** @var array<string, float> standard uncertainty of a figure by its name, mm, beside those above */
        #[Members(new Number('mm', Number::ABOVE_ZERO), self::MEASURABLE)]
        public array $s = [],
        /** @var array{front: float, rear: float}|null cold tyre pressures of the placard, bar */
        #[Row(['front' => new Number('bar', Number::ABOVE_ZERO), 'rear' => new Number('bar', Number::ABOVE_ZERO)])]
        public ?array $placard = null,
        /** @var array{front: float, rear: float}|null arch over hub at the design load, mm */
        #[Row(['front' => new Number('mm', Number::ABOVE_ZERO), 'rear' => new Number('mm', Number::ABOVE_ZERO)])]
        public ?array $rideHeight = null,
        /** @var list<string> figures that were measured on this car; a sensor's as "front.along" */
        #[ListOf(new Text(80))]
        public array $measured = [],
        /** front mark over the wheels' plane */
        #[Number('mm', Number::ABOVE_ZERO)]
        public ?float $frontMarkHeight = null,
        /** rear mark over the wheels' plane */
        #[Number('mm', Number::ABOVE_ZERO)]
        public ?float $rearMarkHeight = null,
        /** @var array<string, FigureOrigin> figure → where it comes from; empty for a sheet that stands for all of itself */
        #[Members(new Part(FigureOrigin::class))]
        public array $origins = [],
        /** as the shop writes them, such as "2019 to 2023" */
        #[Text(60)]
        public ?string $years = null,
    ) {}

    /** Whether each figure says for itself where it comes from, so that the card has nothing to say of the car's shape. */
    public function isGrown(): bool
    {
        return $this->origins !== [];
    }

    /** Whether this sheet, and not a card's drawing, says where a sensor is. */
    public function knows(string $figure): bool
    {
        return $this->isGrown() || in_array($figure, $this->measured, true);
    }

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
     * @param FigureOrigin|null $origin where it comes from; null for a measurement on this car
     *
     * @throws InvalidInput where the sheet has no such figure
     */
    public function measured(string $figure, float $value, float $s, ?FigureOrigin $origin = null): self
    {
        [$id, $coordinate] = [...explode('.', $figure, 2), ''];
        if ($this->sensor($id) !== null && in_array($coordinate, CarSensor::COORDINATES, true)) {
            $changed = ['sensors' => array_map(static fn(CarSensor $sensor): CarSensor => $sensor->id === $id ? $sensor->placed($coordinate, $value, $s) : $sensor, $this->sensors)];
        } elseif (in_array($figure, self::MEASURABLE, true)) {
            $changed = [$figure => $value, 's' => [...$this->s, $figure => $s]];
            if ($figure === 'wheelbase' && $this->isGrown()) {
                $changed['sensors'] = $this->carried($value - $this->wheelbase);
            }
        } else {
            throw InvalidInput::because('/figure', 'vehicle.unknown-figure', ['figure' => $figure, 'known' => self::MEASURABLE]);
        }

        if ($this->isGrown()) {
            $changed['origins'] = [...$this->origins, $figure => $origin ?? new FigureOrigin('measured')];
        }

        return Copy::of($this, [...$changed, 'measured' => array_values(array_unique([...$this->measured, $figure]))]);
    }

    /**
     * The sensors where the front of the car has moved: theirs are measured from the front hubs, like the marks.
     *
     * @return list<CarSensor>
     */
    private function carried(float $by): array
    {
        return array_map(fn(CarSensor $sensor): CarSensor => $sensor->looksBack() ? $sensor : Copy::of($sensor, ['along' => $sensor->along + $by]), $this->sensors);
    }

    /** A figure of the car's own shape, one of MEASURABLE, mm. */
    public function figure(string $name): float
    {
        return match ($name) {
            'wheelbase' => $this->wheelbase,
            'trackFront' => $this->trackFront,
            'trackRear' => $this->trackRear,
            'frontOverhang' => $this->frontOverhang,
            'rearOverhang' => $this->rearOverhang,
            'width' => $this->width,
            'height' => $this->height,
            'frontMark' => $this->frontMark,
            'rearMark' => $this->rearMark,
            'frontMarkHeight' => $this->frontMarkHeight ?? self::EMBLEM_HEIGHT * $this->height,
            'rearMarkHeight' => $this->rearMarkHeight ?? self::EMBLEM_HEIGHT * $this->height,
            default => throw new \LogicException("$name is no figure of a car."),
        };
    }

    /** Standard uncertainty of a figure beside that of its points, mm; 0 where the sheet says nothing. */
    public function sOf(string $figure): float
    {
        return $this->s[$figure] ?? 0.0;
    }

    public function check(Node $node): void
    {
        foreach ($this->sensors as $i => $sensor) {
            if ($sensor->pair !== null && $this->sensor($sensor->pair)?->pair !== $sensor->id) {
                throw InvalidInput::because($node->path() . "/sensors/$i/pair", 'vehicle.pair');
            }
        }
    }

    public static function rule(): array
    {
        return [];
    }
}
