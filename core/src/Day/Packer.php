<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Fits whole cars into what the others leave free, one car after another: where each goes, who has time for it and
 * which target is free long enough. A car can be taken out again and fitted in elsewhere, which is how a search gets
 * from one plan to many. A car comes into its place no earlier than it has to, so that the place is free until then.
 *
 * @internal
 */
final class Packer
{
    private const NEVER = Compiled::NEVER;

    /** Places in time that are looked at for one stay or part, at most. */
    private const LOOKS = 40;

    /** @var array<int, list<int>> person, then holdable → free from, to, from, to … */
    private array $free = [];

    /** @var array<int, array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int}> car → its plan: stage → begins, person, units; what is taken from when to when; stay → place */
    public array $plans = [];

    /** @var array<int, array{int, int, int}> stage → begins, person, place as told, while a car is fitted in by that */
    private array $asTold = [];

    /** @var int holdables are counted after people */
    private readonly int $people;

    /** @var array<int, int> holdable → from when it is free at first; what a car has already is its own from then on */
    private readonly array $first;

    /** @var array<int, int> car → when it can go on */
    private readonly array $clock;

    /** @var array<int, array{int, list<int>}> car → place it stands in already (-1), units it holds already */
    private readonly array $has;

    /** @param Judge|null $judge that knows what people were told */
    public function __construct(private readonly Compiled $c, UnderWay $begun, private readonly ?Judge $judge = null)
    {
        $this->people = count($c->hours);
        $this->free = $begun->hours;
        $first = [];
        foreach ($begun->since as $one => $from) {
            $first[$one] = max($from, $c->day->now, $begun->free[$one][0] ?? 0);
            $this->free[$this->people + $one] = [$first[$one], self::NEVER];
        }
        $this->first = $first;
        $this->clock = $begun->clock;
        $has = [];
        foreach (array_keys($c->ready) as $car) {
            $has[$car] = [$begun->place($car), $begun->units($car)];
        }
        $this->has = $has;
    }

    /** Whether a car has something already that nobody else can have before it is done with it. */
    public function isUnderWay(int $car): bool
    {
        return $this->has[$car][0] >= 0 || $this->has[$car][1] !== [];
    }

    /**
     * Fits a car in.
     *
     * @param bool $asTold whether by those and there alone where it was told, as far as they can
     * @param int  $until  after which it is not looked at any more
     *
     * @return int when it is done; NEVER where it finds no room
     */
    public function put(int $car, int $order, bool $asTold = false, int $until = self::NEVER): int
    {
        $this->asTold = $asTold && $this->judge !== null ? $this->judge->told : [];
        $chain = $this->c->orders[$car][$order];
        $plan = ['done' => $this->clock[$car], 'stages' => [], 'taken' => [], 'rooms' => [], 'order' => $order];
        $at = $this->clock[$car];
        $count = count($chain);
        $left = $this->length($chain, $this->c->begun[$car], $count - 1);
        for ($i = $this->c->begun[$car]; $i < $count && $at + $left <= $until; $i = $j + 1) {
            $here = $i === $this->c->begun[$car];
            $j = $i;
            if ($chain[$i][1] >= 0 || ($here && $this->has[$car][0] >= 0)) {
                while (! $chain[$j][2]) {
                    $j++;
                }
                $left -= $length = $this->length($chain, $i, $j);
                $at = $this->stay($car, $chain, $i, $j, $length, $at, $here, $until - $left, $plan);
            } else {
                if ($chain[$i][3] >= 0 || ($here && $this->has[$car][1] !== [])) {
                    while (! $chain[$j][4]) {
                        $j++;
                    }
                }
                $left -= $this->length($chain, $i, $j);
                [$at, $stages, $taken] = $this->stretch($car, $chain, $i, $j, $at, $here);
                $plan['stages'] += $stages;
                array_push($plan['taken'], ...$taken);
            }
        }
        $plan['done'] = $at;
        if ($at + $left > $until || $at >= self::NEVER) {
            $at = self::NEVER;
            $plan = ['done' => self::NEVER, 'stages' => [], 'taken' => [], 'rooms' => [], 'order' => $order];
        }
        $this->cuts($plan);
        $this->plans[$car] = $plan;

        return $at;
    }

