<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

use Lumbro\Core\Axis\AxisReading;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Method\MoveKind;
use Lumbro\Core\Method\Times;
use Lumbro\Core\Numeric\Normal;
use Lumbro\Core\Run\AxisFinding;
use Lumbro\Core\SetUp\SetUp;

/** The reading that brings to light what could be wrong and not show (need J43). */
final class Guarding
{
    /** To move the stand costs so much beside all that it makes due again, minutes. */
    private const MOVE = 1.0;

    /** After so many moves the stand is measured where it is: another would follow what is not known well enough. */
    private const MOVES = 3;

    /** After so many it is not moved any more: either the kit is not good enough, or something is wrong that no move puts right. */
    private const OFTEN = 6;

    /** Where readings would take longer than this, adjusting takes less, minutes. */
    private const ADJUST = 10.0;

    /** So many staffs are a survey of the floor. */
    private const WHOLE = 3;

    /** Before the run: what is still to be read, where the stand is or before it is moved; null where nothing helps, or it is the move's turn. */
    public static function of(TaskState $state): ?Present
    {
        $setUp = $state->setUp;
        if (! $setUp->isPlaced() || $setUp->holds()) {
            return null;
        }
        if ($state->moves === [] || count($state->record->moves) >= self::MOVES) {
            return self::asked($state, $setUp->missing([], []) ?: $setUp->missing() ?? []);
        }
        $here = $setUp->missing([], []) ?? [];
        $then = $setUp->missing([], self::moved($state)) ?? $setUp->missing() ?? [];
        $spoiled = $state->plan->spoiledBy($state->moves);
        $again = array_values(array_intersect(array_keys($setUp->readings), $spoiled));
        $move = self::MOVE + self::minutes($state, $again);
        // Near enough as it stands: to be measured on costs less than to be moved and measured from the start.
        if ($here !== [] && self::minutes($state, $here) <= $move + self::minutes($state, $then)) {
            return self::asked($state, $here);
        }
        // Once moved it is off by little more than one reading strays: the same once more, wanted in any case, may spare a move.
        $twice = array_filter(array_intersect($then, $spoiled), static fn(string $id): bool => isset($setUp->readings[Times::once($id)]));
        $first = array_slice($twice, 0, 1);
        if ($state->record->moves !== [] && $first !== [] && self::minutes($state, $first) < $move) {
            return self::asked($state, $first);
        }

        return self::asked($state, array_values(array_diff($then, $spoiled)));
    }

    /** @return list<string> the respects that the next move puts right */
    private static function moved(TaskState $state): array
    {
        return array_values(array_filter($state->plan->respects(), static fn(string $name): bool => in_array(match ($name) {
            'yaw' => MoveKind::Turn,
            'height' => MoveKind::Height,
            default => MoveKind::Shift,
        }, $state->moves, true)));
    }

    /**
     * The moves to make now. What is off by less than its own uncertainty is moved only where no reading proves it as it stands.
     *
     * @param int $made how many were made
     *
     * @return list<MoveKind>
     */
    public static function moves(SetUp $setUp, int $made): array
    {
        $moves = $setUp->wantedMoves();
        $stays = $moves !== [] || $made >= self::OFTEN || ! $setUp->isPlaced() || $setUp->holds();

        return $stays || $setUp->missing([], []) !== null ? $moves : $setUp->wantedMoves(true);
    }

    /** Whether another move would end as the ones before it did. */
    public static function isMovedOften(TaskState $state): bool
    {
        return $state->context->rules->isInSpace() && count($state->record->moves) >= self::OFTEN;
    }

    /** @param list<string> $ids */
    private static function minutes(TaskState $state, array $ids): float
    {
        return array_sum(array_map($state->plan->minutes(...), $ids));
    }

    /** @param list<string> $ids */
    private static function asked(TaskState $state, array $ids): ?Present
    {
        if ($ids === []) {
            return null;
        }
        foreach (AxisReading::AXES as $axis) {
            $guard = $state->setUp->guard($axis);
            if ($guard?->holds() === false) {
                return self::present($state, $ids, self::why($axis, $guard->largest(), $guard->limit ?? 0.0, count($ids)));
            }
        }

        return self::present($state, $ids, Message::of('advice.settle', ['more' => count($ids)]));
    }

    /**
     * At the proof, by what is left of the limit: the reading of the set-up that would settle it; null where none does, or
     * adjusting is quicker.
     */
    public static function atTheProof(TaskState $state, AxisFinding $finding): ?Present
    {
        $left = $spread = [];
        $open = null;
        foreach ($finding->verdicts as $axis => $verdict) {
            if ($verdict->limit === null) {
                continue;
            }
            $left[$axis] = max(0.0, $verdict->limit - abs($verdict->misalignment));
            $spread[$axis] = sqrt(max(0.0, ($left[$axis] / Normal::quantile($state->context->card->thresholds->holds)) ** 2 - $finding->errors[$axis] ** 2));
            $open ??= $verdict->decision?->verdict === Verdict::Unproven ? $axis : null;
        }
        $missing = $open === null ? null : $state->setUp->missing($left, null, $spread);
        $adjusts = ($state->context->card->adjustment->way ?? 'none') !== 'none';
        if ($open === null || $missing === null || $missing === [] || ($adjusts && self::minutes($state, $missing) > self::ADJUST)) {
            return null;
        }

        return self::present($state, $missing, self::why($open, $state->setUp->guard($open)?->largest(), $left[$open], count($missing)));
    }

    private static function why(string $axis, ?float $hidden, float $limit, int $more): Message
    {
        return Message::of('advice.guard', [
            'axis' => $axis,
            'now' => $hidden === null ? Message::of('advice.guard.open') : Quantity::degrees($hidden, 2),
            'limit' => Quantity::degrees($limit, 2),
            'more' => $more,
        ]);
    }

    /** @param non-empty-list<string> $ids */
    private static function present(TaskState $state, array $ids, Message $why): Present
    {
        $first = $ids[0];
        if (! str_starts_with($first, 'staff-')) {
            return new Present('guard', $first, $why);
        }

        return $state->plan->ground->floor?->isSurveyed() === true || count($ids) < self::WHOLE
            ? new Present('survey-floor', self::place($state, $first), $why)
            : new Present('survey-floor', null, $why);
    }

    /** Where a staff of the survey stands, as the order names the place. */
    public static function place(TaskState $state, string $staff): string
    {
        return (string) preg_replace('/^(site|sensor)/', '$1-' . $state->context->sensor->id, substr($staff, strlen('staff-')));
    }
}
