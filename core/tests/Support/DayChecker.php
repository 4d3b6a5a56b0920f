<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\Part;
use Lumbro\Core\Day\Slot;
use Lumbro\Core\Day\Stage;
use Lumbro\Core\Day\Timetable;

/** Says what a plan breaks, minute by minute where that is plainest. It shares no code with what makes plans. */
final class DayChecker
{
    /** @var list<string> */
    private array $broken = [];

    /** @var array<string, array<int, string>> thing → minute → who has it */
    private array $taken = [];

    private function __construct(private readonly Day $day, private readonly Timetable $plan) {}

    /** @return list<string> empty where it breaks nothing */
    public static function complaints(Day $day, Timetable $plan): array
    {
        $checker = new self($day, $plan);
        foreach ($day->cars as $car) {
            $checker->car($car);
        }

        return $checker->broken;
    }

    private function car(Car $car): void
    {
        $stages = [];
        foreach ($car->parts as $part) {
            $missing = array_filter($part->stages, fn(Stage $stage): bool => ! isset($this->plan->slots[$stage->id]));
            if ($missing !== [] && $this->plan->done[$car->id] !== null) {
                $this->broken[] = "{$car->id} is said to be done without {$part->id}";
            }
            foreach (array_diff_key($part->stages, $missing) as $stage) {
                $stages[] = [$this->plan->slots[$stage->id], $stage, $part];
            }
        }
        usort($stages, static fn(array $a, array $b): int => $a[0]->from <=> $b[0]->from);
        $end = null;
        $parts = [];
        foreach ($stages as [$slot, $stage, $part]) {
            $this->stage($car, $slot, $stage, $part);
            if ($end !== null && $slot->from < $end) {
                $this->broken[] = "{$stage->id} begins before what comes before it ends";
            }
            $end = $slot->to;
            if (end($parts) !== $part) {
                $parts[] = $part;
            }
        }
        $this->order($car, $parts);
        foreach ($car->parts as $part) {
            $this->ids($part);
        }
        if ($this->plan->done[$car->id] !== null && $end !== null && $this->plan->done[$car->id] !== max($end, $this->plan->done[$car->id])) {
            $this->broken[] = "{$car->id} is done before its last stage";
        }
        $this->stays($car, $stages);
    }

    /** @param list<Part> $parts in the order they are planned */
    private function order(Car $car, array $parts): void
    {
        if (count($parts) !== count(array_unique(array_map(static fn(Part $part): string => $part->id, $parts)))) {
            $this->broken[] = "{$car->id} is taken to and fro between its parts";

            return;
        }
        $given = array_values(array_filter($car->parts, static fn(Part $part): bool => in_array($part, $parts, true)));
        foreach ($parts as $i => $part) {
            $was = $given[$i];
            if ($part !== $was && ! ($part->free && $was->free && $part->stance === $was->stance)) {
                $this->broken[] = "{$part->id} comes where {$was->id} belongs";
            }
        }
    }

    private function ids(Part $part): void
    {
        $order = array_map(fn(Stage $stage): int => $this->plan->slots[$stage->id]->from ?? PHP_INT_MAX, $part->stages);
        $sorted = $order;
        sort($sorted);
        if ($order !== $sorted) {
            $this->broken[] = "{$part->id} is done in a wrong order";
        }
    }

