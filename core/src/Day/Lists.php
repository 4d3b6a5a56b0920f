<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * List schedules by several rules (maths, section 11): the cars one after another, and the same by the clock.
 *
 * @internal
 */
final class Lists
{
    /** @var list<int> car → minutes of its work that are left */
    public array $work = [];

    /** @var list<int> car → minutes by which it could be late for its promise, or for today, if it began now */
    public array $slack = [];

    /** @param Builder $plan which is built to see what each comes to */
    public function __construct(private readonly Compiled $c, private readonly Builder $plan)
    {
        foreach ($c->orders as $car => $orders) {
            $work = 0;
            foreach (array_slice($orders[0], $c->begun[$car]) as [$stage]) {
                $work += $c->minutes[$stage];
            }
            $this->work[] = $work;
            $this->slack[] = min($c->promised[$car], $c->day->closes) - $work;
        }
    }

    /**
     * List schedules: the cars one after another, and all their stages by the clock, by what leaves least slack, what was promised first, what came first.
     *
     * @return list<Choices>
     */
    public function all(): array
    {
        $c = $this->c;
        $left = $this->work;
        $slack = $this->slack;
        $rules = [
            static fn(int $car): array => [$slack[$car], $c->ready[$car]],
            static fn(int $car): array => [$c->promised[$car], $c->ready[$car] + $left[$car]],
            static fn(int $car): array => [$c->ready[$car], $c->promised[$car]],
            static fn(int $car): array => [$left[$car], $c->promised[$car]],
            static fn(int $car): array => [$c->ready[$car] + $left[$car], $c->promised[$car]],
        ];
        $order = array_fill(0, count($c->ready), 0);
        $all = [];
        foreach ($rules as $rule) {
            $cars = array_keys($c->ready);
            usort($cars, static fn(int $a, int $b): int => [$rule($a), $a] <=> [$rule($b), $b]);
            $turns = [];
            foreach ($cars as $car) {
                array_push($turns, ...array_fill(0, count($c->orders[$car][0]) - $c->begun[$car], $car));
            }
            $all[] = new Choices($turns, $order);
            // The same begun by the clock: what comes late keeps nothing from what could go before.
            $this->plan->build($all[count($all) - 1]);
            $all[] = new Choices($this->plan->turns($order), $order);
        }

        return $all;
    }
}