    /** @param array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int} $plan of a car, whose time is taken */
    private function cuts(array $plan): void
    {
        foreach ($plan['stages'] as $stage => [$from, $who, $units]) {
            $to = $from + $this->c->minutes[$stage];
            if ($who >= 0) {
                Gaps::cut($this->free[$who], $from, $to);
            }
            foreach ($units as $unit) {
                Gaps::cut($this->free[$this->people + $unit], $from, $to);
            }
        }
        foreach ($plan['taken'] as [$one, $from, $to]) {
            Gaps::cut($this->free[$this->people + $one], $from, $to);
        }
    }

    /** @param list<array{int, int, bool, int, bool}> $chain minutes of work from one of its steps to another */
    private function length(array $chain, int $i, int $j): int
    {
        $length = 0;
        for ($k = $i; $k <= $j; $k++) {
            $length += $this->c->minutes[$chain[$k][0]];
        }

        return $length;
    }

    /**
     * The plan of a car in one that was built.
     *
     * @return array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int}
     */
    public function planOf(Builder $built, int $car, int $order): array
    {
        $plan = ['done' => $built->done[$car], 'stages' => [], 'taken' => [], 'rooms' => [], 'order' => $order];
        if ($plan['done'] >= self::NEVER) {
            return $plan;
        }
        [$place, $units] = $this->has[$car];
        $came = $took = -1;
        foreach (array_slice($this->c->orders[$car][$order], $this->c->begun[$car]) as [$stage, $comes, $leaves, $takes, $gives]) {
            $from = $built->from[$stage];
            $to = $from + $this->c->minutes[$stage];
            $plan['stages'][$stage] = [$from, $built->person[$stage], $built->used[$stage]];
            if ($comes >= 0) {
                [$place, $came] = [$built->room[$comes], $from];
                $plan['rooms'][$comes] = $place;
            }
            if ($takes >= 0) {
                [$units, $took] = [$built->held[$takes], $from];
            }
            foreach ($gives ? $units : [] as $unit) {
                $plan['taken'][] = [$unit, $took < 0 ? $this->first[$unit] : $took, $to];
            }
            foreach ($leaves ? $this->c->taken[$place] : [] as $one) {
                $plan['taken'][] = [$one, $came < 0 ? $this->first[$one] : $came, $to];
            }
        }

        return $plan;
    }

    /** Takes a car out again. */
    public function take(int $car): void
    {
        foreach ($this->plans[$car]['stages'] as $stage => [$from, $who, $units]) {
            $to = $from + $this->c->minutes[$stage];
            if ($who >= 0) {
                Gaps::give($this->free[$who], $from, $to);
            }
            foreach ($units as $unit) {
                Gaps::give($this->free[$this->people + $unit], $from, $to);
            }
        }
        foreach ($this->plans[$car]['taken'] as [$one, $from, $to]) {
            Gaps::give($this->free[$this->people + $one], $from, $to);
        }
        unset($this->plans[$car]);
    }

    /** @param array<int, array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int}> $plans of all cars, which are put in the place of those there are */
    public function fill(array $plans): void
    {
        foreach (array_keys($this->plans) as $car) {
            $this->take($car);
        }
        foreach ($plans as $plan) {
            $this->cuts($plan);
        }
        $this->plans = $plans;
    }

    /** @return array{array<int, list<int>>, array<int, array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int}>} to come back to */
    public function state(): array
    {
        return [$this->free, $this->plans];
    }

    /** @param array{array<int, list<int>>, array<int, array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int}>} $state */
    public function restore(array $state): void
    {
        [$this->free, $this->plans] = $state;
    }

