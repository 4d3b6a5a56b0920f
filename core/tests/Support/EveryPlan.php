<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\Part;
use Lumbro\Core\Day\Stage;

/**
 * Goes through every plan of a small day that could be the best, in the order in which its stages begin, and leaves only
 * those lines that cannot become better than what is known. It shares no code with what makes plans, and knows of one
 * stretch of hours a person and of nothing that is under way.
 */
final class EveryPlan
{
    /** @var list<int> late, undone, waiting, moves */
    private array $best;

    /** @var array<string, int> thing → free from */
    private array $free = [];

    /** @var array<string, string> thing → car that has it */
    private array $has = [];

    /** @var array<string, string> unit → place */
    private array $at = [];

    /** @var array<string, list<array{Stage, Part, bool, bool, bool, bool}>> car → stages left, with whether a stay begins and ends there, and a part */
    private array $left = [];

    /** @var array<string, int> */
    private array $clock = [];

    /** @var array<string, string> car → place, unit of its part */
    private array $place = [];

    /** @var array<string, list<string>> */
    private array $units = [];

    private int $moves = 0;

    /** @param list<int> $known of late, undone, waiting and moves: what is to be bettered */
    private function __construct(private readonly Day $day, array $known)
    {
        $this->best = $known;
    }

    /**
     * @param list<int> $known
     *
     * @return list<int> the best there is, or what was known where nothing is better
     */
    public static function best(Day $day, array $known): array
    {
        $all = new self($day, $known);
        foreach ($day->kit as $unit) {
            if ($unit->at !== null) {
                $all->at[$unit->id] = $unit->at;
            }
        }
        $all->orders(0);

        return $all->best;
    }

    /** Every order of every car's free parts. */
    private function orders(int $number): void
    {
        $car = $this->day->cars[$number] ?? null;
        if ($car === null) {
            $this->go(0);

            return;
        }
        foreach (self::permuted($car->parts) as $parts) {
            $this->left[$car->id] = self::stages($parts);
            $this->clock[$car->id] = max($car->ready, $this->day->now);
            $this->orders($number + 1);
        }
    }

    private function go(int $last): void
    {
        if ($this->bound() >= $this->best) {
            return;
        }
        $open = array_filter($this->left);
        if ($open === []) {
            $this->best = $this->bound();

            return;
        }
        foreach (array_keys($open) as $car) {
            $this->step((string) $car, $last);
        }
    }

    private function step(string $car, int $last): void
    {
        [$stage, $part, $comes, $leaves, $takes, $gives] = $this->left[$car][0];
        $places = $comes ? $this->car($car)->stances[(string) $part->stance] : [$this->place[$car] ?? null];
        foreach ($places as $place) {
            foreach ($this->choices($takes ? $part->held : []) as $held) {
                foreach ($this->choices($stage->asks->kit) as $used) {
                    foreach ($stage->asks->hands ? array_keys($this->day->people) : [null] as $person) {
                        $this->at($car, $last, [$place, $held, $used, $person], [$comes, $leaves, $takes, $gives]);
                    }
                }
            }
        }
    }

    /**
     * @param list<string> $kinds
     *
     * @return list<list<string>> of units, one for each
     */
    private function choices(array $kinds): array
    {
        $all = [[]];
        foreach ($kinds as $kind) {
            $next = [];
            foreach ($all as $one) {
                foreach ($this->day->kit as $unit) {
                    if ($unit->kind === $kind) {
                        $next[] = [...$one, $unit->id];
                    }
                }
            }
            $all = $next;
        }

        return $all;
    }

