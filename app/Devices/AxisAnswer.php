<?php

declare(strict_types=1);

namespace App\Devices;

/** What a sensor answers: both axes in degrees as its tool reports them, and the target's echo level in dB. */
final readonly class AxisAnswer
{
    public function __construct(
        public float $azimuth,
        public float $elevation,
        public float $echoLevel,
        public string $message,
    ) {}
}
