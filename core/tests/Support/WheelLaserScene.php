<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Survey\Body;
use Lumbro\Core\Survey\Heading;
use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Beam;
use Lumbro\Core\Survey\Observation\Bearing;
use Lumbro\Core\Survey\Observation\HeadingDifference;
use Lumbro\Core\Survey\Observation\MirrorReturn;
use Lumbro\Core\Survey\Observation\RelativeBearing;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\SurveyPoint;

/** An invented bar ahead of a car with lasers on its rear wheels, and every observation type that such a set-up knows. */
final class WheelLaserScene
{
    /**
     * @param float $yaw    of the bar, rad
     * @param float $mirror how far its mirrors are out of square, rad
     * @param float $toe    heading of the left wheel, rad; the right one's is the opposite
     */
    public static function network(float $x, float $y, float $yaw, float $mirror, float $toe): Network
    {
        return new Network(
            [new SurveyPoint('RL', 0, 800, 2, 2), new SurveyPoint('RR', 0, -800, 2, 2), new SurveyPoint('A', 3790, 0, 2, 2)],
            [new Body('bar', $x, $y, $yaw, ['end' => [10.0, 900.0]])],
            [new Heading('left', $toe, 0.002), new Heading('right', -$toe, 0.002), new Heading('square', $mirror, 0.001)],
            [new Instrument('scale', new Prior(0, 0.001), new Prior(0, 0.3))],
            [
                new Beam('bl', 'RL', 'left', 'bar', 0.0, 0.7, 'scale'),
                new Beam('br', 'RR', 'right', 'bar', 0.0, 0.7),
                new MirrorReturn('ml', 'RL', 'left', 'bar', 'square', 0.0, 1.0),
                new MirrorReturn('mr', 'RR', 'right', 'bar', null, 0.0, 1.0, 'scale'),
                new HeadingDifference('toe', 'left', 'right', 0.0, 0.0005),
                new RelativeBearing('aim', 'bar', 'A', 0.0, 0.001),
                new Bearing('sight', 'end', 'A', 3.0, 0.001),
            ],
        );
    }
}
