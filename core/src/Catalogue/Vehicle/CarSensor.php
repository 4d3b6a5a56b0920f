<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Vehicle;

use Lumbro\Core\Message\Message;

/** A radar sensor where the vehicle's sheet has it: mm and degrees in the vehicle frame. */
final readonly class CarSensor
{
    public const KINDS = ['front', 'front-corner', 'rear', 'blind-spot'];

    public const SIDES = ['middle', 'left', 'right'];

    public const BEHIND = ['front-cover', 'front-badge', 'grille', 'rear-cover', 'open'];

    /**
     * @param string      $kind   one of KINDS
     * @param string      $side   one of SIDES, in the vehicle's sense
     * @param string|null $pair   the other one's id, where it is one of two
     * @param string      $behind one of BEHIND
     * @param float       $facing of its axis, degrees anticlockwise from straight ahead
     * @param float       $s      standard uncertainty of its place, mm
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public string $side,
        public ?string $pair,
        public string $behind,
        public float $along,
        public float $across,
        public float $height,
        public float $facing,
        public float $s,
    ) {}

    /**
     * The sensor with one coordinate as it was measured.
     *
     * @param string $coordinate "along", "across" or "height"
     * @param float  $value      mm
     * @param float  $s          standard uncertainty, mm
     */
    public function placed(string $coordinate, float $value, float $s): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->side,
            $this->pair,
            $this->behind,
            $coordinate === 'along' ? $value : $this->along,
            $coordinate === 'across' ? $value : $this->across,
            $coordinate === 'height' ? $value : $this->height,
            $this->facing,
            $s,
        );
    }

    /** The cover in its way; null where none is. */
    public function cover(): ?Cover
    {
        return Cover::before($this->behind);
    }

    /** Whether it looks backwards. */
    public function looksBack(): bool
    {
        return $this->kind === 'rear' || $this->kind === 'blind-spot';
    }

    /** Its side in the vehicle's sense, and as the person facing it sees it (need J9). */
    public function sideSaid(): Message
    {
        $mirrored = $this->side === 'left' ? 'right' : 'left';

        return match (true) {
            $this->side === 'middle' => Message::of('sensor.middle'),
            $this->looksBack() => Message::of('sensor.side-behind', ['side' => $this->side, 'yours' => $this->side]),
            default => Message::of('sensor.side-ahead', ['side' => $this->side, 'yours' => $mirrored]),
        };
    }
}
