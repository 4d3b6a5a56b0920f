<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Survey\Observation\Observation;

/** One reading a school asks for: what to do, from where to where, how it is typed, and its equation. */
final readonly class Call
{
    /**
     * @param string                                                           $instrument id in the kit
     * @param float                                                            $s          standard uncertainty of one reading, mm or rad, > 0
     * @param (\Closure(Names, ?float, float, float): Observation)|null        $equation   of the names, what was read as the survey counts it
     *                                                                                     (mm or rad), its s, and how much higher the target's
     *                                                                                     centre is than the hubs (mm); null for heights
     * @param list<string>                                                     $datums     heights only: the datums it may be read to
     * @param bool                                                             $check      a further reading that checks the others
     * @param bool                                                             $statesAccuracy the accuracy is stated with each reading
     * @param int                                                              $sense      1 or −1: whether left of the car, or a longer
     *                                                                                     tape, is positive in the survey
     * @param float                                                            $offset     of the survey's value where the reading is nil, mm or rad
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $instruction,
        public string $instrument,
        public Reads $reads,
        public float $s,
        private ?\Closure $equation = null,
        public ?Trace $trace = null,
        public array $datums = [],
        public bool $check = false,
        public bool $statesAccuracy = false,
        private int $sense = 1,
        private float $offset = 0.0,
    ) {}

    /** Whether it is part of the survey in plan; heights are not. */
    public function isSurveyed(): bool
    {
        return $this->equation !== null;
    }

    /**
     * Its equation.
     *
     * @param float|null $read mm or degrees as read, left and anticlockwise positive; null for a reading only considered
     * @param float|null $s    standard uncertainty stated with the reading, mm or degrees; null for the instrument's
     * @param float      $rise of the target's centre over the hubs, mm
     */
    public function observation(?float $read, float $rise, Names $names, ?float $s = null): Observation
    {
        $unit = $this->reads === Reads::Turn ? M_PI / 180 : 1.0;
        $equation = $this->equation ?? throw new \LogicException("The reading \"$this->id\" has no place in the survey.");

        return $equation($names, $read === null ? null : $this->offset + $this->sense * $unit * $read, $s === null ? $this->s : $s * $unit, $rise);
    }

    /**
     * The survey's value as a person reads it.
     *
     * @param float $value mm or rad
     *
     * @return float mm or degrees, left and anticlockwise positive
     */
    public function asRead(float $value): float
    {
        $read = $this->sense * ($value - $this->offset);

        return $this->reads === Reads::Turn ? rad2deg(Angle::wrap($read)) : $read;
    }
}
