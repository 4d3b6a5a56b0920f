<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\Answered;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingStruck;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\RunFailed;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\RunReleased;
use Lumbro\Core\Journal\StandBumped;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Method\MoveKind;

/**
 * The record of one sensor task, read from its first line to its last.
 *
 * Every move of the stand begins a new position; a reading counts in each position it was not spoiled in. A run
 * belongs to the position it was made in, with all that was measured there, before or after it.
 */
final class TaskRecord
{
    /** Readings of one thing that differ by no more say the same: mm, degrees. */
    private const SAME = 4.0;
    private const SAME_ANGLE = 0.1;

    /** @var list<array<string, ReadingTaken>> position → call → the reading that counts there */
    private array $positions = [[]];

    /** @var list<StandMoved|StandSet|StandBumped|null> what ended each position but the last; null where it was the car that moved */
    public array $moves = [];

    /** @var array<string, list<string>> reading → why it does not count now: "struck", "replaced" or "moved" */
    private array $fate = [];

    /** @var list<ReadingTaken> */
    public array $readings = [];

    /** @var array<string, Answered> item → the latest answer */
    public array $answers = [];

    /** @var array<string, ToolCommand> */
    private array $asked = [];

    /** @var array<string, int> entry → position it was made in */
    private array $where = [];

    /** @var list<array{run: RunMade, position: int, release: RunReleased|null}> */
    public array $runs = [];

    /** @var list<RunFailed> */
    public array $failedRuns = [];

    /** @var list<StandSet|null> position → how the target hung on its stand there */
    public array $sets = [null];

    /** A release that no run has used yet. */
    public ?RunReleased $release = null;

    /**
     * @param list<Line>                             $entries in the order they were recorded
     * @param \Closure(list<MoveKind>): list<string> $spoiled which calls a move makes due again
     * @param \Closure(): list<string>               $hung    which calls another arm makes due again
     * @param list<string>                           $carMoved when the car was put somewhere else, in order
     * @param bool                                   $lasting whether a release goes on to the run's end, not through one reading
     */
    public function __construct(array $entries, \Closure $spoiled, private readonly \Closure $hung, array $carMoved = [], private readonly bool $lasting = false)
    {
        $struck = self::struck($entries);
        foreach ($entries as $entry) {
            while ($carMoved !== [] && $carMoved[0] <= $entry->at) {
                array_shift($carMoved);
                $this->carMoves();
            }
            match (true) {
                $entry instanceof ReadingTaken => $this->take($entry, isset($struck[$entry->id])),
                $entry instanceof StandMoved => $this->move($entry, $spoiled($entry->kinds)),
                $entry instanceof StandSet => $this->set($entry),
                $entry instanceof StandBumped => $this->bumped($entry, $spoiled(MoveKind::cases())),
                $entry instanceof Answered => $this->answers[$entry->item] = $entry,
                $entry instanceof RunReleased => $this->release = $entry,
                $entry instanceof RunMade => $this->run($entry),
                $entry instanceof RunFailed => $this->fail($entry),
                $entry instanceof ToolAsked => $this->asked[$entry->id] = $entry->command,
                $entry instanceof ToolAnswered => $this->answer($entry),
                default => null,
            };
            $this->where[$entry->id] = $this->position();
        }
        foreach ($carMoved as $_) {
            $this->carMoves();
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

    /**
     * Calls whose reading was struck in a position and came out the same when it was taken anew there.
     *
     * @return list<string>
     */
    public function confirmed(int $position): array
    {
        $confirmed = [];
        foreach ($this->positions[$position] as $call => $reading) {
            foreach ($this->readings as $earlier) {
                if ($earlier !== $reading && $earlier->call === $call && ($this->where[$earlier->id] ?? null) === ($this->where[$reading->id] ?? null)
                    && $this->fate($earlier) === 'struck' && abs($earlier->value - $reading->value) <= ($reading->isAngle() ? self::SAME_ANGLE : self::SAME)) {
                    $confirmed[] = (string) $call;
                    break;
                }
            }
        }

        return $confirmed;
    }

    /** Which position the stand is in now: the number of moves so far. */
    public function position(): int
    {
        return count($this->positions) - 1;
    }

    /** Which position the stand was in once a line had been recorded. */
    public function positionOf(Line $entry): int
    {
        return $this->where[$entry->id] ?? 0;
    }

    /** Why a reading does not count now, or "counts". */
    public function fate(ReadingTaken $reading): string
    {
        return $this->fate[$reading->id][0] ?? 'counts';
    }

    /**
     * Which readings are struck: a strike holds unless the line that made it was struck itself.
     *
     * @param list<Line> $entries
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
        $this->next($spoiled);
        $this->sets[] = $this->sets[count($this->sets) - 1];
    }

    /** @param list<string> $spoiled */
    private function bumped(StandBumped $bumped, array $spoiled): void
    {
        $this->moves[] = $bumped;
        $this->next($spoiled);
        $this->sets[] = $this->sets[count($this->sets) - 1];
    }

    /** A car that is moved leaves behind whatever was measured to it. */
    private function carMoves(): void
    {
        if ($this->current() !== []) {
            $this->moves[] = null;
            $this->next(array_keys($this->current()));
            $this->sets[] = $this->sets[count($this->sets) - 1];
        }
    }

    private function set(StandSet $set): void
    {
        $before = $this->sets[count($this->sets) - 1];
        $this->moves[] = $set;
        $this->next($before?->arm === $set->arm ? [] : ($this->hung)());
        $this->sets[] = $set;
    }

    /**
     * Begins a position with the readings that were not spoiled.
     *
     * @param list<string> $spoiled
     */
    private function next(array $spoiled): void
    {
        $kept = [];
        foreach ($this->current() as $call => $reading) {
            if (in_array($call, $spoiled, true)) {
                $this->fate[$reading->id][] = 'moved';
            } else {
                $kept[$call] = $reading;
            }
        }
        $this->positions[] = $kept;
        if ($this->lasting) {
            // What was released was a run in this set-up.
            $this->release = null;
        }
    }

    private function run(RunMade $run): void
    {
        $this->runs[] = ['run' => $run, 'position' => $this->position(), 'release' => $this->release];
        if (! $this->lasting) {
            $this->release = null;
        }
    }

    /** A run that ends in nothing has used up what let it begin. */
    private function answer(ToolAnswered $answer): void
    {
        if ($answer->outcome === 'failed' && ($this->asked[$answer->to] ?? null)?->isBarred() === true) {
            $this->release = null;
        }
    }

    private function fail(RunFailed $run): void
    {
        $this->failedRuns[] = $run;
        $this->release = null;
    }
}
