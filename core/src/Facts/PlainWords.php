<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Run\AxisFinding;
use Lumbro\Core\SetUp\Directions;
use Lumbro\Core\Work\TaskState;

/** What became of a sensor, in sentences for somebody who knows neither radars nor statistics (need J35). */
final class PlainWords
{
    private const AXES = ['azimuth' => 'sideways', 'elevation' => 'up and down'];

    /** @return list<string> */
    public static function of(TaskState $state): array
    {
        $log = $state->run->log;
        if ($state->owed->state === OwedState::NotOwed && $state->runs === []) {
            return ['It was not touched by the work and is not owed a calibration.'];
        }
        $said = [];
        if ($log->sentBack !== null) {
            $said[] = sprintf(
                'It could not be put right here: %s. The car goes back to %s. Its axis is not proven.',
                lcfirst(Cause::from($log->sentBack->fault)->title()),
                Cause::from($log->sentBack->fault)->sendsBackTo() ?? 'body repair',
            );
        }
        $before = $log->corrections === [] ? null : $state->run->findingAfter(0);
        if ($before !== null) {
            $said[] = sprintf('Before anything was adjusted its axis was read %s.', self::place($state, $before));
            $said[] = self::adjusted($log->corrections);
        }
        $finding = $state->run->finding;
        if ($finding === null) {
            $said[] = $log->corrections === [] ? 'Its axis was not read.' : 'Its axis was not read since it was adjusted.';

            return $said;
        }
        // A zero makes any reading after it nought: only what was read before it says where the axis is now.
        $said[] = $finding->basis === 'zero' ? sprintf('By the readings before that, less what was stored, it now is %s.', self::place($state, $finding)) : sprintf(
            '%s %s, in %d %s.',
            $before === null ? 'Its axis was read' : 'Afterwards it was read',
            self::place($state, $finding),
            $finding->readings,
            $finding->readings === 1 ? 'reading' : 'readings',
        );
        $said[] = match (true) {
            $finding->verdict() === Verdict::Holds && $state->run->isProven() => sprintf('That is inside the limit%s: %s.', self::limits($finding), self::chance($finding)),
            $finding->verdict() === Verdict::Out => sprintf('That is outside the limit%s.', self::limits($finding)),
            default => sprintf('Whether that is inside the limit%s is not proven.', self::limits($finding)),
        };
        if ($log->accepted !== null) {
            $said[] = sprintf('It was accepted as it is by %s: %s', $log->accepted->name, $log->accepted->reason);
        }

        return $said;
    }

    private static function place(TaskState $state, AxisFinding $finding): string
    {
        $back = $state->context->sensor->looksBack();
        $parts = [];
        foreach (AxisFinding::AXES as $axis) {
            $off = $finding->verdicts[$axis]->misalignment;
            $parts[] = abs($off) < 0.005 ? sprintf('true %s', self::AXES[$axis]) : sprintf('%.2f° %s', abs($off), Directions::axis($axis, $off, $back));
        }

        return implode(' and ', $parts);
    }

    private static function limits(AxisFinding $finding): string
    {
        $limits = [];
        foreach (AxisFinding::AXES as $axis) {
            if ($finding->verdicts[$axis]->limit !== null) {
                $limits[] = sprintf('%.2f° %s', $finding->verdicts[$axis]->limit, self::AXES[$axis]);
            }
        }

        return $limits === [] ? ', of which the procedure gives none' : ' of ' . implode(' and ', $limits);
    }

    private static function chance(AxisFinding $finding): string
    {
        $least = 1.0;
        foreach (AxisFinding::AXES as $axis) {
            $least = min($least, $finding->verdicts[$axis]->decision->probability ?? 1.0);
        }
        $inHundred = (int) round(100 * $least);

        return $inHundred >= 100 ? 'of a hundred such cars over ninety-nine are' : "of a hundred such cars about $inHundred are";
    }

    /** @param non-empty-list<Corrected> $corrections */
    private static function adjusted(array $corrections): string
    {
        $zeros = array_filter($corrections, static fn(Corrected $made): bool => $made->way === 'electronic');
        $turned = count($corrections) - count($zeros);

        return match (true) {
            $zeros === [] => $turned === 1 ? 'The sensor was then turned once.' : "The sensor was then turned $turned times.",
            $turned === 0 => 'It was then corrected electronically: the sensor itself still looks where it did.',
            default => 'The sensor was then turned, and the rest was corrected electronically.',
        };
    }
}
