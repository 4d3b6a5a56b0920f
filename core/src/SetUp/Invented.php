<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Journal\FloorRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\StandMoved;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\Call;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Reads;

/**
 * Readings that look as if nobody had taken them: too much alike, or quicker than hands. Honest ones look so now and then;
 * so it is asked, once, and the record says that it was.
 */
final class Invented
{
    /** So many repeats in a row that all show the first figure to the last digit are one in fifty of honest ones. */
    private const REPEATS = 3;

    /** So many staffs that show one figure make a floor flatter than floors are. */
    private const STAFFS = 4;

    /** So many readings in a row, each quicker than this after the one before, s: a tape is not laid and read so soon. */
    private const QUICK = 3;
    private const SECONDS = 4.0;

    /** Nearer than this two figures are the same one, mm or degrees. */
    private const SAME = 0.01;

    /**
     * @param list<Line>                  $entries the task's record before it
     * @param array<string, ReadingTaken> $current call → the reading that counts now
     */
    public static function reading(MeasuringPlan $plan, array $entries, array $current, Call $call, ReadingTaken $reading): ?Message
    {
        return match (true) {
            $call->details->of !== null && self::repeatsAgain($plan, $entries, $current, $call->details->of->id, $reading) => Message::of('invented.repeats', ['times' => self::REPEATS]),
            $call->reads === Reads::Height && $call->details->of === null && self::isWanted($plan, $entries, $reading) => Message::of('invented.wanted', ['typed' => $reading->typed]),
            self::isQuick($entries, $reading) => Message::of('invented.quick', ['times' => self::QUICK, 'seconds' => Quantity::seconds(self::SECONDS)]),
            default => null,
        };
    }

    /** @param array<string, FloorRead> $floor what was read before it */
    public static function staff(array $floor, FloorRead $read): ?Message
    {
        $others = array_diff_key($floor, [$read->place => 0]);
        $alike = array_filter($others, static fn(FloorRead $other): bool => abs((float) $other->value - (float) $read->value) < self::SAME);

        return $read->value !== null && count($alike) === count($others) && count($others) === self::STAFFS - 1
            ? Message::of('invented.staffs', ['times' => self::STAFFS, 'typed' => $read->typed])
            : null;
    }

    /**
     * Whether this repeat and those before it all show the first figure.
     *
     * @param list<Line>                  $entries
     * @param array<string, ReadingTaken> $current
     */
    private static function repeatsAgain(MeasuringPlan $plan, array $entries, array $current, string $of, ReadingTaken $reading): bool
    {
        if (! isset($current[$of]) || abs($current[$of]->value - $reading->value) > self::SAME) {
            return false;
        }
        $first = [];
        $row = 1;
        foreach ($entries as $entry) {
            if (! $entry instanceof ReadingTaken) {
                continue;
            }
            $once = $plan->call($entry->call)?->details->of?->id;
            if ($once === null) {
                $first[$entry->call] = $entry->value;
            } else {
                $row = isset($first[$once]) && abs($first[$once] - $entry->value) < self::SAME ? $row + 1 : 1;
            }
        }

        return $row === self::REPEATS;
    }

    /**
     * Whether a height shows just what is wanted, though nobody has set the target to it here yet.
     *
     * @param list<Line> $entries
     */
    private static function isWanted(MeasuringPlan $plan, array $entries, ReadingTaken $reading): bool
    {
        foreach ($entries as $entry) {
            if ($entry instanceof StandMoved && in_array(MoveKind::Height, $entry->kinds, true)) {
                return false;
            }
        }
        $spot = $plan->context->spot;
        $wanted = $plan->context->card->target->convert($plan->requiredHeight(), $spot->heightDatum, $reading->datum ?? $spot->heightDatum);

        return abs($reading->value - $wanted) < self::SAME;
    }

    /** @param list<Line> $entries */
    private static function isQuick(array $entries, ReadingTaken $reading): bool
    {
        $times = [self::typedAt($reading)];
        foreach (array_reverse($entries) as $entry) {
            if (! $entry instanceof ReadingTaken || count($times) > self::QUICK) {
                break;
            }
            $times[] = self::typedAt($entry);
        }
        if (in_array(null, $times, true) || count($times) <= self::QUICK) {
            return false;
        }
        for ($i = 0; $i < self::QUICK; $i++) {
            if ($times[$i] - $times[$i + 1] >= self::SECONDS) {
                return false;
            }
        }

        return true;
    }

    /** When a line was written where it was typed, s: its id says it (RFC 9562, version 7), also of one that waited for the server. */
    private static function typedAt(Line $line): ?float
    {
        return preg_match('/^([0-9a-f]{8})-([0-9a-f]{4})-7/', $line->id, $found) === 1 ? hexdec($found[1] . $found[2]) / 1000 : null;
    }
}
