<?php

declare(strict_types=1);

namespace App\Queue;

use App\Failure\Refusal;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\InteractsWithQueue;

/** What the queue carries: one kept request. */
final class DoChore implements ShouldQueue
{
    use InteractsWithQueue;
    use Queueable;

    /** What ends its worker so often is not tried again. */
    private const ATTEMPTS = 3;

    public function __construct(public readonly string $shop, public readonly string $chore) {}

    public function handle(Server $server): void
    {
        $chore = Chore::find($this->shop, $this->chore);
        if ($chore === null || ! $chore->begin(Beat::name())) {
            return;
        }
        $kind = $chore->kind();
        if ($chore->row->attempts >= self::ATTEMPTS) {
            $chore->end($server->refused($chore, Refusal::brokenOff()));

            return;
        }
        $ended = Bounded::run(static fn() => $chore->end($server->of($chore)), $kind->seconds(), $kind->megabytes(), $chore->isWanted(...));
        match ($ended) {
            Bounded::TOO_LONG => $chore->end($server->refused($chore, Refusal::tooLong((int) round($kind->seconds())))),
            Bounded::TOO_LARGE => $chore->end($server->refused($chore, Refusal::tooLarge($kind->megabytes()))),
            Bounded::KILLED => $this->again($chore),
            default => null,
        };
    }

    private function again(Chore $chore): void
    {
        $chore->giveBack();
        $this->release(1);
    }
}
