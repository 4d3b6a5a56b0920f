<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\SetUp\Disagreement;
use Lumbro\Core\Work\TaskStanding;

/** What a task's record shows to be wrong, to anybody who reads it. */
final class Told
{
    /** A reading that was struck and came out this much otherwise was a slip, mm or degrees. */
    private const SLIP = 4.0;
    private const SLIP_ANGLE = 0.1;

    /** The floor under spot and car is apart or leans from here on: mm, degrees. */
    private const FLOOR = 5.0;
    private const GRADE = 0.1;

    /** A zero from before is worth naming from here on, degrees. */
    private const ZERO = 0.1;

    /** @return list<FaultKind> each once */
    public static function by(TaskStanding $task): array
    {
        $kinds = [...self::ofRun($task), ...self::ofSetUp($task)];
        if (self::slips($task)) {
            $kinds[] = FaultKind::Slip;
        }

        return array_values(array_unique($kinds, SORT_REGULAR));
    }

    /** @return list<FaultKind> */
    private static function ofRun(TaskStanding $task): array
    {
        $run = $task->state()->run;
        $kinds = [];
        foreach ($task->state()->entries as $entry) {
            if ($entry instanceof CauseChecked && $entry->found) {
                $kinds[] = FaultKind::ofCause(Cause::from($entry->cause));
            }
        }
        $kinds[] = $run->log->sentBack === null ? null : FaultKind::ofCause(Cause::from($run->log->sentBack->fault));
        foreach (['zeroAzimuth', 'zeroElevation'] as $zero) {
            $kinds[] = abs($run->log->figure($zero) ?? 0.0) >= self::ZERO ? FaultKind::Zero : null;
        }
        foreach ($run->findingAfter(0)->verdicts ?? [] as $verdict) {
            $kinds[] = $verdict->limit !== null && abs($verdict->misalignment) > $verdict->limit ? FaultKind::Axis : null;
        }

        return array_values(array_filter($kinds));
    }

    /** @return list<FaultKind> */
    private static function ofSetUp(TaskStanding $task): array
    {
        $setUp = $task->state()->setUp;
        $kinds = array_map(FaultKind::ofUnknown(...), $setUp->aside);
        $open = Disagreement::of($setUp);
        if ($open !== null && $setUp->isConsistent() === false) {
            $kinds[] = $open->isRead ? FaultKind::Slip : FaultKind::ofUnknown($open->id);
        }
        $floor = $task->state()->plan->floor;
        if ($floor->from === 'readings' && abs($floor->below) >= self::FLOOR || abs($floor->grade->value ?? 0.0) >= self::GRADE) {
            $kinds[] = FaultKind::Floor;
        }

        return array_values(array_filter($kinds));
    }

    /** Whether a reading that was struck came out otherwise at the same place. */
    private static function slips(TaskStanding $task): bool
    {
        $record = $task->state()->record;
        $struck = [];
        foreach ($record->readings as $reading) {
            $key = $reading->call . ' ' . $record->positionOf($reading);
            if (isset($struck[$key]) && abs($struck[$key] - $reading->value) > self::bound($reading)) {
                return true;
            }
            if ($record->fate($reading) === 'struck') {
                $struck[$key] = $reading->value;
            }
        }

        return false;
    }

    private static function bound(ReadingTaken $reading): float
    {
        return $reading->isAngle() ? self::SLIP_ANGLE : self::SLIP;
    }
}
