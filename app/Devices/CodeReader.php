<?php

declare(strict_types=1);

namespace App\Devices;

use Lumbro\Core\Journal\Scan;

/** A scan tool that reads a car's trouble codes. */
interface CodeReader
{
    /** @throws DeviceUnavailable where no tool answers */
    public function scan(): Scan;
}
