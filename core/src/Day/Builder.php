<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Builds a plan from choices: stage after stage in the order of turns, each as early as car, person, place, kit and
 * hours allow, into gaps too. A stay takes its place, and a part what it holds, until their last stage ends; whoever
 * needs them meanwhile waits for their turn. Every plan in which nothing could begin earlier is built by some choices:
 * by its own stages in the order they begin.
 *
 * One object is used for many plans: what it found last stands in its arrays.
 *
 * @internal
 *
 * @phpstan-type State array{array<int, int>, array<int, int>, array<int, int>, array<int, list<int>>, array<int, list<int>>, int, list<list<int>>, array<int, list<int>>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, int>, array<int, float>, float}
 */
final class Builder
{
    private const NEVER = Compiled::NEVER;

    /** Between two turns before which the state is kept. */
    private const STEP = 8;

    /** @var array<int, int> stage → begins */
    public array $from = [];

    /** @var array<int, int> stage → person, -1 where it needs nobody */
    public array $person = [];

    /** @var array<int, int> stay → place */
    public array $room = [];

    /** @var array<int, list<int>> stage → units it uses */
    public array $used = [];

    /** @var array<int, list<int>> part → units it holds */
    public array $held = [];

    /** @var array<int, int> car → done, NEVER where not all of it found room */
    public array $done = [];

    public int $moves = 0;

    /** @var list<list<int>> person → free from, to, from, to … */
    private array $hours = [];

    /** @var array<int, list<int>> unit → the same */
    private array $free = [];

    /** @var array<int, int> holdable → free from; -1 while it is held */
    private array $since = [];

    /** @var array<int, int> unit → place it was in last */
    private array $at = [];

    /** @var array<int, int> car → its clock */
    private array $clock = [];

    /** @var array<int, int> car → stages planned */
    private array $next = [];

    /** @var array<int, int> car → stay it is in, -1 */
    private array $stay = [];

    /** @var array<int, int> car → part whose things it holds, -1 */
    private array $holding = [];

    /** @var array<int, int> car → place it was in last, -1 */
    private array $was = [];

    /** @var array<int, int> car → who did its last stage, -1 */
    private array $by = [];

    /** @var array<int, int> car → turns it is owed, as it waits for what another holds */
    private array $waiting = [];

    /** @var array<int, int> car → minutes of its work that are not planned yet */
    private array $left = [];

    /** @var array<int, float> car → what it adds to the figure at least */
    private array $adds = [];

    /** What all cars add to the figure, at least while it is being built. */
    public float $height = 0.0;

    private Choices $choices;

    /** @var array<int, State> turn → what stood before it, in the plan that was kept */
    private array $stood = [];

    /** @var array<int, State> the same in the one built last */
    private array $stands = [];

    /** Of a day, beginning with what is under way in it. */
    public function __construct(private readonly Compiled $c, private readonly Judge $judge)
    {
        $before = new UnderWay($c);
        $this->from = $before->from;
        $this->person = $before->person;
        $this->room = $before->room;
        $this->used = $before->used;
        $this->held = $before->held;
        $this->hours = $before->hours;
        $this->free = $before->free;
        $this->since = $before->since;
        $this->at = $before->at;
        $this->clock = $before->clock;
        $this->next = $before->next;
        $this->stay = $before->stay;
        $this->holding = $before->holding;
        $this->was = $before->was;
        $this->by = $before->by;
        foreach ($c->orders as $car => $orders) {
            $this->left[$car] = 0;
            foreach (array_slice($orders[0], $c->begun[$car]) as [$stage]) {
                $this->left[$car] += $c->minutes[$stage];
            }
            $this->adds[$car] = 0.0;
            $this->add($car, $this->clock[$car] + $this->left[$car]);
        }
        $this->stood = [0 => $this->state()];
    }