    /**
     * A stay in one place.
     *
     * @param list<array{int, int, bool, int, bool}> $chain
     * @param int $length minutes of work in it
     * @param int $until  by when it must end
     * @param array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int} $plan which it is added to
     */
    private function stay(int $car, array $chain, int $i, int $j, int $length, int $at, bool $here, int $until, array &$plan): int
    {
        $c = $this->c;
        $is = $here ? $this->has[$car][0] : -1;
        $number = $chain[$i][1] >= 0 ? $chain[$i][1] : $c->stayAt[$chain[$i][0]];
        $best = [min(self::NEVER, $until + 1), [], [], -1, 0];
        // As if every place were free: no place can do better, and in each the work ends no earlier.
        $ideal = $this->stretch($car, $chain, $i, $j, $at, $here, $best[0]);
        if ($ideal[0] >= self::NEVER) {
            return self::NEVER;
        }
        $told = $this->asTold[$chain[$i][0]][2] ?? -1;
        $rooms = in_array($told, $c->rooms[$number], true) ? [$told] : $c->rooms[$number];
        if ($is >= 0) {
            if ($ideal[0] <= $this->freeUntil($c->taken[$is], $this->first[$is])) {
                $best = [...$ideal, $is, $this->first[$is]];
            }
            $rooms = [];
        }
        // Those first that are free first: what they come to spares looking closely at the others.
        $froms = [];
        foreach ($rooms as $place) {
            $froms[$place] = $this->allFree($c->taken[$place], $at, $length);
        }
        asort($froms);
        $first = $chain[$i][0];
        foreach ($froms as $place => $from) {
            for ($look = 0; $look < self::LOOKS && $from + $length < $best[0] && $ideal[0] < $best[0]; $look++) {
                [$to, $stages, $taken] = $from <= $ideal[1][$first][0] ? $ideal : $this->stretch($car, $chain, $i, $j, $from, false, $best[0]);
                if ($to >= $best[0]) {
                    break;
                }
                $begins = $stages[$first][0];
                $free = $this->freeUntil($c->taken[$place], $begins);
                if ($to <= $free) {
                    $best = [$to, $stages, $taken, $place, $begins];
                    break;
                }
                $from = $this->allFree($c->taken[$place], max($free, $from + 1), $length);
            }
        }
        [$to, $stages, $taken, $place, $begins] = $best;
        if ($place < 0) {
            return self::NEVER;
        }
        if ($is < 0) {
            $begins = $this->later($chain, $i, $j, $stages, $taken);
        }
        $plan['stages'] += $stages;
        array_push($plan['taken'], ...$taken);
        foreach ($c->taken[$place] as $one) {
            $plan['taken'][] = [$one, $begins, $to];
        }
        $plan['rooms'][$number] = $place;

        return $to;
    }

    /**
     * Stages before the first of a part that takes something are begun as late as they can be without its beginning later.
     *
     * @param list<array{int, int, bool, int, bool}>      $chain
     * @param array<int, array{int, int, list<int>}>      $stages
     * @param list<array{int, int, int}>                  $taken
     *
     * @return int when the first begins
     */
    private function later(array $chain, int $i, int $j, array &$stages, array $taken): int
    {
        $k = $i;
        while ($k < $j && $chain[$k][3] < 0) {
            $k++;
        }
        for ($k--; $k >= $i; $k--) {
            $stage = $chain[$k][0];
            $until = $stages[$chain[$k + 1][0]][0] - $this->c->minutes[$stage];
            [$from, $who, $units] = $stages[$stage];
            if ($until > $from && $units === [] && $this->c->windows[$stage] === []) {
                $stages[$stage] = [$who < 0 ? $until : max($from, Gaps::last($this->free[$who], $until, $this->c->minutes[$stage])), $who, $units];
            }
        }

        return $stages[$chain[$i][0]][0];
    }

    /**
     * Stages that follow each other, with what their parts hold; given up where they end no earlier than the bound.
     *
     * @param list<array{int, int, bool, int, bool}> $chain
     *
     * @return array{int, array<int, array{int, int, list<int>}>, list<array{int, int, int}>} when the last ends, stage → begins, person, units; what is taken
     */
    private function stretch(int $car, array $chain, int $i, int $j, int $at, bool $here, int $bound = self::NEVER): array
    {
        $stages = [];
        $taken = [];
        for ($k = $i; $k <= $j; $k = $to + 1) {
            $to = $k;
            $holds = $here && $k === $this->c->begun[$car] ? $this->has[$car][1] : [];
            if ($holds === [] && $chain[$k][3] < 0) {
                $at = $this->stages($chain, $k, $k, $at, $stages);
            } else {
                while (! $chain[$to][4]) {
                    $to++;
                }
                $at = $holds === [] ? $this->part($chain, $k, $to, $at, $stages, $taken) : $this->heldPart($holds, $chain, $k, $to, $at, $stages, $taken);
            }
            if ($at >= $bound) {
                return [self::NEVER, [], []];
            }
        }

        return [$at, $stages, $taken];
    }

