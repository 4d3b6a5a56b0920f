<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * A day as whole numbers, so that thousands of plans of it can be tried: stages, people, places and units are counted
 * from 0 on, and what a choice leaves open is a list of such numbers.
 *
 * @internal
 */
final class Compiled
{
    /** Later than any minute. */
    public const NEVER = 1 << 40;

    /** Orders of a car's free parts that are looked at, at most. */
    private const ORDERS = 24;

    /** @var list<Stage> */
    public array $stages = [];

    /** @var list<int> stage → car */
    public array $car = [];

    /** @var list<int> stage → minutes */
    public array $minutes = [];

    /** @var list<int> stage → not before */
    public array $earliest = [];

    /** @var list<list<int>|null> stage → people who may do it; null where it needs nobody */
    public array $people = [];

    /** @var list<list<list<int>>> stage → for each kind it uses, its units */
    public array $uses = [];

    /** @var list<list<array{int, int}>> stage → windows */
    public array $windows = [];

    /** @var list<list<list<array{int, int, bool, int, bool}>>> car → order → stages with stay begun (or -1), whether it ends, part held begun (or -1), whether it ends */
    public array $orders = [];

    /** @var list<list<int>> stay → places that have room */
    public array $rooms = [];

    /** @var list<int> stay → car */
    public array $stayOf = [];

    /** @var array<int, int> stage → stay; none where it needs no place */
    public array $stayAt = [];

    /** @var array<int, list<int>> last stage of a stay or of a part that holds something → first stages of them, in their first order */
    public array $first = [];

    /** @var list<int> stage → part */
    public array $partOf = [];

    /** @var list<list<list<int>>> part → for each kind it holds, its units */
    public array $holds = [];

    /** @var list<list<int>> place → itself and what it shares, as holdables */
    public array $taken = [];

    /** @var array<int, int> holdable → place it is at now, for units */
    public array $at = [];

    /** @var list<string> holdable → id; places first, then what they share, then units of the kit */
    public array $holdables = [];

    /** @var list<list<int>> person → from, to, from, to …: hours from now on */
    public array $hours = [];

    /** @var list<int> car → first stage of it that is still to be planned, in each of its orders */
    public array $begun = [];

    /** @var list<int> car → ready */
    public array $ready = [];

    /** @var list<int> car → promised, NEVER where it is not */
    public array $promised = [];

    /** @var list<array{int, int}> */
    public array $open;

    /** @var array<string, int> stage id → stage */
    public array $number = [];

    private int $parts = 0;

    /** Of a day, whose lists are counted from 0 on in their own order. */
    public function __construct(public readonly Day $day)
    {
        $this->open = $day->open();
        foreach ($day->people as $person) {
            $hours = [];
            foreach ($person->hours as [$from, $to]) {
                $from = max($from, $day->now);
                if ($to > $from) {
                    $hours[] = $from;
                    $hours[] = $to;
                }
            }
            $this->hours[] = $hours;
        }
        $shares = array_values(array_unique(array_merge(...array_map(static fn(Place $place): array => $place->shares, $day->places))));
        $this->holdables = [...array_map(static fn(Place $place): string => $place->id, $day->places), ...$shares, ...array_map(static fn(KitUnit $unit): string => $unit->id, $day->kit)];
        foreach ($day->places as $i => $place) {
            $this->taken[] = [$i, ...array_map(static fn(string $share): int => count($day->places) + (int) array_search($share, $shares, true), $place->shares)];
        }
        $kinds = [];
        foreach ($day->kit as $i => $unit) {
            $number = count($day->places) + count($shares) + $i;
            foreach ([$unit->kind, ...$unit->also] as $kind) {
                $kinds[$kind][] = $number;
            }
            $place = $this->place($unit->at);
            if ($place !== null) {
                $this->at[$number] = $place;
            }
        }
        foreach ($day->cars as $car) {
            $this->add($car, $kinds);
        }
    }

    /** Of a place's id; null where there is none of it. */
    public function place(?string $id): ?int
    {
        foreach ($id === null ? [] : $this->day->places as $i => $place) {
            if ($place->id === $id) {
                return $i;
            }
        }

        return null;
    }

