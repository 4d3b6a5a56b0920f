<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/**
 * The axis is read: typed where no tool is connected, or as the tool answered.
 *
 * @extends Command<RunMade>
 */
final readonly class TakeRun extends Command
{
    public function line(): string
    {
        return RunMade::class;
    }

    public function wish(): string
    {
        return RunWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $read = Document::read(RunWish::class, $wish);

        return [new RunMade(...$stamp->named(), azimuth: $read->azimuth, elevation: $read->elevation, echoLevel: $read->level, message: $read->message ?? Message::of('run.typed'), reliedOn: $now->task()->reliance())];
    }

    public function admit(Situation $now, Line $line): void
    {
        if ($line->to !== null) {
            HearTool::answers($now, $line->to, ToolCommand::Read);

            return;
        }
        Rules::isOpen($now);
        Rules::isUnbarred($now);
        $routine = $now->task()->run->routine;
        $next = $routine->next();
        if ($next !== null && $next->id !== $routine->reading()->id) {
            throw NotAllowed::now('step-order', Message::of('step.before-read', ['step' => $next->said()]));
        }
    }

    public function decides(): bool
    {
        return true;
    }
}
