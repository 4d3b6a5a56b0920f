<?php

declare(strict_types=1);

namespace App\Devices\Simulated;

use App\Devices\DeviceUnavailable;
use App\Devices\DistanceMeter;
use Lumbro\Core\School\Call;
use Lumbro\Core\School\Reads;

/** Reads the true set-up with a meter's noise and writes it in mm, as a person would type it. */
final readonly class SimulatedDistanceMeter implements DistanceMeter
{
    public function __construct(private SimulatedBay $bay) {}

    public function read(string $call): string
    {
        $known = $this->bay->plan->call($call) ?? throw DeviceUnavailable::meter();
        if (! $known->isSurveyed()) {
            return sprintf('%d mm', round($this->bay->targetHeight));
        }
        $value = $this->value($known);

        return match ($known->reads) {
            Reads::Turn => round($value, 2) === 0.0 ? '0°' : sprintf('%.2f° %s', abs($value), $value > 0 ? 'anticlockwise' : 'clockwise'),
            Reads::Sided => round($value) === 0.0 ? '0 mm' : sprintf('%d mm %s', round(abs($value)), $value > 0 ? 'left' : 'right'),
            default => sprintf('%d mm', round($value)),
        };
    }

    /** As it is read, with half of the reading's own noise: mm or degrees. */
    private function value(Call $call): float
    {
        $s = $call->reads === Reads::Turn ? rad2deg($call->s) : $call->s;

        return $this->bay->plan->reading($call, $this->bay->truth) + $s / 2 * $this->bay->noise->draw("meter {$this->bay->position} $call->id");
    }
}
