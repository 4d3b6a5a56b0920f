<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Refusal;
use App\Records\TaskFile;
use Lumbro\Core\Intake\Bar;
use Lumbro\Core\Message\Message;

/** What stands in the way of working on with the run: every route to the sensor passes here (need J25). */
final class RunGuard
{
    /** @throws Refusal where the task has ended, or the tool owes an answer */
    public static function open(TaskFile $file): void
    {
        $log = $file->state()->run->log;
        if ($log->sentBack !== null || $log->accepted !== null) {
            throw Refusal::conflict('run-ended', 'This task was sent back or accepted by name; it is closed as it stands.');
        }
        if ($log->pending !== null) {
            throw Refusal::conflict('tool-pending', Message::of('tool.pending', ['command' => $log->pending->command->said()]));
        }
    }

    /** @throws Refusal while the interlock holds and nobody has released it */
    public static function unbarred(TaskFile $file): void
    {
        if (! $file->state()->mayRun()) {
            throw Refusal::runBarred(array_map(static fn(Bar $bar): Message => $bar->says, $file->state()->bars));
        }
    }

    /** @throws Refusal where the axis was not read before it is corrected (need J26) */
    public static function wasRead(TaskFile $file): void
    {
        if ($file->state()->run->finding === null) {
            throw Refusal::conflict('not-read', 'The axis is read before anything is corrected.');
        }
    }
}
