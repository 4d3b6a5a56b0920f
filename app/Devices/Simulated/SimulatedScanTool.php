<?php

declare(strict_types=1);

namespace App\Devices\Simulated;

use App\Devices\ConnectionLost;
use App\Devices\ScanTool;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Practice\SimulatedTool;
use Lumbro\Core\Practice\World;
use Lumbro\Core\Run\ToolReply;

/** The simulated car's tool: what it did and knows follows from the record alone. */
final readonly class SimulatedScanTool implements ScanTool
{
    private SimulatedTool $tool;

    /** @param list<Line> $entries the task's record, with what is asked last */
    public function __construct(World $world, array $entries)
    {
        $this->tool = new SimulatedTool($world, $entries);
    }

    public function name(): string
    {
        return 'Simulated scan tool';
    }

    public function ready(ToolCommand $command): void {}

    public function ask(ToolAsked $asked): ToolReply
    {
        $reply = $this->tool->reply($asked);
        if ($this->tool->losesAnswer($asked) || $reply->outcome === 'never-sent') {
            throw ConnectionLost::to($this->name());
        }

        return $reply;
    }

    public function outcome(ToolAsked $asked): ToolReply
    {
        return $this->tool->reply($asked);
    }
}
