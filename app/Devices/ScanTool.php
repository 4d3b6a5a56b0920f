<?php

declare(strict_types=1);

namespace App\Devices;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Run\ToolReply;

/** A scan tool and the radar sensor behind it: identity, gateway, supply, codes, routines, axis and zero. */
interface ScanTool
{
    public function name(): string;

    /** @throws DeviceUnavailable where this command cannot be asked of it now */
    public function ready(ToolCommand $command): void;

    /**
     * Does what it is asked and tells what came of it.
     *
     * @throws ConnectionLost where it may have done it, but no answer came
     */
    public function ask(ToolAsked $asked): ToolReply;

    /**
     * What came of something it was asked before; it does nothing anew.
     *
     * @throws ConnectionLost where it still gives no answer
     */
    public function outcome(ToolAsked $asked): ToolReply;
}
