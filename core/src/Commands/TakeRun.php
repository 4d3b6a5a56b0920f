<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Failure\InvalidInput;
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

        [$azimuth, $elevation] = [$read->azimuth, $read->elevation];
        $tool = Rules::isScanTool($now, $read->tool);
        if ($tool !== null) {
            $signs = $tool->signs ?? throw InvalidInput::because('/payload/tool', 'run.signs-unknown', ['tool' => $tool->measures->name]);
            // Recorded with the card's signs: left and up positive for a misalignment, the other way for the target's angle.
            $flip = $now->task()->context->cardSensor->reportsTargetAngle ? -1.0 : 1.0;
            $azimuth *= $flip * ($signs['left'] === 'plus' ? 1.0 : -1.0);
            $elevation *= $flip * ($signs['up'] === 'plus' ? 1.0 : -1.0);
        }
        $shown = $azimuth === $read->azimuth && $elevation === $read->elevation ? null : ['azimuth' => $read->azimuth, 'elevation' => $read->elevation];

        return [new RunMade(...$stamp->named(), azimuth: $azimuth + 0.0, elevation: $elevation + 0.0, echoLevel: $read->level, message: $read->message ?? Message::of('run.typed'), reliedOn: $now->task()->reliance(), tool: $read->tool, shown: $shown)];
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