    /**
     * Builds the plan of these choices.
     *
     * @param int   $same  turns at the beginning that are as in the plan that was kept
     * @param float $limit of the figure, over which it is given up
     *
     * @return bool whether it came to its end
     */
    public function build(Choices $choices, int $same = 0, float $limit = INF): bool
    {
        $turn = $same - $same % self::STEP;
        while (! isset($this->stood[$turn])) {
            $turn -= self::STEP;
        }
        $this->restore($this->stood[$turn]);
        $this->choices = $choices;
        $this->stands = [];
        $turns = $choices->turns;
        for ($count = count($turns); $turn < $count; $turn++) {
            if ($turn % self::STEP === 0) {
                $this->stands[$turn] = $this->state();
            }
            $car = $turns[$turn];
            if (isset($this->waiting[$car])) {
                $this->waiting[$car]++;

                continue;
            }
            $gave = $this->plan($car);
            if ($gave < 0) {
                $this->waiting[$car] = 1;
            } elseif ($gave > 0 && $this->waiting !== []) {
                $this->goOnWaiting();
            }
            if ($this->height > $limit) {
                return false;
            }
        }
        // Whoever waits to the end waits for ever.
        foreach ($this->waiting as $car => $turns) {
            $this->add($car, self::NEVER);
        }
        foreach ($this->clock as $car => $at) {
            $this->done[$car] = isset($this->waiting[$car]) ? self::NEVER : $at;
        }

        return $this->height <= $limit;
    }

    /** Keeps what was built last, to build others from where they begin to differ. */
    public function keep(): void
    {
        $first = array_key_first($this->stands);
        if ($first !== null) {
            $this->stood = array_filter($this->stood, static fn(int $turn): bool => $turn < $first, ARRAY_FILTER_USE_KEY) + $this->stands;
        }
    }

    /**
     * Turns in the order in which the stages of the plan built last begin.
     *
     * @param array<int, int> $order
     *
     * @return list<int>
     */
    public function turns(array $order): array
    {
        $keys = [];
        $cars = [];
        foreach ($this->c->orders as $car => $orders) {
            $at = 0;
            foreach (array_slice($orders[$order[$car]], $this->c->begun[$car]) as [$stage]) {
                // A stage that found no room follows the one before it.
                $at = max($at, $this->from[$stage] ?? self::NEVER);
                $keys[] = $at;
                $cars[] = $car;
            }
        }
        $places = array_keys($keys);
        array_multisort($keys, SORT_ASC, SORT_NUMERIC, $places, SORT_ASC, SORT_NUMERIC, $cars);

        return $cars;
    }

    private function goOnWaiting(): void
    {
        do {
            $gave = 0;
            foreach ($this->waiting as $car => $turns) {
                for (; $turns > 0; $turns--) {
                    $got = $this->plan($car);
                    if ($got < 0) {
                        break;
                    }
                    $gave = max($gave, $got);
                }
                if ($turns === 0) {
                    unset($this->waiting[$car]);
                } else {
                    $this->waiting[$car] = $turns;
                }
            }
        } while ($gave > 0 && $this->waiting !== []);
    }

    /** What a car adds to the figure, if it is done at a minute at the earliest. */
    private function add(int $car, int $done): void
    {
        $adds = $this->judge->height($car, $done);
        $this->height += $adds - $this->adds[$car];
        $this->adds[$car] = $adds;
    }

    /** @return State */
    private function state(): array
    {
        return [$this->from, $this->person, $this->room, $this->used, $this->held, $this->moves, $this->hours, $this->free, $this->since, $this->at, $this->clock, $this->next, $this->stay, $this->holding, $this->was, $this->by, $this->waiting, $this->left, $this->adds, $this->height];
    }

    /** @param State $state */
    private function restore(array $state): void
    {
        [$this->from, $this->person, $this->room, $this->used, $this->held, $this->moves, $this->hours, $this->free, $this->since, $this->at, $this->clock, $this->next, $this->stay, $this->holding, $this->was, $this->by, $this->waiting, $this->left, $this->adds, $this->height] = $state;
    }