    /** Of a person's id; null where there is none of it. */
    public function person(?string $id): ?int
    {
        foreach ($id === null ? [] : $this->day->people as $i => $person) {
            if ($person->id === $id) {
                return $i;
            }
        }

        return null;
    }

    /** @param list<array{int, int}> $windows the first minute from one on at which there is time in one of them */
    public static function window(array $windows, int $at, int $minutes): int
    {
        $first = self::NEVER;
        foreach ($windows as [$from, $to]) {
            $begins = max($at, $from);
            if ($begins + $minutes <= $to && $begins < $first) {
                $first = $begins;
            }
        }

        return $first;
    }

    /** @param array<string, list<int>> $kinds */
    private function add(Car $car, array $kinds): void
    {
        $number = count($this->ready);
        $this->ready[] = $car->ready;
        $this->promised[] = $car->promised ?? self::NEVER;
        $parts = [];
        $begun = 0;
        foreach ($car->parts as $part) {
            $stages = [];
            foreach ($part->stages as $stage) {
                $this->partOf[] = $this->parts;
                $stages[] = $this->stage($number, $stage, $kinds);
                $begun += $stage->began === null ? 0 : 1;
            }
            $this->holds[$this->parts] = array_map(static fn(string $kind): array => $kinds[$kind] ?? [], $part->held);
            $parts[] = ['part' => $part, 'number' => $this->parts++, 'stages' => $stages, 'begun' => $part->stages[0]->began->from ?? null];
        }
        $this->begun[] = $begun;
        // What is begun comes first, in the order it was taken.
        usort($parts, static fn(array $a, array $b): int => [$a['begun'] ?? self::NEVER, $a['number']] <=> [$b['begun'] ?? self::NEVER, $b['number']]);
        $this->orders[] = [];
        foreach (self::orders($parts) as $order) {
            $this->orders[$number][] = $this->chain($number, $car, $order);
        }
        foreach ($this->orders[$number] as $order) {
            $came = $took = 0;
            foreach ($order as [$stage, $comes, $leaves, $takes, $gives]) {
                $came = $comes >= 0 ? $stage : $came;
                $took = $takes >= 0 ? $stage : $took;
                foreach ([...($leaves ? [$came] : []), ...($gives ? [$took] : [])] as $first) {
                    if (! in_array($first, $this->first[$stage] ?? [], true)) {
                        $this->first[$stage][] = $first;
                    }
                }
            }
        }
    }

    /** @param array<string, list<int>> $kinds */
    private function stage(int $car, Stage $stage, array $kinds): int
    {
        $number = count($this->stages);
        $asks = $stage->asks;
        $this->stages[] = $stage;
        $this->number[$stage->id] = $number;
        $this->car[] = $car;
        $this->minutes[] = max(1, $stage->minutes);
        $this->earliest[] = max($asks->notBefore, $this->day->now);
        $may = [];
        foreach ($this->day->people as $i => $person) {
            if (($asks->right === null || in_array($asks->right, $person->rights, true)) && ($stage->pin->person ?? $person->id) === $person->id) {
                $may[] = $i;
            }
        }
        // Of two who are free, who may do less leaves the other for what only they may.
        usort($may, fn(int $a, int $b): int => [count($this->day->people[$a]->rights), $a] <=> [count($this->day->people[$b]->rights), $b]);
        $this->people[] = $asks->hands ? $may : null;
        $this->uses[] = array_map(static fn(string $kind): array => $kinds[$kind] ?? [], $asks->kit);
        $at = $stage->pin?->at;
        $this->windows[] = $at === null ? $asks->windows : [[$at, $at + max(1, $stage->minutes)]];

        return $number;
    }

