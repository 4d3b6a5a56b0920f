<?php

declare(strict_types=1);

namespace App\Devices\Simulated;

use App\Devices\DeviceUnavailable;
use App\Devices\DistanceMeter;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\Practice\World;

/** Reads the true set-up with a meter's noise and writes it in mm, as a person would type it; staff readings of the floor too. */
final readonly class SimulatedDistanceMeter implements DistanceMeter
{
    private const FLOOR = 'floor-';

    public function __construct(private World $world) {}

    public function read(string $call): string
    {
        if (str_starts_with($call, self::FLOOR)) {
            return sprintf('%d mm', round($this->world->staff(substr($call, strlen(self::FLOOR)))));
        }
        $known = $this->world->plan->call($call) ?? throw DeviceUnavailable::meter();
        $value = $this->world->meter($known);

        return match ($known->reads) {
            Reads::Turn => round($value, 2) === 0.0 ? '0°' : sprintf('%.2f° %s', abs($value), $value > 0 ? 'anticlockwise' : 'clockwise'),
            Reads::Sided => round($value) === 0.0 ? '0 mm' : sprintf('%d mm %s', round(abs($value)), $value > 0 ? 'left' : 'right'),
            default => sprintf('%d mm', round($value)),
        };
    }
}
