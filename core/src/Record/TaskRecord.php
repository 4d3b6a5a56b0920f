<?php

declare(strict_types=1);

namespace Lumbro\Core\Record;

use Lumbro\Core\Procedure\MoveKind;

/**
 * The record of one sensor task, read from its first line to its last.
 *
 * Every move of the stand begins a new position; a reading counts in each position it was not spoiled in. A run
 * belongs to the position it was made in, with all that was measured there, before or after it.
 */
final class TaskRecord
{
    /** @var list<array<string, ReadingTaken>> position → call → the reading that counts there */
    private array $positions = [[]];

    /** @var list<StandMoved> the move that ended each position but the last */
    public array $moves = [];

    /** @var array<string, list<string>> reading → why it does not count now: "struck", "replaced" or "moved" */
    private array $fate = [];

    /** @var list<ReadingTaken> */
    public array $readings = [];

    /** @var array<string, Answered> item → the latest answer */
    public array $answers = [];

    /** @var list<array{run: RunMade, position: int, release: RunReleased|null}> */
    public array $runs = [];

    /** @var list<RunFailed> */
    public array $failedRuns = [];

    /** A release that no run has used yet. */
    public ?RunReleased $release = null;

    /**
     * @param list<Entry>                             $entries in the order they were recorded
     * @param \Closure(list<MoveKind>): list<string> $spoiled which calls a move makes due again
     */
    public function __construct(array $entries, \Closure $spoiled)
    {
        $struck = self::struck($entries);
        foreach ($entries as $entry) {
            match (true) {
                $entry instanceof ReadingTaken => $this->take($entry, isset($struck[$entry->id])),
                $entry instanceof StandMoved => $this->move($entry, $spoiled($entry->kinds)),
                $entry instanceof Answered => $this->answers[$entry->item] = $entry,
                $entry instanceof RunReleased => $this->release = $entry,
                $entry instanceof RunMade => $this->run($entry),
                $entry instanceof RunFailed => $this->fail($entry),
                default => null,
            };
        }
    }

    /** @return array<string, ReadingTaken> call → the reading that counts where the stand is now */
    public function current(): array
    {
        return $this->at(count($this->positions) - 1);
    }

    /** @return array<string, ReadingTaken> */
    public function at(int $position): array
    {
        return $this->positions[$position];
    }

    /** Which position the stand is in now: the number of moves so far. */
    public function position(): int
    {
        return count($this->positions) - 1;
    }

    /** Why a reading does not count now, or "counts". */
    public function fate(ReadingTaken $reading): string
    {
        return $this->fate[$reading->id][0] ?? 'counts';
    }

    /**
     * Which readings are struck: a strike holds unless the line that made it was struck itself.
     *
     * @param list<Entry> $entries
     *
     * @return array<string, true>
     */
    private static function struck(array $entries): array
    {
        $struck = [];
        foreach (array_reverse($entries) as $entry) {
            if ($entry instanceof ReadingStruck) {
                $struck[$entry->reading] = true;
            } elseif ($entry instanceof ReadingTaken && $entry->strikes !== null && ! isset($struck[$entry->id])) {
                $struck[$entry->strikes] = true;
            }
        }

        return $struck;
    }

    private function take(ReadingTaken $reading, bool $struck): void
    {
        $this->readings[] = $reading;
        if ($struck) {
            $this->fate[$reading->id][] = 'struck';

            return;
        }
        $here = count($this->positions) - 1;
        $before = $this->positions[$here][$reading->call] ?? null;
        if ($before !== null) {
            $this->fate[$before->id][] = 'replaced';
        }
        $this->positions[$here][$reading->call] = $reading;
    }

    /** @param list<string> $spoiled */
    private function move(StandMoved $move, array $spoiled): void
    {
        $this->moves[] = $move;
        $kept = [];
        foreach ($this->current() as $call => $reading) {
            if (in_array($call, $spoiled, true)) {
                $this->fate[$reading->id][] = 'moved';
            } else {
                $kept[$call] = $reading;
            }
        }
        $this->positions[] = $kept;
    }

    private function run(RunMade $run): void
    {
        $this->runs[] = ['run' => $run, 'position' => $this->position(), 'release' => $this->release];
        $this->release = null;
    }

    private function fail(RunFailed $run): void
    {
        $this->failedRuns[] = $run;
        $this->release = null;
    }
}