    /**
     * A part that holds its things already.
     *
     * @param list<int>                                   $units
     * @param list<array{int, int, bool, int, bool}>      $chain
     * @param array<int, array{int, int, list<int>}>      $stages
     * @param list<array{int, int, int}>                  $taken
     */
    private function heldPart(array $units, array $chain, int $i, int $j, int $at, array &$stages, array &$taken): int
    {
        $to = $this->stages($chain, $i, $j, $at, $stages);
        foreach ($units as $unit) {
            if ($to > $this->freeUntil([$unit], $this->first[$unit])) {
                return self::NEVER;
            }
            $taken[] = [$unit, $this->first[$unit], $to];
        }

        return $to;
    }

    /**
     * A part with what it holds, when it can be had for all of it.
     *
     * @param list<array{int, int, bool, int, bool}>      $chain
     * @param array<int, array{int, int, list<int>}>      $stages
     * @param list<array{int, int, int}>                  $taken
     */
    private function part(array $chain, int $i, int $j, int $at, array &$stages, array &$taken): int
    {
        $length = $this->length($chain, $i, $j);
        for ($look = 0; $look < self::LOOKS && $at < self::NEVER; $look++) {
            $units = [];
            $from = $at;
            foreach ($this->c->holds[$chain[$i][3]] as $kind) {
                $first = self::NEVER;
                $had = -1;
                foreach ($kind as $unit) {
                    $free = Gaps::next($this->free[$this->people + $unit], $at, $length);
                    if ($free < $first) {
                        [$first, $had] = [$free, $unit];
                    }
                }
                if ($had < 0) {
                    return self::NEVER;
                }
                $units[] = $had;
                $from = max($from, $first);
            }
            $own = [];
            $to = $this->stages($chain, $i, $j, $from, $own);
            if ($to >= self::NEVER) {
                return self::NEVER;
            }
            $begins = $own[$chain[$i][0]][0];
            $until = $this->freeUntil($units, $begins);
            if ($to <= $until) {
                $stages += $own;
                foreach ($units as $unit) {
                    $taken[] = [$unit, $begins, $to];
                }

                return $to;
            }
            $at = max($until, $from + 1);
        }

        return self::NEVER;
    }

    /**
     * @param list<array{int, int, bool, int, bool}>      $chain
     * @param array<int, array{int, int, list<int>}>      $stages
     */
    private function stages(array $chain, int $i, int $j, int $at, array &$stages): int
    {
        $last = -1;
        for ($k = $i; $k <= $j; $k++) {
            $stage = $chain[$k][0];
            $earliest = $this->c->earliest[$stage];
            if ($earliest > $at) {
                $at = $earliest;
            }
            $best = $this->fit($stage, $at, $last);
            if ($best[0] >= self::NEVER) {
                return self::NEVER;
            }
            $stages[$stage] = $best;
            $last = $best[1];
            $at = $best[0] + $this->c->minutes[$stage];
        }

        return $at;
    }

    /** @return array{int, int, list<int>} when a stage can begin, by whom and with which units; of two who can, whoever had the car last */
    private function fit(int $stage, int $at, int $last): array
    {
        $c = $this->c;
        $people = $c->people[$stage];
        $told = $this->asTold[$stage][1] ?? -1;
        if ($told >= 0 && $people !== null && in_array($told, $people, true)) {
            $people = [$told];
        }

        return Soonest::stage($c, $stage, $people, $at, $last, $this->free, $this->free, $this->people);
    }

    /** @param list<int> $of holdables: from when all of them are free for some minutes */
    private function allFree(array $of, int $at, int $minutes): int
    {
        do {
            $before = $at;
            foreach ($of as $one) {
                $at = Gaps::next($this->free[$this->people + $one], $at, $minutes);
            }
        } while ($at !== $before && $at < self::NEVER);

        return $at;
    }

    /** @param list<int> $of holdables: until when all of them, being free at a minute, stay so; that minute where one is not */
    private function freeUntil(array $of, int $at): int
    {
        $until = self::NEVER;
        foreach ($of as $one) {
            $free = $this->free[$this->people + $one];
            $its = $at;
            for ($i = 0, $n = count($free); $i < $n; $i += 2) {
                if ($free[$i] <= $at && $at < $free[$i + 1]) {
                    $its = $free[$i + 1];
                    break;
                }
            }
            $until = min($until, $its);
        }

        return $until;
    }
}
