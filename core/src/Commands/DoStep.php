<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Card\CardStep;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\StepDone;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/**
 * A step of the card's procedure that a person does is done.
 *
 * @extends Command<StepDone>
 */
final readonly class DoStep extends Command
{
    public function line(): string
    {
        return StepDone::class;
    }

    public function wish(): string
    {
        return StepWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $id = Document::read(StepWish::class, $wish)->step;
        $step = self::isDue($now, $id);
        $waited = null;
        if ($step->seconds !== null && $step->seconds > 0) {
            $clock = $now->task()->run->log->clock;
            $waited = $clock?->step !== $id ? 0.0 : round(self::second($stamp->at) - self::second($clock->at), 1);
        }

        return [new StepDone(...$stamp->named(), step: $id, waited: $waited)];
    }

    public function admit(Situation $now, Line $line): void
    {
        self::isDue($now, $line->step);
    }

    public function question(Situation $now, Line $line): ?Message
    {
        $asked = $now->task()->run->routine->step($line->step)?->seconds;

        return $asked !== null && $line->waited !== null && $line->waited < $asked
            ? Message::of('step.too-soon', ['asked' => Quantity::seconds($asked), 'passed' => Quantity::seconds($line->waited)])
            : null;
    }

    public function asksAbout(): string
    {
        return '/step';
    }

    /**
     * The step, where a person may do it now. Where no tool is connected, somebody does at the tool itself what it would
     * be asked for; the axis is typed.
     *
     * @throws InvalidInput|NotAllowed where the card has no such step, another one is due, or a tool is there to do it
     */
    public static function isDue(Situation $now, string $id): CardStep
    {
        Rules::isOpen($now);
        $routine = $now->task()->run->routine;
        $step = $routine->step($id) ?? throw InvalidInput::because('/payload/step', 'step.unknown');
        $next = $routine->next();
        if ($next?->id !== $step->id) {
            throw NotAllowed::now('step-order', $next === null ? Message::of('step.all-done') : Message::of('step.due-first', ['step' => $next->said()]), '/payload/step');
        }
        $command = $step->command();
        if ($command === null) {
            return $step;
        }
        if ($command === ToolCommand::Read || $now->hasTool() === true) {
            throw NotAllowed::now('step-order', Message::of('step.by-hand', ['command' => $command->value, 'does' => $command->said()]), '/payload/step');
        }
        if ($command->isBarred()) {
            Rules::isUnbarred($now);
        }

        return $step;
    }

    private static function second(string $at): float
    {
        return (float) (new \DateTimeImmutable($at))->format('U.v');
    }

    public function decides(): bool
    {
        return true;
    }
}
