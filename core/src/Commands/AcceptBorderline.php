<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\BorderlineAccepted;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/**
 * A border-line axis is accepted by name, where the shop's policy allows it and has been followed to its end (need J29).
 *
 * @extends Command<BorderlineAccepted>
 */
final readonly class AcceptBorderline extends Command
{
    public function line(): string
    {
        return BorderlineAccepted::class;
    }

    public function wish(): string
    {
        return NamedWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $said = Document::read(NamedWish::class, $wish);

        return [new BorderlineAccepted(...$stamp->named(), name: $said->name, reason: $said->reason, as: $now->role?->value)];
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOpen($now);
        if ($now->task()->present()->kind !== 'accept') {
            throw NotAllowed::now('not-borderline', Message::of('accept.not-borderline'));
        }
        if ($now->role !== null && ! $now->role->may(Act::HandOver)) {
            throw NotAllowed::forbidden(Message::of('accept.lead'));
        }
        Rules::hasAtLeast($line->name, 2, '/payload/name');
        Rules::hasAtLeast($line->reason, 10, '/payload/reason');
    }

    public function decides(): bool
    {
        return true;
    }
}
