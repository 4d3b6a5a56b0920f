<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * What stands before anything is planned: stages that are done or under way, and what their cars hold.
 *
 * @internal
 */
final class UnderWay
{
    private const NEVER = Compiled::NEVER;

    /** @var array<int, int> stage → began */
    public array $from = [];

    /** @var array<int, int> stage → person, -1 where it needs nobody */
    public array $person = [];

    /** @var array<int, int> stay → place */
    public array $room = [];

    /** @var array<int, list<int>> stage → units it uses */
    public array $used = [];

    /** @var array<int, list<int>> part → units it holds */
    public array $held = [];

    /** @var list<list<int>> person → free from, to, from, to … */
    public array $hours;

    /** @var array<int, list<int>> unit → the same */
    public array $free;

    /** @var array<int, int> holdable → free from; -1 while it is held */
    public array $since;

    /** @var array<int, int> unit → place it was in last */
    public array $at;

    /** @var array<int, int> car → its clock */
    public array $clock = [];

    /** @var array<int, int> car → stages begun */
    public array $next = [];

    /** @var array<int, int> car → stay it is in, -1 */
    public array $stay = [];

    /** @var array<int, int> car → part whose things it holds, -1 */
    public array $holding = [];

    /** @var array<int, int> car → place it was in last, -1 */
    public array $was = [];

    /** @var array<int, int> car → who did its last stage, -1 */
    public array $by = [];

    /** Of a day. */
    public function __construct(private readonly Compiled $c)
    {
        $now = $c->day->now;
        $this->hours = $c->hours;
        $units = array_slice(array_keys($c->holdables), count($c->holdables) - count($c->day->kit));
        $this->free = array_fill_keys($units, [$now, self::NEVER]);
        $this->since = array_fill(0, count($c->holdables), 0);
        $this->at = $c->at;
        foreach ($c->ready as $car => $ready) {
            $this->clock[$car] = $ready;
            $this->next[$car] = $c->begun[$car];
            $this->stay[$car] = $this->holding[$car] = $this->was[$car] = $this->by[$car] = -1;
        }
        // In the order it happened, so that whatever went from car to car is with the last.
        $happened = [];
        foreach ($c->begun as $car => $count) {
            foreach (array_slice($c->orders[$car][0], 0, $count) as $i => $step) {
                $happened[] = [$c->stages[$step[0]]->began->from ?? 0, $car, $i];
            }
        }
        sort($happened);
        foreach ($happened as [, $car, $i]) {
            $this->goOn($car, $c->orders[$car][0][$i]);
        }
    }

    /** The place a car stands in; -1 where it stands in none. */
    public function place(int $car): int
    {
        return $this->stay[$car] < 0 ? -1 : $this->room[$this->stay[$car]];
    }

    /** @return list<int> units a car holds */
    public function units(int $car): array
    {
        return $this->holding[$car] < 0 ? [] : $this->held[$this->holding[$car]];
    }

    /** @param array{int, int, bool, int, bool} $step of a car, which is begun */
    private function goOn(int $car, array $step): void
    {
        [$stage, $comes, $leaves, $takes, $gives] = $step;
        $c = $this->c;
        $began = $c->stages[$stage]->began;
        if ($began === null) {
            return;
        }
        $to = $began->done ? $began->to : max($began->to, $c->day->now + 1);
        $this->from[$stage] = $began->from;
        $who = $c->person($began->person);
        $this->person[$stage] = $who ?? -1;
        $units = array_values(array_intersect(array_keys($this->free), array_keys(array_intersect($c->holdables, $began->units))));
        if (! $began->done) {
            if ($who !== null) {
                $this->hours[$who] = Gaps::after($this->hours[$who], $to);
            }
            foreach ($units as $unit) {
                $this->free[$unit] = [$to, self::NEVER];
            }
        }
        $this->used[$stage] = $units;
        $this->by[$car] = $who ?? -1;
        $this->clock[$car] = max($this->clock[$car], $to);
        $place = $c->place($began->place);
        if ($comes >= 0 && $place !== null) {
            $this->room[$comes] = $place;
            $this->stay[$car] = $comes;
            $this->was[$car] = $place;
            $this->hold($c->taken[$place], -1);
        }
        if ($takes >= 0) {
            $kinds = array_merge(...$c->holds[$takes]);
            $this->held[$takes] = array_values(array_intersect($units, $kinds));
            $this->holding[$car] = $takes;
            $this->hold($this->held[$takes], -1);
            foreach ($this->held[$takes] as $unit) {
                $this->at[$unit] = $place ?? -1;
            }
        }
        if ($gives) {
            $this->hold($this->held[$this->holding[$car]] ?? [], $to);
            $this->holding[$car] = -1;
        }
        if ($leaves && $this->stay[$car] >= 0) {
            $this->hold($c->taken[$this->room[$this->stay[$car]]], $to);
            $this->stay[$car] = -1;
        }
    }

    /** @param list<int> $holdables free since then, or held where it is -1 */
    private function hold(array $holdables, int $since): void
    {
        foreach ($holdables as $one) {
            $this->since[$one] = $since;
        }
    }
}