    /** Plans a car's next stage: 1 where it gave something back by it, 0 where not, -1 where it must wait for what another car holds. */
    private function plan(int $car): int
    {
        $c = $this->c;
        $step = $c->orders[$car][$this->choices->order[$car]][$this->next[$car]] ?? null;
        if ($step === null) {
            return 0;
        }
        [$stage, $comes, $leaves, $takes, $gives] = $step;
        $before = $this->clock[$car];
        $at = max($before, $c->earliest[$stage]);
        if ($at >= self::NEVER) {
            // Something before it found no room.
            return 0;
        }
        $room = -1;
        if ($comes >= 0) {
            [$room, $at] = $this->room($comes, $at);
            if ($room < 0) {
                return -1;
            }
        }
        $units = [];
        if ($takes >= 0) {
            $place = $comes >= 0 ? $room : ($this->stay[$car] >= 0 ? $this->room[$this->stay[$car]] : -1);
            foreach ($c->holds[$takes] as $of) {
                $best = $this->held($of, $place);
                if ($best < 0) {
                    return -1;
                }
                $units[] = $best;
                $at = max($at, $this->since[$best]);
            }
        }
        $settled = $this->choices->who[$stage] ?? -1;
        $people = $settled >= 0 ? [$settled] : $c->people[$stage];
        [$from, $who, $used] = Soonest::stage($c, $stage, $people, $at, $this->by[$car], $this->hours, $this->free);
        $minutes = $c->minutes[$stage];
        $to = $from + $minutes;
        if ($from >= self::NEVER) {
            // It stays where it is; whatever it holds nobody else has.
            $this->clock[$car] = self::NEVER;
            $this->next[$car]++;
            $this->from[$stage] = self::NEVER;
            $this->add($car, self::NEVER);

            return 0;
        }
        $this->from[$stage] = $from;
        $this->person[$stage] = $who;
        $this->used[$stage] = $used;
        $isKept = $this->choices->isKept;
        if ($who >= 0) {
            $isKept ? $this->hours[$who] = Gaps::after($this->hours[$who], $to) : Gaps::cut($this->hours[$who], $from, $to);
            $this->by[$car] = $who;
        }
        foreach ($used as $unit) {
            $isKept ? $this->free[$unit] = [$to, self::NEVER] : Gaps::cut($this->free[$unit], $from, $to);
        }
        if ($comes >= 0) {
            foreach ($c->taken[$room] as $one) {
                $this->since[$one] = -1;
            }
            $this->room[$comes] = $room;
            $this->stay[$car] = $comes;
            $this->moves += $this->was[$car] >= 0 && $this->was[$car] !== $room ? 1 : 0;
            $this->was[$car] = $room;
        }
        if ($takes >= 0) {
            $place = $this->stay[$car] >= 0 ? $this->room[$this->stay[$car]] : -1;
            foreach ($units as $unit) {
                $this->since[$unit] = -1;
                $this->moves += ($this->at[$unit] ?? $place) !== $place ? 1 : 0;
                $this->at[$unit] = $place;
            }
            $this->held[$takes] = $units;
            $this->holding[$car] = $takes;
        }
        $gave = 0;
        if ($gives) {
            foreach ($this->held[$this->holding[$car]] as $unit) {
                $this->since[$unit] = $to;
            }
            $this->holding[$car] = -1;
            $gave = 1;
        }
        if ($leaves) {
            foreach ($c->taken[$this->room[$this->stay[$car]]] as $one) {
                $this->since[$one] = $to;
            }
            $this->stay[$car] = -1;
            $gave = 1;
        }
        $this->clock[$car] = $to;
        $this->next[$car]++;
        $this->left[$car] -= $minutes;
        if ($from > $before) {
            $this->add($car, $to + $this->left[$car]);
        }

        return $gave;
    }

    /** @return array{int, int} the place that is free first of those a stay may take, and from when; -1 where another car is in all of them */
    private function room(int $stay, int $at): array
    {
        $settled = $this->choices->room[$stay] ?? -1;
        $best = -1;
        $free = self::NEVER;
        foreach ($settled >= 0 ? [$settled] : $this->c->rooms[$stay] as $place) {
            $from = $at;
            foreach ($this->c->taken[$place] as $one) {
                $since = $this->since[$one];
                if ($since < 0) {
                    continue 2;
                }
                if ($since > $from) {
                    $from = $since;
                }
            }
            if ($from < $free) {
                $free = $from;
                $best = $place;
            }
        }

        return [$best, $free];
    }

    /** @param list<int> $of the one of these units that is free first, of two those already there; -1 where all are held */
    private function held(array $of, int $place): int
    {
        $best = -1;
        foreach ($of as $unit) {
            $since = $this->since[$unit];
            if ($since >= 0 && ($best < 0 || $since < $this->since[$best] || ($since === $this->since[$best] && ($this->at[$unit] ?? -1) === $place && ($this->at[$best] ?? -1) !== $place))) {
                $best = $unit;
            }
        }

        return $best;
    }
}
