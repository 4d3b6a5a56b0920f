<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Catalogue\Kit\MeasuringInstrument;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Survey\Observation\Again;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\ReadBy;

/** One reading a school asks for: how it is typed, what it is read with, and its equation. */
final readonly class Call
{
    /**
     * @param string                                                    $id         "call.{id}.title" and "call.{id}.how" say what to do
     * @param string                                                    $instrument id in the kit
     * @param float                                                     $s          standard uncertainty of one reading, mm or rad, > 0
     * @param (\Closure(Names, ?float, float, float): Observation)|null $equation   of the names, what was read as the survey counts it
     *                                                                              (mm or rad), its s, and how much higher the target's
     *                                                                              centre is than the hubs (mm); null for heights
     */
    public function __construct(
        public string $id,
        public string $instrument,
        public Reads $reads,
        public float $s,
        private ?\Closure $equation = null,
        public ?Trace $trace = null,
        public CallDetails $details = new CallDetails(),
    ) {}

    /** What it is called. */
    public function title(): Message
    {
        return $this->details->of === null
            ? Message::of('call.' . self::word($this->id) . '.title', $this->details->with)
            : Message::of('call.again.title', ['of' => $this->details->of->title(), 'time' => (string) $this->details->time]);
    }

    /** What to measure, from where to where. */
    public function instruction(): Message
    {
        return $this->details->of === null
            ? Message::of('call.' . self::word($this->id) . '.how', $this->details->with)
            : Message::of('call.again.how', ['of' => $this->details->of->instruction(), 'time' => (string) $this->details->time]);
    }

    /** The same reading once more, under a name of its own. */
    public function again(string $id, int $time): self
    {
        $equation = $this->equation;

        return new self(
            $id,
            $this->instrument,
            $this->reads,
            $this->s,
            $equation === null ? null : static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Again($id, $equation($names, $value, $s, $rise)),
            $this->trace,
            $this->details->again($this, $time),
        );
    }

    /**
     * The same taken with another instrument of the same kind.
     *
     * @param string $name of that one in the survey
     */
    public function by(Kit $kit, string $kind, MeasuringInstrument $other, string $name): self
    {
        $usual = $kit->instrument($this->instrument);
        $own = $usual === null ? 0.0 : Handling::of($kit, $kind, $usual);
        $its = Handling::of($kit, $kind, $other);
        $equation = $this->equation;

        return new self(
            $this->id,
            $other->id,
            $this->reads,
            // What is not the instrument's, such as a square laid on the floor, stays.
            hypot($its, sqrt(max(0.0, $this->s ** 2 - $own ** 2))),
            $equation === null ? null : static fn(Names $names, ?float $value, float $s, float $rise): Observation => new ReadBy($equation($names, $value, $s, $rise), $name),
            $this->trace,
            $this->details,
        );
    }

    /** The four hubs share their words. */
    private static function word(string $id): string
    {
        return str_starts_with($id, 'hub-offset-') ? 'hub-offset' : $id;
    }

    /** Whether it only checks what other readings say. */
    public function isCheck(): bool
    {
        return $this->details->check;
    }

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

        return $equation($names, $read === null ? null : $this->details->offset + $this->details->sense * $unit * $read, $s === null ? $this->s : $s * $unit, $rise);
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
        $read = $this->details->sense * ($value - $this->details->offset);

        return $this->reads === Reads::Turn ? rad2deg(Angle::wrap($read)) : $read;
    }
}
