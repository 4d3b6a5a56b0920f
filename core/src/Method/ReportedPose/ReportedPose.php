<?php

declare(strict_types=1);

namespace Lumbro\Core\Method\ReportedPose;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\CallDetails;
use Lumbro\Core\Method\Common;
use Lumbro\Core\Method\Ground;
use Lumbro\Core\Method\LineSteps;
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

    public function hindrance(Ground $ground): ?Message
    {
        return null;
    }

    public function materials(): array
    {
        return ['camera-rig', 'stated-accuracy'];
    }

    public function failures(): array
    {
        return [
            'own-frame',
            'clamped-askew',
            'out-of-calibration',
        ];
    }

    public function steps(Ground $ground): array
    {
        return [LineSteps::own('line-rig')];
    }

    public function calls(Ground $ground): array
    {
        $ahead = $ground->isAhead;
        $yaw = $ground->stand->yaw;

        return [
            new Call('pose-ahead', 'rig', Reads::Length, 2.0, static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Coordinate('pose-ahead', $names->target, false, $value, $s), details: new CallDetails(['ahead' => $ahead ? 'yes' : 'no'], statesAccuracy: true, sense: $ahead ? 1 : -1)),
            new Call('pose-across', 'rig', Reads::Sided, 2.0, static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Coordinate('pose-across', $names->target, true, $value, $s), details: new CallDetails(statesAccuracy: true)),
            new Call('pose-turn', 'rig', Reads::Turn, deg2rad(0.1), static fn(Names $names, ?float $value, float $s, float $rise): Observation => new Turned('pose-turn', $names->stand, $value, $s), details: new CallDetails(statesAccuracy: true, offset: $yaw)),
            Common::hubTape($ground, 0),
            Common::hubTape($ground, 1),
        ];
    }
}
