<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\ReportedPose;

use Lumbro\Core\Catalogue\Card\PreparationItem;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\Common;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\Method\Names;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Method\School;
use Lumbro\Core\Survey\Observation\Coordinate;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Turned;

/** The pose that a camera rig reports of the stand, with the accuracy it states (need J15). */
final readonly class ReportedPose implements School
{
    public const CALLS = ['pose-ahead', 'pose-across', 'pose-turn'];

    public function id(): string
    {
        return 'reported-pose';
    }

    public function name(): string
    {
        return 'Reported pose';
    }

    public function hindrance(Ground $ground): ?string
    {
        return null;
    }

    public function materials(): array
    {
        return ['camera rig with its targets on wheels and stand', 'its stated accuracy'];
    }

    public function failures(): array
    {
        return [
            'A rig states its accuracy for its own frame: check what it takes as the car\'s middle.',
            'A wheel target clamped askew turns the whole pose.',
            'Nothing in the pose itself shows a rig out of calibration: tape one length.',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [new PreparationItem('line-rig', 'Rig set up, its targets seated on wheels and stand, its own check passed', true, 'A target clamped askew turns the whole pose.')];
    }

    public function calls(Ground $ground): array
    {
        $ahead = $ground->isAhead;
        $yaw = $ground->stand->yaw;

        return [
            new Call(
                'pose-ahead',
                $ahead ? 'Pose: ahead of the rear axle' : 'Pose: behind the rear axle',
                sprintf('The rig\'s figure for the target, %s the middle of the rear axle', $ahead ? 'ahead of' : 'behind'),
                'rig',
                Reads::Length,
                2.0,
                static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Coordinate('pose-ahead', $names->target, false, $value, $s),
                statesAccuracy: true,
                sense: $ahead ? 1 : -1,
            ),
            new Call(
                'pose-across',
                'Pose: off the car\'s middle',
                'The rig\'s figure for the target, sideways',
                'rig',
                Reads::Sided,
                2.0,
                static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Coordinate('pose-across', $names->target, true, $value, $s),
                statesAccuracy: true,
            ),
            new Call(
                'pose-turn',
                'Pose: turn of the stand',
                'The rig\'s figure for the stand, off where the card has it face',
                'rig',
                Reads::Turn,
                deg2rad(0.1),
                static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Turned('pose-turn', $names->stand, $value, $s),
                statesAccuracy: true,
                offset: $yaw,
            ),
            Common::hubTape($ground, 0),
            Common::hubTape($ground, 1),
        ];
    }
}
