<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Bar;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\RunReleased;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/**
 * Somebody lets one run go ahead although it is barred, in their name and for a reason (need J25).
 *
 * @extends Command<RunReleased>
 */
final readonly class ReleaseRun extends Command
{
    public function line(): string
    {
        return RunReleased::class;
    }

    public function wish(): string
    {
        return NamedWish::class;
    }

    public function lines(Situation $now, Node $wish, Stamp $stamp): array
    {
        $said = Document::read(NamedWish::class, $wish);

        return [new RunReleased(...$stamp->named(), name: $said->name, reason: $said->reason, overrode: array_map(static fn(Bar $bar): Message => $bar->says, $now->task()->bars), as: $now->role?->value)];
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::may($now, Act::Release);
        if ($now->task()->bars === []) {
            throw NotAllowed::now('not-barred', Message::of('run.not-barred'));
        }
        Rules::hasAtLeast($line->name, 2, '/payload/name');
        Rules::hasAtLeast($line->reason, 10, '/payload/reason');
    }

    public function decides(): bool
    {
        return true;
    }

    public function act(): Act
    {
        return Act::Release;
    }
}
