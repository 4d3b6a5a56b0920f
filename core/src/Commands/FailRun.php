<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\RunFailed;
use Lumbro\Core\Measure\Node;

/**
 * A routine that came to nothing, typed from the tool's screen with its words.
 *
 * @extends Command<RunFailed>
 */
final readonly class FailRun extends Command
{
    public function line(): string
    {
        return RunFailed::class;
    }

    public function wish(): string
    {
        return FailureWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $said = Document::read(FailureWish::class, $wish);
        $routine = $now->task()->run->routine;

        return [new RunFailed(...$stamp->named(), message: $said->message, command: $routine->next()?->command() ?? ToolCommand::Read, codes: $said->codes, tool: $said->tool)];
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOpen($now);
        if ($line->command?->isBarred() === true) {
            Rules::isUnbarred($now);
        }
        Rules::isScanTool($now, $line->tool);
    }

    public function decides(): bool
    {
        return true;
    }
}
