<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

use Lumbro\Core\Method\HubMarks\HubMarks;
use Lumbro\Core\Method\PlumbAndLine\PlumbAndLine;
use Lumbro\Core\Method\ReportedPose\ReportedPose;
use Lumbro\Core\Method\SplitFromStand\SplitFromStand;
use Lumbro\Core\Method\Squares\Squares;
use Lumbro\Core\Method\WheelLasers\WheelLasers;

/** The schools there are, in the order they are offered. */
final class Schools
{
    /** @var array<string, School>|null */
    private static ?array $all = null;

    /** @return array<string, School> id → school */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach ([new PlumbAndLine(), new SplitFromStand(), new HubMarks(), new Squares(), new WheelLasers(), new ReportedPose()] as $school) {
                self::$all[$school->id()] = $school;
            }
        }

        return self::$all;
    }
}
