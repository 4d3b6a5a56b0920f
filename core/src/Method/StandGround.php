<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Catalogue\Kit\Kit;
use Lumbro\Core\Survey\Body;

/** The stand on the plan with its target on the spot: its bar's ends are named in the vehicle's sense. */
final readonly class StandGround
{
    /** What is known of a stand that has not been measured: mm and rad. */
    private const SOMEWHERE = 500.0;
    private const SOME_YAW = 10 * M_PI / 180;
    private const SOME_HEIGHT = 300.0;

    /**
     * @param float $x   of the target on its spot, mm
     * @param float $y   of the target on its spot, mm
     * @param float $yaw of the stand there, rad
     * @param float|null $height of the target's centre there, mm over the wheels' plane; null for a stand in the plan
     * @param float      $barHeight of the bar over the wheels' plane, mm
     */
    public function __construct(private Kit $kit, public float $x, public float $y, public float $yaw, public ?float $height = null, private float $barHeight = 0.0) {}

    /** Whether it faces the way the car does, so that its own left is the car's left. */
    public function facesForward(): bool
    {
        return cos($this->yaw) > 0;
    }

    /**
     * The same stand at the same place with its target on another arm.
     *
     * @param float $more mm further left, in the stand's own sense
     */
    public function withArm(float $more): self
    {
        return new self($this->kit->withTargetLeft($this->kit->targetLeft + $more), $this->x - $more * sin($this->yaw), $this->y + $more * cos($this->yaw), $this->yaw, $this->height, $this->barHeight);
    }

    /** The stand as a body of the survey; one that may be anywhere carries coarse guesses. */
    public function body(Names $names, Guess $guess): Body
    {
        [$ahead, $left] = [$this->kit->targetAhead, $this->kit->targetLeft];
        $bar = $this->height === null ? 0.0 : $this->barHeight - $this->height;
        $side = $this->facesForward() ? $this->kit->halfWidth : -$this->kit->halfWidth;

        return new Body(
            name: $names->stand,
            x: $this->x - $ahead * cos($this->yaw) + $left * sin($this->yaw),
            y: $this->y - $ahead * sin($this->yaw) - $left * cos($this->yaw),
            yaw: $this->yaw,
            points: [$names->target => [$ahead, $left, 0.0], $names->barLeft => [0.0, $side, $bar], $names->barRight => [0.0, -$side, $bar]],
            sx: $guess === Guess::Place ? self::SOMEWHERE : null,
            sy: $guess === Guess::Place ? self::SOMEWHERE : null,
            syaw: $guess === Guess::Nothing ? null : self::SOME_YAW,
            z: $this->height,
            sz: $this->height === null ? null : self::SOME_HEIGHT,
        );
    }
}
