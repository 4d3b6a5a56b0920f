<?php

declare(strict_types=1);

namespace App\Devices\Simulated;

use App\Devices\AxisAnswer;
use App\Devices\RoutineFailed;
use App\Devices\ScanTool;

/** Answers from the stand's true pose and the sensor's hidden mount error: m = μ − Δ (maths, section 6). */
final readonly class SimulatedScanTool implements ScanTool
{
    /** A target further off than this is not found, degrees. */
    private const WINDOW = 4.0;

    /** The tool shows hundredths of a degree and tenths of a dB. */
    private const DEGREES = 2;
    private const LEVEL = 1;

    public function __construct(private SimulatedBay $bay) {}

    public function readAxis(): AxisAnswer
    {
        [$azimuth, $elevation] = $this->bay->placementError();
        if (abs($azimuth) > self::WINDOW || abs($elevation) > self::WINDOW) {
            throw RoutineFailed::targetNotFound();
        }
        $sensor = $this->bay->context->card->sensor;
        $scenario = $this->bay->scenario;
        $sign = $sensor->reportsTargetAngle ? -1 : 1;
        $read = fn(string $axis, float $value): float => round(
            $sign * $value + $sensor->s / 2 * $this->bay->noise->draw("read {$this->bay->position} $axis"),
            self::DEGREES,
        );

        return new AxisAnswer(
            $read('azimuth', $scenario->mountAzimuth - $azimuth),
            $read('elevation', $scenario->mountElevation - $elevation),
            round($scenario->echoLevel + 0.3 * $this->bay->noise->draw("level {$this->bay->position}"), self::LEVEL),
            'Routine completed',
        );
    }
}
