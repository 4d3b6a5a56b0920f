<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\StandardUncertainty;

/** A pose as a camera rig's file has it (schemas, "pose"): the target's place and the stand's turn in the vehicle frame. */
final readonly class PoseDocument
{
    /**
     * @param string $rig    what reported it
     * @param float  $x      of the target, mm ahead of the rear hubs' middle
     * @param float  $y      of the target, mm to the car's left of the middle
     * @param float  $yaw    of the stand, degrees anticlockwise from straight ahead
     * @param float  $s      standard uncertainty of either length, mm
     * @param float  $sAngle of the turn, degrees
     */
    private function __construct(public string $rig, public float $x, public float $y, public float $yaw, public float $s, public float $sAngle) {}

    /** Accuracies are half-widths as rigs state them. */
    public static function read(Node $node): self
    {
        $f = $node->fields(['rig', 'x', 'y', 'yaw', 'accuracy']);
        $accuracy = $f['accuracy']->fields(['length', 'angle']);

        return new self(
            $f['rig']->line(80),
            $f['x']->between(-50_000, 50_000),
            $f['y']->between(-20_000, 20_000),
            $f['yaw']->between(-360, 360),
            StandardUncertainty::ofReading($accuracy['length']->between(0.01, 500), 0.0),
            StandardUncertainty::ofReading($accuracy['angle']->between(0.001, 45), 0.0),
        );
    }

    /**
     * What each call of the reported pose reads by it.
     *
     * @return array<string, array{value: float, s: float}> call → the survey's own value (mm or rad) and the standard uncertainty as it is read (mm or degrees)
     */
    public function readings(): array
    {
        return [
            'pose-ahead' => ['value' => $this->x, 's' => $this->s],
            'pose-across' => ['value' => $this->y, 's' => $this->s],
            'pose-turn' => ['value' => deg2rad($this->yaw), 's' => $this->sAngle],
        ];
    }
}
