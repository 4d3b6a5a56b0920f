<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\SentBack;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Run\RunState;
use Lumbro\Core\Work\Present;

/**
 * The car goes back to another trade, in somebody's name, with the reasons as they stand (needs J29, J36).
 *
 * @extends Command<SentBack>
 */
final readonly class SendBack extends Command
{
    public function line(): string
    {
        return SentBack::class;
    }

    public function wish(): string
    {
        return SendBackWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $said = Document::read(SendBackWish::class, $wish);

        return [new SentBack(...$stamp->named(), fault: $said->fault->value, name: $said->name, reasons: self::reasons($now->task()->present(), $now->task()->run, $said->fault), note: $said->note)];
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOpen($now);
        Rules::hasAtLeast($line->name, 2, '/payload/name');
        $advised = $now->task()->present();
        if (($advised->kind !== 'send-back' || $advised->call !== $line->fault) && mb_strlen($line->note) < 10) {
            throw InvalidInput::because('/payload/note', 'send-back.why');
        }
    }

    /** @return list<string|Message> */
    private static function reasons(Present $present, RunState $run, Cause $fault): array
    {
        $reasons = [Message::of('send-back.fault', ['fault' => $fault->title()])];
        if ($present->kind === 'send-back' && $present->why !== null) {
            $reasons[] = $present->why;
        }
        foreach ($run->diagnosis()->ranked as ['cause' => $cause, 'because' => $because]) {
            if ($cause === $fault) {
                array_push($reasons, ...$because);
            }
        }
        foreach ($run->finding->verdicts ?? [] as $axis => $verdict) {
            $reasons[] = Message::of('send-back.axis', [
                'axis' => $axis, 'off' => Quantity::degrees($verdict->misalignment), 's' => Quantity::degrees($verdict->uncertainty),
                'limited' => $verdict->limit === null ? 'no' : 'yes', 'limit' => Quantity::degrees($verdict->limit ?? 0.0),
            ]);
        }

        return array_values(array_unique($reasons, SORT_REGULAR));
    }

    public function decides(): bool
    {
        return true;
    }
}
