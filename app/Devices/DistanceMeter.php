<?php

declare(strict_types=1);

namespace App\Devices;

/** A meter, rule or tape that reads what a call asks for and writes it as a person would type it. */
interface DistanceMeter
{
    /** @throws DeviceUnavailable where no meter answers, or it cannot read this call */
    public function read(string $call): string;
}
