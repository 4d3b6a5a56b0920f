<?php

declare(strict_types=1);

namespace App\Devices;

use App\Devices\Simulated\Scenario;
use App\Devices\Simulated\SimulatedBay;
use App\Devices\Simulated\SimulatedCodeReader;
use App\Devices\Simulated\SimulatedDistanceMeter;
use App\Devices\Simulated\SimulatedScanTool;
use App\Records\OrderFile;
use App\Records\TaskFile;
use Lumbro\Core\Document\Node;

/** Hands out the devices that serve a task: simulated ones where its car is simulated. */
final class DeviceRoom
{
    /** @throws DeviceUnavailable */
    public function scanTool(TaskFile $file): ScanTool
    {
        return new SimulatedScanTool($this->bay($file) ?? throw DeviceUnavailable::scanTool());
    }

    /** @throws DeviceUnavailable */
    public function meter(TaskFile $file): DistanceMeter
    {
        return new SimulatedDistanceMeter($this->bay($file) ?? throw DeviceUnavailable::meter());
    }

    /**
     * The scan tool that ships is a simulated one; a real tool's scan comes as its file.
     *
     * @throws DeviceUnavailable
     */
    public function codeReader(OrderFile $file): CodeReader
    {
        return new SimulatedCodeReader($file);
    }

    private function bay(TaskFile $file): ?SimulatedBay
    {
        return $file->row->scenario === null
            ? null
            : new SimulatedBay($file->context, Scenario::read(Node::parse($file->row->scenario)), $file->entries);
    }
}
