<?php

declare(strict_types=1);

namespace Lumbro\Core\Facts;

use Lumbro\Core\Axis\AxisVerdict;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Run\AxisFinding;
use Lumbro\Core\Run\RunState;
use Lumbro\Core\SetUp\Directions;

/** What became of a sensor, for somebody who knows neither radars nor statistics (need J35). */
final class PlainWords
{
    /**
     * @param bool $wasRead whether a run has given a reading
     * @param bool $back    whether the sensor looks behind the car
     *
     * @return list<Message>
     */
    public static function of(OwedState $owed, RunState $run, bool $wasRead, bool $back): array
    {
        $log = $run->log;
        if ($owed === OwedState::NotOwed && ! $wasRead) {
            return [Message::of('plain.not-touched')];
        }
        $said = [];
        if ($log->sentBack !== null) {
            $cause = Cause::from($log->sentBack->fault);
            $said[] = Message::of('plain.sent-back', ['cause' => $cause->title(), 'trade' => Message::of('trade.' . ($cause->sendsBackTo() ?? 'body'))]);
        }
        $before = $log->corrections === [] ? null : $run->findingAfter(0);
        if ($before !== null) {
            $said[] = Message::of('plain.before', self::place($back, $before));
            $said[] = self::adjusted($log->corrections);
        }
        $finding = $run->finding;
        if ($finding === null) {
            $said[] = Message::of($log->corrections === [] ? 'plain.not-read' : 'plain.not-read-since');

            return $said;
        }
        // A zero makes any reading after it read 0: only what was read before it says where the axis is now.
        $said[] = $finding->basis === 'zero'
            ? Message::of('plain.by-zero', self::place($back, $finding))
            : Message::of($before === null ? 'plain.read' : 'plain.read-after', [...self::place($back, $finding), 'readings' => $finding->readings]);
        $said[] = match (true) {
            $finding->verdict() === Verdict::Holds && $run->isProven() => Message::of('plain.inside', ['limits' => self::limits($finding), 'chance' => Quantity::chance(self::chance($finding))]),
            $finding->verdict() === Verdict::Out => Message::of('plain.outside', ['limits' => self::limits($finding)]),
            default => Message::of('plain.not-proven', ['limits' => self::limits($finding)]),
        };
        if ($log->accepted !== null) {
            $said[] = Message::of('plain.accepted', ['name' => $log->accepted->name, 'reason' => $log->accepted->reason]);
        }

        return $said;
    }

    /** @return array<string, Message> where the axis was, sideways and up or down */
    private static function place(bool $back, AxisFinding $finding): array
    {
        $place = [];
        foreach (AxisFinding::AXES as $axis) {
            $off = $finding->verdicts[$axis]->misalignment;
            $place[$axis] = abs($off) < 0.005 ? Message::of("plain.true.$axis") : Message::of('plain.off', ['by' => Quantity::degrees($off), 'direction' => Directions::axis($axis, $off, $back)]);
        }

        return $place;
    }

    private static function limits(AxisFinding $finding): Message
    {
        [$azimuth, $elevation] = [$finding->verdicts['azimuth']->limit, $finding->verdicts['elevation']->limit];

        return match (true) {
            $azimuth !== null && $elevation !== null => Message::of('plain.limits', ['azimuth' => Quantity::degrees($azimuth), 'elevation' => Quantity::degrees($elevation)]),
            $azimuth !== null => Message::of('plain.limit-azimuth', ['azimuth' => Quantity::degrees($azimuth)]),
            $elevation !== null => Message::of('plain.limit-elevation', ['elevation' => Quantity::degrees($elevation)]),
            default => Message::of('plain.no-limit'),
        };
    }

    private static function chance(AxisFinding $finding): float
    {
        return min(1.0, ...array_values(array_map(static fn(AxisVerdict $verdict): float => $verdict->decision->probability ?? 1.0, $finding->verdicts)));
    }

    /** @param non-empty-list<Corrected> $corrections */
    private static function adjusted(array $corrections): Message
    {
        $zeros = count(array_filter($corrections, static fn(Corrected $made): bool => $made->isElectronic()));
        $turned = count($corrections) - $zeros;

        return match (true) {
            $zeros === 0 => Message::of('plain.turned', ['times' => $turned]),
            $turned === 0 => Message::of('plain.electronic'),
            default => Message::of('plain.turned-and-electronic'),
        };
    }
}
