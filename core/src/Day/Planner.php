<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** Plans a day, and plans it again when it has slipped (maths, section 11). */
final class Planner
{
    /** Changes that are tried, for a new plan and for one that is mended. */
    public const TRIES = 8_000;
    public const MENDING = 1_000;

    /**
     * A plan from nothing.
     *
     * @param int $seed the same gives the same plan
     */
    public static function plan(Day $day, int $seed = 1, int $tries = self::TRIES): Timetable
    {
        $c = new Compiled($day);
        $bound = LateBound::of($c);

        return self::timetable($c, (new Search($c, $seed, $bound))->run($tries), $bound, null);
    }

    /** The plan after something came otherwise: as good as it can be with few changes to what people were told. */
    public static function again(Day $day, Timetable $told, int $seed = 1, int $tries = self::MENDING): Timetable
    {
        $c = new Compiled($day);
        $bound = LateBound::of($c);

        return self::timetable($c, (new Search($c, $seed, $bound, $told))->run($tries, self::asTold($c, $told)), $bound, $told);
    }

    /** What was told, pushed on by what came between. */
    private static function asTold(Compiled $c, Timetable $told): Choices
    {
        $choices = new Choices([], [], isKept: true);
        $keys = $cars = [];
        foreach ($c->orders as $car => $orders) {
            $choices->order[$car] = self::order($c, $car, $told);
            $at = 0;
            foreach (array_slice($orders[$choices->order[$car]], $c->begun[$car]) as [$stage, $comes]) {
                $slot = $told->slots[$c->stages[$stage]->id] ?? null;
                $at = max($at, $slot === null ? $c->earliest[$stage] : $slot->from);
                $keys[] = $at;
                $cars[] = $car;
                $who = $c->person($slot?->person);
                if ($who !== null && in_array($who, $c->people[$stage] ?? [], true)) {
                    $choices->who[$stage] = $who;
                }
                $place = $c->place($slot?->place);
                if ($comes >= 0 && $place !== null && in_array($place, $c->rooms[$comes], true)) {
                    $choices->room[$comes] = $place;
                }
            }
        }
        $places = array_keys($keys);
        array_multisort($keys, SORT_ASC, SORT_NUMERIC, $places, SORT_ASC, SORT_NUMERIC, $cars);
        $choices->turns = $cars;

        return $choices;
    }

    /** The order of a car's parts that comes nearest to what was told. */
    private static function order(Compiled $c, int $car, Timetable $told): int
    {
        foreach ($c->orders[$car] as $i => $order) {
            $before = 0;
            foreach ($order as [$stage]) {
                $from = $told->slots[$c->stages[$stage]->id]->from ?? $before;
                if ($from < $before) {
                    continue 2;
                }
                $before = $from;
            }

            return $i;
        }

        return 0;
    }

    private static function timetable(Compiled $c, Choices $choices, int $bound, ?Timetable $told): Timetable
    {
        $judge = new Judge($c, $told);
        $plan = new Builder($c, $judge);
        $plan->build($choices);
        $slots = [];
        foreach ($plan->from as $stage => $from) {
            if ($from >= Compiled::NEVER) {
                continue;
            }
            $one = $c->stages[$stage];
            $stay = $c->stayAt[$stage] ?? -1;
            $units = [...$plan->used[$stage] ?? [], ...$plan->held[$c->partOf[$stage]] ?? []];
            $who = $plan->person[$stage] ?? -1;
            $slots[$one->id] = new Slot(
                $one->id,
                $c->day->cars[$c->car[$stage]]->id,
                $from,
                $one->began === null ? $from + $c->minutes[$stage] : max($one->began->to, $one->began->done ? 0 : $c->day->now + 1),
                $who < 0 ? null : $c->day->people[$who]->id,
                $stay < 0 || ! isset($plan->room[$stay]) ? null : $c->day->places[$plan->room[$stay]]->id,
                array_values(array_unique(array_map(static fn(int $unit): string => $c->holdables[$unit], $units))),
            );
        }
        uasort($slots, static fn(Slot $a, Slot $b): int => [$a->from, $a->to] <=> [$b->from, $b->to]);
        $done = [];
        foreach ($plan->done as $car => $at) {
            $done[$c->day->cars[$car]->id] = $at >= Compiled::NEVER ? null : $at;
        }

        return new Timetable($slots, $done, $judge->reckon($plan), $bound);
    }
}
