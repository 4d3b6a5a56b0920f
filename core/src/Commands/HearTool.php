<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\LevelRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Run\ToolReply;

/**
 * What came of something the tool was asked: its answer, or that nobody can know it any more.
 *
 * @extends Command<ToolAnswered>
 */
final readonly class HearTool extends Command
{
    public function line(): string
    {
        return ToolAnswered::class;
    }

    /**
     * The lines that a tool's answer comes to; none where what it was asked is answered already.
     *
     * @return list<Line>
     */
    public static function answer(Situation $now, ToolAsked $asked, ToolReply $reply, Stamp $stamp): array
    {
        if ($now->task()->run->log->pending?->id !== $asked->id) {
            return [];
        }
        $level = $reply->values['level'] ?? null;
        if ($asked->command === ToolCommand::Read && $reply->outcome === 'done') {
            return $reply->isReading()
                ? [new RunMade(...$stamp->named(), azimuth: (float) $reply->azimuth, elevation: (float) $reply->elevation, echoLevel: is_float($level) ? $level : null, message: $reply->message, reliedOn: $now->task()->reliance(), to: $asked->id)]
                : [new ToolAnswered(...$stamp->named(), to: $asked->id, outcome: 'nonsense', message: Message::of('tool.no-axis', ['message' => InvalidInput::short($reply->message, 200)]))];
        }
        $answered = new ToolAnswered(...$stamp->named(), to: $asked->id, outcome: $reply->outcome, message: $reply->message, values: $reply->values, codes: $reply->codes, wiped: $reply->wiped);

        return match (true) {
            $reply->outcome !== 'done' => [$answered],
            $asked->command === ToolCommand::Zero => [$answered, new Corrected(...$stamp->next()->named(), way: 'electronic', azimuth: (float) $asked->values['azimuth'], elevation: (float) $asked->values['elevation'], to: $asked->id)],
            $asked->command === ToolCommand::Level && is_float($level) => [$answered, new LevelRead(...$stamp->next()->named(), position: self::position($now->task()->context->card->adjustment->order ?? [], count($now->task()->run->log->levels)), level: $level)],
            default => [$answered],
        };
    }

    /**
     * No answer came, and the tool does not tell what became of it.
     *
     * @return list<Line>
     */
    public static function givenUp(Situation $now, ToolAsked $asked, Stamp $stamp): array
    {
        return $now->task()->run->log->pending?->id === $asked->id
            ? [new ToolAnswered(...$stamp->named(), to: $asked->id, outcome: 'lost', message: Message::of('tool.given-up'))]
            : [];
    }

    public function admit(Situation $now, Line $line): void
    {
        self::answers($now, $line->to, null);
    }

    /** @throws InvalidInput where nothing that is still unanswered was asked under this id, or something else was */
    public static function answers(Situation $now, string $to, ?ToolCommand $command): void
    {
        $pending = $now->task()->run->log->pending;
        if ($pending?->id !== $to || ($command !== null && $pending->command !== $command)) {
            throw InvalidInput::because('/payload/to', 'tool.not-asked');
        }
    }

    /**
     * The plate's position that is due.
     *
     * @param list<string> $order the card's positions, as they are swung
     * @param int          $read  how many levels were read
     */
    private static function position(array $order, int $read): string
    {
        return $order[$read] ?? $order[0] ?? 'square';
    }

    public function isWished(): bool
    {
        return false;
    }
}
