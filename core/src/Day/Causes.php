<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** Why a plan is no longer what was told: what differs between the day it was made for and the day as it stands (maths, section 11). */
final class Causes
{
    /** Minutes by which something is late before anybody is told. */
    private const LATE = 10;

    /**
     * @param Day       $was  that the plan was made for
     * @param Timetable $told the plan
     *
     * @return list<Cause>
     */
    public static function between(Day $was, Timetable $told, Day $is): array
    {
        $before = self::cars($was);
        $after = self::cars($is);
        $causes = [];
        foreach ($after as $id => $car) {
            array_push($causes, ...(isset($before[$id]) ? self::ofCar($before[$id], $car, $told, $is->now) : [new Cause('came', $id)]));
        }
        foreach (array_diff_key($before, $after) as $id => $car) {
            $causes[] = new Cause('left', (string) $id);
        }

        return [...$causes, ...self::ofPeople($was, $is), ...self::ofThings($was, $is)];
    }

    /** @return list<Cause> */
    private static function ofCar(Car $was, Car $is, Timetable $told, int $now): array
    {
        $causes = [];
        if ($was->promised !== $is->promised) {
            $causes[] = new Cause('promised', $is->id);
        }
        if ($was->ready !== $is->ready && max($was->ready, $is->ready) > $now) {
            $causes[] = new Cause('ready', $is->id);
        }
        [$before, $after] = [self::stages($was), self::stages($is)];
        $isBehind = false;
        foreach ($after as $id => $stage) {
            $slot = $told->slots[$id] ?? null;
            if (! isset($before[$id])) {
                $causes = [...$causes, ...($stage->began === null ? [new Cause('again', $is->id, (string) $id)] : [])];
            } elseif ($stage->pin != $before[$id]->pin) {
                $causes[] = new Cause('pin', $is->id, (string) $id);
            } elseif ($stage->began !== null && $slot !== null && $stage->began->to > $slot->to + self::LATE) {
                $causes[] = new Cause('longer', $is->id, (string) $id, null, $stage->began->to - $slot->to);
            } elseif ($stage->began !== null && ! $stage->began->done && self::isOtherwise($stage->began, $slot)) {
                $causes[] = new Cause('otherwise', $is->id, (string) $id, $stage->began->person);
            } elseif ($stage->began === null && $slot !== null && $now > $slot->from + self::LATE && ! $isBehind) {
                // What comes after it is behind because of it.
                $isBehind = true;
                $causes[] = new Cause('behind', $is->id, (string) $id, null, $now - $slot->from);
            }
        }
        foreach (array_diff_key($before, $after) as $id => $stage) {
            // What is done is gone too; what nobody had begun by then has dropped out.
            if (($told->slots[$id]->from ?? 0) > $now) {
                $causes[] = new Cause('dropped', $is->id, (string) $id);
            }
        }

        return $causes;
    }

    /** Whether what is under way was told to be begun later, by somebody else or elsewhere. */
    private static function isOtherwise(Began $began, ?Slot $slot): bool
    {
        return $slot === null || $began->from < $slot->from - self::LATE || ($began->person ?? $slot->person) !== $slot->person || ($began->place ?? $slot->place) !== $slot->place;
    }

    /** @return list<Cause> */
    private static function ofPeople(Day $was, Day $is): array
    {
        [$before, $after] = [self::people($was, $is->now), self::people($is, $is->now)];
        $causes = [];
        foreach (array_keys($before + $after) as $id) {
            if (($before[$id] ?? null) !== ($after[$id] ?? null)) {
                $causes[] = new Cause('hours', null, null, (string) $id);
            }
        }

        return $causes;
    }

    /** @return array<string, array{list<array{int, int}>, list<string>}> person → hours that are left, and rights */
    private static function people(Day $day, int $now): array
    {
        $people = [];
        foreach ($day->people as $person) {
            $people[$person->id] = [self::from($person->hours, $now), $person->rights];
        }

        return $people;
    }

    /** @return list<Cause> */
    private static function ofThings(Day $was, Day $is): array
    {
        $causes = [];
        $kit = static fn(Day $day): array => array_map(static fn(KitUnit $unit): string => $unit->id, $day->kit);
        foreach ([...array_diff($kit($was), $kit($is)), ...array_diff($kit($is), $kit($was))] as $id) {
            $causes[] = new Cause('kit', null, null, $id);
        }
        if ($was->places != $is->places) {
            $causes[] = new Cause('place');
        }

        return $causes;
    }

    /**
     * What of hours lies after now.
     *
     * @param list<array{int, int}> $hours
     *
     * @return list<array{int, int}>
     */
    private static function from(array $hours, int $now): array
    {
        $left = [];
        foreach ($hours as [$from, $to]) {
            if ($to > $now) {
                $left[] = [max($from, $now), $to];
            }
        }

        return $left;
    }

    /** @return array<string, Car> */
    private static function cars(Day $day): array
    {
        return array_combine(array_map(static fn(Car $car): string => $car->id, $day->cars), $day->cars);
    }

    /** @return array<string, Stage> */
    private static function stages(Car $car): array
    {
        $stages = [];
        foreach ($car->parts as $part) {
            foreach ($part->stages as $stage) {
                $stages[$stage->id] = $stage;
            }
        }

        return $stages;
    }
}
