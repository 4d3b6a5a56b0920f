<?php

declare(strict_types=1);

namespace App\Devices;

/** A scan tool that can run a radar sensor's calibration routine and read its axis. */
interface ScanTool
{
    /**
     * Runs the routine and reads the axis, before any correction.
     *
     * @throws RoutineFailed      where the sensor ended the routine without a reading
     * @throws DeviceUnavailable where no tool answers
     */
    public function readAxis(): AxisAnswer;
}