    private function stage(Car $car, Slot $slot, Stage $stage, Part $part): void
    {
        $says = fn(string $what) => $this->broken[] = "{$stage->id} $what";
        if ($stage->began !== null) {
            if ($slot->from !== $stage->began->from) {
                $says('is moved though it is begun');
            }
            if (! $stage->began->done && $slot->person !== null) {
                $this->take("person {$slot->person}", max($slot->from, $this->day->now), $slot->to, $stage->id);
            }

            return;
        }
        if ($slot->to - $slot->from !== $stage->minutes) {
            $says('is not as long as it takes');
        }
        if ($slot->from < max($car->ready, $this->day->now, $stage->asks->notBefore)) {
            $says('begins too early');
        }
        if ($stage->asks->windows !== [] && array_filter($stage->asks->windows, static fn(array $w): bool => $w[0] <= $slot->from && $slot->to <= $w[1]) === []) {
            $says('lies in none of its windows');
        }
        if ($stage->pin !== null) {
            if (($stage->pin->at ?? $slot->from) !== $slot->from || ($stage->pin->person ?? $slot->person) !== $slot->person || ($stage->pin->place ?? $slot->place) !== $slot->place) {
                $says('is not as it was pinned');
            }
        }
        if ($stage->asks->hands) {
            $person = array_values(array_filter($this->day->people, static fn($one): bool => $one->id === $slot->person))[0] ?? null;
            if ($person === null || ($stage->asks->right !== null && ! in_array($stage->asks->right, $person->rights, true))) {
                $says('is nobody’s who may do it');
            } elseif (array_filter($person->hours, static fn(array $h): bool => $h[0] <= $slot->from && $slot->to <= $h[1]) === []) {
                $says('is outside of somebody’s hours');
            }
            $this->take("person {$slot->person}", $slot->from, $slot->to, $stage->id);
        } elseif ($slot->person !== null) {
            $says('keeps somebody who is not needed');
        }
        foreach ($stage->asks->kit as $kind) {
            $unit = $this->unit($slot, $kind);
            if ($unit === null) {
                $says("has no $kind");
            } else {
                $this->take("unit $unit", $slot->from, $slot->to, $stage->id);
            }
        }
        if (($part->stance === null) !== ($slot->place === null)) {
            $says('stands where it should not');
        }
    }

    private function unit(Slot $slot, string $kind): ?string
    {
        foreach ($this->day->kit as $unit) {
            if (($unit->kind === $kind || in_array($kind, $unit->also, true)) && in_array($unit->id, $slot->units, true)) {
                return $unit->id;
            }
        }

        return null;
    }

    /** @param list<array{Slot, Stage, Part}> $stages of a car, in the order of time */
    private function stays(Car $car, array $stages): void
    {
        $stay = [];
        foreach ([...$stages, null] as $one) {
            if ($stay !== [] && ($one === null || $one[2]->stance !== $stay[0][2]->stance)) {
                $this->stay($car, $stay);
                $stay = [];
            }
            if ($one !== null && $one[2]->stance !== null) {
                $stay[] = $one;
            }
        }
        $held = [];
        foreach ($stages as $one) {
            foreach ($one[2]->held as $kind) {
                $unit = $this->unit($one[0], $kind);
                if ($unit === null) {
                    $this->broken[] = "{$one[1]->id} has no $kind to hold";

                    continue;
                }
                $key = "{$one[2]->id} $unit";
                $held[$key] = [$unit, min($held[$key][1] ?? PHP_INT_MAX, $one[0]->from), max($held[$key][2] ?? 0, $one[0]->to)];
            }
        }
        foreach ($held as $key => [$unit, $from, $to]) {
            $this->take("unit $unit", max($from, $this->day->now), $to, $key);
        }
    }

    /** @param list<array{Slot, Stage, Part}> $stay */
    private function stay(Car $car, array $stay): void
    {
        $places = array_values(array_unique(array_map(static fn(array $one): ?string => $one[0]->place, $stay)));
        if (count($places) !== 1) {
            $this->broken[] = "{$car->id} is moved in the middle of its stay";

            return;
        }
        if (! in_array($places[0], $car->stances[(string) $stay[0][2]->stance] ?? [], true) && $stay[0][1]->began === null) {
            $this->broken[] = "{$car->id} has no room in {$places[0]}";
        }
        $from = max($stay[0][0]->from, $this->day->now);
        $to = $stay[count($stay) - 1][0]->to;
        foreach ($this->day->places as $place) {
            if ($place->id === $places[0]) {
                foreach ([$place->id, ...$place->shares] as $one) {
                    $this->take("place $one", $from, $to, "{$car->id} {$stay[0][2]->stance}");
                }
            }
        }
    }

    private function take(string $what, int $from, int $to, string $by): void
    {
        for ($minute = $from; $minute < $to; $minute++) {
            $other = $this->taken[$what][$minute] ?? null;
            if ($other !== null) {
                $this->broken[] = "$what is needed by $by and by $other at $minute";

                return;
            }
            $this->taken[$what][$minute] = $by;
        }
    }
}
