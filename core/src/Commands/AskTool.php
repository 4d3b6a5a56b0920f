<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Run\Routine;
use Lumbro\Core\Screws\AxisPair;

/**
 * Something is asked of the scan tool. That it was asked is recorded first, its answer after it: whatever fails between, the record says what happened, and nothing is asked twice.
 *
 * @extends Command<ToolAsked>
 */
final readonly class AskTool extends Command
{
    public function line(): string
    {
        return ToolAsked::class;
    }

    public function wish(): string
    {
        return ToolWish::class;
    }

    /** What may be asked whatever step is due. */
    private const ANY_TIME = [ToolCommand::Identify, ToolCommand::Unlock, ToolCommand::Voltage, ToolCommand::Codes, ToolCommand::Clear];

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $asked = Document::read(ToolWish::class, $wish);
        Rules::isOpen($now);
        if ($asked->command->isBarred()) {
            Rules::isUnbarred($now);
        }
        $step = self::step($now->task()->run->routine, $asked->command);

        return [new ToolAsked(...$stamp->named(), command: $asked->command, step: $step, values: match ($asked->command) {
            ToolCommand::Zero => $asked->values === null ? throw InvalidInput::because('/payload/values', 'zero.two-axes') : ['azimuth' => $asked->values->azimuth, 'elevation' => $asked->values->elevation],
            ToolCommand::LotCode => ['lotCode' => $asked->lotCode ?? $now->task()->context->order->lotCode ?? throw InvalidInput::because('/payload/lotCode', 'lot-code.missing')],
            default => [],
        })];
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOpen($now);
        if ($line->command->isBarred()) {
            Rules::isUnbarred($now);
        }
        self::step($now->task()->run->routine, $line->command);
        if ($line->command === ToolCommand::Zero) {
            self::zero($now, $line);
        }
    }

    /** The step it belongs to; refuses where another one is due. */
    private static function step(Routine $routine, ToolCommand $command): ?string
    {
        $next = $routine->next();
        if ($next?->command() === $command) {
            return $next->id;
        }
        if ($command === ToolCommand::Read && $next === null) {
            return $routine->reading()->id;
        }
        if (in_array($command, self::ANY_TIME, true) || ($next === null && in_array($command, [ToolCommand::Zero, ToolCommand::Level], true))) {
            return null;
        }

        throw NotAllowed::now('step-order', Message::of('step.not-due', ['next' => $next === null ? 'none' : 'step', 'step' => $next?->said() ?? '', 'command' => $command->said()]));
    }

    private static function zero(Situation $now, ToolAsked $line): void
    {
        Rules::wasRead($now);
        $task = $now->task();
        if (($task->context->card->adjustment->way ?? null) !== 'electronic') {
            throw NotAllowed::now('no-zero', Message::of('zero.not-by-card'));
        }
        Rules::isOwed($now);
        if (! $task->run->takesZero(new AxisPair((float) ($line->values['azimuth'] ?? 0.0), (float) ($line->values['elevation'] ?? 0.0)))) {
            throw InvalidInput::because('/payload/values', 'zero.too-much', ['most' => Quantity::degrees($task->context->card->adjustment->zeroRange ?? 0.0)]);
        }
        if ($task->context->rules->isInSpace() && $task->present()->kind !== 'zero') {
            // A zero hides what is wrong for good: whatever else is advised comes first.
            throw NotAllowed::now('zero-against-advice', Message::of('zero.against-advice'));
        }
    }

    public function decides(): bool
    {
        return true;
    }
}