    /**
     * The orders in which a car's parts can be worked: free ones beside each other in every order, the first as it was given.
     *
     * @param list<array{part: Part, number: int, stages: list<int>, begun: int|null}> $parts
     *
     * @return list<list<array{part: Part, number: int, stages: list<int>, begun: int|null}>>
     */
    private static function orders(array $parts): array
    {
        $orders = [[]];
        for ($i = 0; $i < count($parts); $i = $j) {
            $group = [$parts[$i]];
            for ($j = $i + 1; $j < count($parts) && self::together($parts[$i], $parts[$j]); $j++) {
                $group[] = $parts[$j];
            }
            $next = [];
            foreach ($orders as $order) {
                foreach (self::permutations($group) as $one) {
                    $next[] = [...$order, ...$one];
                }
            }
            $orders = array_slice($next, 0, self::ORDERS);
        }

        return $orders;
    }

    /**
     * @param array{part: Part, number: int, stages: list<int>, begun: int|null} $one
     * @param array{part: Part, number: int, stages: list<int>, begun: int|null} $other
     */
    private static function together(array $one, array $other): bool
    {
        return $one['part']->free && $other['part']->free && $one['part']->stance === $other['part']->stance && $one['begun'] === null && $other['begun'] === null;
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return list<list<T>>
     */
    private static function permutations(array $of): array
    {
        if (count($of) < 2) {
            return [$of];
        }
        $all = [];
        foreach ($of as $i => $first) {
            foreach (self::permutations(array_values(array_diff_key($of, [$i => true]))) as $rest) {
                $all[] = [$first, ...$rest];
            }
        }

        return $all;
    }

    /**
     * @param list<array{part: Part, number: int, stages: list<int>, begun: int|null}> $parts
     *
     * @return list<array{int, int, bool, int, bool}>
     */
    private function chain(int $number, Car $car, array $parts): array
    {
        $chain = [];
        $stay = -1;
        foreach ($parts as $i => $one) {
            $stance = $one['part']->stance;
            $comes = $stance !== null && ($i === 0 || $parts[$i - 1]['part']->stance !== $stance);
            $leaves = $stance !== null && (($parts[$i + 1]['part'] ?? null)?->stance !== $stance);
            if ($comes) {
                $stay = $this->stay($number, $car, (string) $stance, $parts, $i);
            }
            $last = count($one['stages']) - 1;
            $holds = $this->holds[$one['number']] !== [];
            foreach ($one['stages'] as $j => $stage) {
                if ($stance !== null) {
                    $this->stayAt[$stage] = $stay;
                }
                $chain[] = [$stage, $comes && $j === 0 ? $stay : -1, $leaves && $j === $last, $holds && $j === 0 ? $one['number'] : -1, $holds && $j === $last];
            }
        }

        return $chain;
    }

    /**
     * One stay is the same in every order of its parts.
     *
     * @param list<array{part: Part, number: int, stages: list<int>, begun: int|null}> $parts
     */
    private function stay(int $number, Car $car, string $stance, array $parts, int $from): int
    {
        $stages = 0;
        foreach (array_slice($parts, 0, $from) as $before) {
            $stages += count($before['stages']);
        }
        foreach ($this->orders[$number] as $order) {
            if (isset($order[$stages]) && $order[$stages][1] >= 0) {
                return $order[$stages][1];
            }
        }
        $pins = [];
        for ($i = $from; isset($parts[$i]) && $parts[$i]['part']->stance === $stance; $i++) {
            foreach ($parts[$i]['part']->stages as $stage) {
                $pins[] = $stage->began->place ?? $stage->pin?->place;
            }
        }
        $pinned = array_values(array_filter($pins, static fn(?string $pin): bool => $pin !== null));
        $rooms = array_map($this->place(...), $pinned === [] ? $car->stances[$stance] ?? [] : [$pinned[0]]);
        $rooms = array_values(array_filter($rooms, static fn(?int $room): bool => $room !== null));
        // As with people: a place that shares nothing leaves a wall to whoever needs it.
        usort($rooms, fn(int $a, int $b): int => [count($this->taken[$a]), $a] <=> [count($this->taken[$b]), $b]);
        $this->rooms[] = $rooms;
        $this->stayOf[] = $number;

        return count($this->rooms) - 1;
    }
}
