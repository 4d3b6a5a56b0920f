<?php

declare(strict_types=1);

namespace App\Devices;

use App\Devices\Simulated\SimulatedCodeReader;
use App\Devices\Simulated\SimulatedDistanceMeter;
use App\Devices\Simulated\SimulatedScanTool;
use App\Records\OrderFile;
use App\Records\TaskFile;
use App\Records\ToolLog;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Practice\Scenario;
use Lumbro\Core\Practice\World;

/** Hands out the devices that serve a task: simulated ones where its car is simulated, else what was loaded from a tool. */
final class DeviceRoom
{
    /** @throws DeviceUnavailable */
    public function scanTool(TaskFile $file): ScanTool
    {
        $world = $this->world($file);
        if ($world !== null) {
            return new SimulatedScanTool($world, $file->journal->entries());
        }
        $log = ToolLog::of($file);

        return $log === null ? throw DeviceUnavailable::scanTool() : new FileScanTool($log, $file->journal->entries());
    }

    /** Whether anything answers for a scan tool at this task. */
    public function hasTool(TaskFile $file): bool
    {
        return $file->row->scenario !== null || ToolLog::of($file) !== null;
    }

    /** @throws DeviceUnavailable */
    public function meter(TaskFile $file): DistanceMeter
    {
        return new SimulatedDistanceMeter($this->world($file) ?? throw DeviceUnavailable::meter());
    }

    /**
     * The scan tool that ships is a simulated one, for practice; a real tool's scan is typed or comes as its file.
     *
     * @throws DeviceUnavailable
     */
    public function codeReader(OrderFile $file): CodeReader
    {
        return $file->isInvented() ? new SimulatedCodeReader($file) : throw DeviceUnavailable::codeReader();
    }

    /** The simulated car of a task, as its record has left it; null where the car is a real one. */
    public function world(TaskFile $file): ?World
    {
        return $file->row->scenario === null
            ? null
            : World::of($file->context(), Document::read(Scenario::class, Node::stored($file->row->scenario)), $file->journal->entries());
    }
}
