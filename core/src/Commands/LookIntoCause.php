<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\Line;

/**
 * A possible cause was looked into (need J30).
 *
 * @extends Command<CauseChecked>
 */
final readonly class LookIntoCause extends Command
{
    public function line(): string
    {
        return CauseChecked::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOpen($now);
    }
}
