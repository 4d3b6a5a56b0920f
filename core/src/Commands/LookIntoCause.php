<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Line;

/**
 * A possible cause was looked into (need J30).
 *
 * @extends Command<CauseChecked>
 */
final readonly class LookIntoCause extends Command
{
    /** What was seen is said in no fewer characters. */
    private const SEEN = 4;

    public function line(): string
    {
        return CauseChecked::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOpen($now);
        if ($line->found && mb_strlen(trim($line->note)) < self::SEEN && $now->task()->context->rules->isInSpace()) {
            throw InvalidInput::because('/payload/note', 'cause.say-what');
        }
    }
}
