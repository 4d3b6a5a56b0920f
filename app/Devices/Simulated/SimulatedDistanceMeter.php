<?php

declare(strict_types=1);

namespace App\Devices\Simulated;

use App\Devices\DeviceUnavailable;
use App\Devices\DistanceMeter;
use Lumbro\Core\Survey\Equation;

/** Reads the true set-up with a meter's noise and writes it in mm, as a person would type it. */
final readonly class SimulatedDistanceMeter implements DistanceMeter
{
    public function __construct(private SimulatedBay $bay) {}

    public function read(string $call): string
    {
        foreach ($this->bay->context->school->calls() as $known) {
            if ($known->id !== $call) {
                continue;
            }
            if ($known->datums !== []) {
                return sprintf('%d mm', round($this->bay->targetHeight));
            }
            $value = $this->value($call);
            if (! $known->sided) {
                return sprintf('%d mm', round($value));
            }

            return round($value) === 0.0 ? '0 mm' : sprintf('%d mm %s', round(abs($value)), $value > 0 ? 'left' : 'right');
        }

        throw DeviceUnavailable::meter();
    }

    private function value(string $call): float
    {
        $equation = $this->bay->context->school->equations()[$call] ?? throw DeviceUnavailable::meter();

        return Equation::of($equation, $this->bay->truth)->value
            + $equation->s() / 2 * $this->bay->noise->draw("meter {$this->bay->position} $call");
    }
}
