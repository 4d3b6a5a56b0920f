<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Axis;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Axis\AxisVerdict;
use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Axis\ReflectorElevation;
use Lumbro\Core\Decision\Verdict;
use PHPUnit\Framework\TestCase;

final class AxisVerdictTest extends TestCase
{
    public function testTheSetUpIsTakenOutOfTheReading(): void
    {
        // A true axis that looks at a target 0.3 degrees too far left reads 0.3 to the right.
        $verdict = AxisVerdict::of(AxisReading::misalignment(-0.3, 0.04), new PlacementError(0.3, 0.03), 0.35);
        self::assertEqualsWithDelta(0.0, $verdict->misalignment, 1e-15);
        self::assertEqualsWithDelta(0.05, $verdict->uncertainty, 1e-15);
        self::assertSame(Verdict::Holds, $verdict->decision?->verdict);
    }

    public function testATargetAngleIsTheSameWithTheOtherSign(): void
    {
        self::assertSame(-0.2, AxisReading::targetAngle(0.2, 0.05)->misalignment);
    }

    public function testWithoutAPlacementNothingIsProvenUnlessTheCardFreesTheAxis(): void
    {
        $unknown = AxisVerdict::of(AxisReading::misalignment(0.0, 0.01), null, 0.35);
        self::assertSame(Verdict::Unproven, $unknown->decision?->verdict);
        self::assertSame(AxisVerdict::PLACEMENT_UNKNOWN, $unknown->decision->reason);
        $freed = AxisVerdict::of(AxisReading::misalignment(0.0, 0.01), null, 0.35, true);
        self::assertSame(Verdict::Holds, $freed->decision?->verdict);
    }

    public function testWithoutALimitNothingIsDecided(): void
    {
        self::assertNull(AxisVerdict::of(AxisReading::misalignment(0.1, 0.01), null, null)->decision);
    }

    public function testElevationOfAReflectorAsWorked(): void
    {
        $error = ReflectorElevation::error(
            targetExcess: 651.6 - 642,
            sTarget: 1,
            sensorExcess: 504.8 - 505,
            sSensor: 1.5,
            range: 3150,
            sRange: 2,
            sRequired: 0.9,
        );
        self::assertEqualsWithDelta(0.17825296116020345, $error->deviation, 1e-12);
        self::assertEqualsWithDelta(0.036649914227209944, $error->uncertainty, 1e-12);
    }
}
