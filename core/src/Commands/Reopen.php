<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\Reopened;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/**
 * A lead opens a sealed record again. The seal stays as it is; the next one is a revision on top of it.
 *
 * @extends Command<Reopened>
 */
final readonly class Reopen extends Command
{
    public function line(): string
    {
        return Reopened::class;
    }

    public function wish(): string
    {
        return ReasonWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $reason = Document::read(ReasonWish::class, $wish)->reason;

        return [new Reopened(...$stamp->named(), name: $stamp->person, reason: $reason, as: $now->role?->value)];
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::may($now, Act::Reopen);
        if (! $now->sealed) {
            throw NotAllowed::now('not-sealed', Message::of('reopen.not-sealed'));
        }
        Rules::hasAtLeast($line->reason, 10, '/payload/reason');
    }

    public function decides(): bool
    {
        return true;
    }

    public function act(): Act
    {
        return Act::Reopen;
    }
}