    /**
     * @param array{string|null, list<string>, list<string>, int|null} $with place, units held, units used, person
     * @param array{bool, bool, bool, bool}                            $turns
     */
    private function at(string $car, int $last, array $with, array $turns): void
    {
        [$place, $held, $used, $person] = $with;
        [$comes, $leaves, $takes, $gives] = $turns;
        $stage = $this->left[$car][0][0];
        $things = $comes ? $this->things((string) $place) : [];
        $from = max($this->clock[$car], $stage->asks->notBefore);
        foreach ([...$things, ...$held, ...$used] as $thing) {
            if (isset($this->has[$thing])) {
                return;
            }
            $from = max($from, $this->free[$thing] ?? 0);
        }
        $who = $person === null ? null : $this->day->people[$person];
        if ($who !== null) {
            if ($stage->asks->right !== null && ! in_array($stage->asks->right, $who->rights, true)) {
                return;
            }
            $from = max($from, $this->free[$who->id] ?? 0, $who->hours[0][0]);
        }
        foreach ($stage->asks->windows as [$opens]) {
            $from = max($from, $opens);
        }
        $to = $from + $stage->minutes;
        if ($from < $last || ($who !== null && $to > $who->hours[0][1]) || ($stage->asks->windows !== [] && $to > $stage->asks->windows[0][1])) {
            return;
        }
        $before = [$this->free, $this->has, $this->at, $this->left, $this->clock, $this->place, $this->units, $this->moves];
        array_shift($this->left[$car]);
        $this->clock[$car] = $to;
        foreach ([...$used, ...($who === null ? [] : [$who->id])] as $thing) {
            $this->free[$thing] = $to;
        }
        if ($comes) {
            $this->moves += isset($this->place[$car]) && $this->place[$car] !== $place ? 1 : 0;
            $this->place[$car] = (string) $place;
        }
        foreach ([...$things, ...$held] as $thing) {
            $this->has[$thing] = $car;
        }
        if ($takes) {
            $this->units[$car] = $held;
            foreach ($held as $unit) {
                $here = $this->place[$car];
                $this->moves += ($this->at[$unit] ?? $here) !== $here ? 1 : 0;
                $this->at[$unit] = $here;
            }
        }
        foreach ([...($gives ? $this->units[$car] : []), ...($leaves ? $this->things($this->place[$car]) : [])] as $thing) {
            unset($this->has[$thing]);
            $this->free[$thing] = $to;
        }
        $this->go($from);
        [$this->free, $this->has, $this->at, $this->left, $this->clock, $this->place, $this->units, $this->moves] = $before;
    }

    /** @return list<string> */
    private function things(string $place): array
    {
        foreach ($this->day->places as $one) {
            if ($one->id === $place) {
                return [$one->id, ...$one->shares];
            }
        }

        return [];
    }

    /** @return list<int> what a line can come to at best */
    private function bound(): array
    {
        [$late, $undone, $waiting] = [0, 0, 0];
        foreach ($this->day->cars as $car) {
            $own = array_sum(array_map(static fn(array $one): int => $one[0]->minutes, $this->left[$car->id]));
            $done = $this->clock[$car->id] + $own;
            $work = array_sum(array_map(static fn(Part $part): int => array_sum(array_map(static fn(Stage $stage): int => $stage->minutes, $part->stages)), $car->parts));
            $late += $car->promised !== null && $done > $car->promised ? 1 : 0;
            $undone += $done > $this->day->closes ? 1 : 0;
            // The shop is open in one stretch.
            $waiting += $done - max($car->ready, $this->day->now) - $work;
        }

        return [$late, $undone, $waiting, $this->moves];
    }

    private function car(string $id): Car
    {
        foreach ($this->day->cars as $car) {
            if ($car->id === $id) {
                return $car;
            }
        }

        throw new \LogicException("No car $id.");
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<list<Part>> with two free parts beside each other either way
     */
    private static function permuted(array $parts): array
    {
        $all = [$parts];
        for ($i = 1; $i < count($parts); $i++) {
            if ($parts[$i]->free && $parts[$i - 1]->free) {
                $other = $parts;
                [$other[$i - 1], $other[$i]] = [$parts[$i], $parts[$i - 1]];
                $all[] = array_values($other);
            }
        }

        return $all;
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<array{Stage, Part, bool, bool, bool, bool}>
     */
    private static function stages(array $parts): array
    {
        $all = [];
        foreach ($parts as $i => $part) {
            $comes = $part->stance !== null && ($parts[$i - 1]->stance ?? null) !== $part->stance;
            $leaves = $part->stance !== null && ($parts[$i + 1]->stance ?? null) !== $part->stance;
            $last = count($part->stages) - 1;
            foreach ($part->stages as $j => $stage) {
                $all[] = [$stage, $part, $comes && $j === 0, $leaves && $j === $last, $part->held !== [] && $j === 0, $part->held !== [] && $j === $last];
            }
        }

        return $all;
    }
}
