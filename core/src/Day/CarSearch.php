<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Betters a plan by whole cars: a few at a time are taken out and fitted in anew, one after the other (maths, section 11).
 *
 * @internal
 *
 * @phpstan-type Plan array{done: int, stages: array<int, array{int, int, list<int>}>, taken: list<array{int, int, int}>, rooms: array<int, int>, order: int}
 */
final class CarSearch
{
    /** Minutes by which the figure may get worse at last, about. */
    private const COLD = 3.0;

    /** Cars that are taken out at once, at most. */
    private const OUT = 6;

    /** The car that is taken out first is the worst of so many, at most; while promises come first, of a hundred times so often one that misses its own. */
    private const AMONG = 6;
    private const LATE = 40;

    /** One time in so many cars go in again by each of two rules, else in any order. */
    private const RULES = 4;

    private readonly Packer $packer;

    /** @var list<int> cars that have something already: they go first, or others take what they hold */
    private readonly array $under;

    /** @var array<int, int> car → when it would be done if it were the only one */
    private array $alone = [];

    /** @var array<int, float> car → what it adds to the figure by which the search goes */
    private array $adds = [];

    private float $height = 0.0;

    /** @var array{int, int, int} what the best plan comes to since the search began */
    private array $least = [PHP_INT_MAX, 0, 0];

    /** @var array<int, Plan> the best plan */
    private array $kept = [];

    /** By the figure of a judge. */
    public function __construct(
        private readonly Compiled $c,
        private readonly Judge $judge,
        private readonly Lists $lists,
        private readonly Draws $draws,
    ) {
        $this->packer = new Packer($c, new UnderWay($c), $judge);
        foreach ($c->orders as $car => $orders) {
            $this->alone[$car] = Compiled::NEVER;
            foreach (array_keys($orders) as $order) {
                $this->alone[$car] = min($this->alone[$car], $this->packer->put($car, $order));
                $this->packer->take($car);
            }
        }
        $this->under = array_values(array_filter(array_keys($c->orders), $this->packer->isUnderWay(...)));
    }

    /** Begins with all cars fitted in, one after another, in the order of their last turns. */
    public function pack(Choices $choices, bool $asTold): void
    {
        $this->packer->fill([]);
        $turns = array_reverse(array_values(array_unique(array_reverse($choices->turns))));
        foreach (array_values(array_unique([...$this->under, ...$turns, ...array_keys($this->c->orders)])) as $car) {
            $this->packer->put($car, $choices->order[$car], $asTold);
        }
        $this->begin();
    }

    /** Begins with a plan that was built of these choices. */
    public function take(Builder $built, Choices $choices): void
    {
        $this->packer->fill(array_map(fn(int $car): array => $this->packer->planOf($built, $car, $choices->order[$car]), array_keys($this->c->orders)));
        $this->begin();
    }

    private function begin(): void
    {
        $this->weigh();
        $this->least = [PHP_INT_MAX, 0, 0];
        $this->keep();
    }

    /** @return list<int> cars whose promise is missed in the best plan */
    public function late(): array
    {
        return array_keys(array_filter($this->kept, fn(array $plan, int $car): bool => $plan['done'] > $this->c->promised[$car], ARRAY_FILTER_USE_BOTH));
    }

    private function weigh(): void
    {
        $this->adds = [];
        foreach ($this->packer->plans as $car => $plan) {
            $this->adds[$car] = $this->judge->added($plan, $car);
        }
        $this->height = array_sum($this->adds);
    }

    private function keep(): void
    {
        $counted = $this->judge->counted($this->packer->plans);
        if ($counted < $this->least) {
            $this->least = $counted;
            $this->kept = $this->packer->plans;
        }
    }

    /**
     * A few cars at a time are taken out of the plan and fitted in anew, one after the other.
     *
     * @param int   $tries how many times
     * @param float $warm  minutes by which the figure may get worse at first, about
     * @param int   $told  of three cars, so many go where they were told
     */
    public function change(int $tries, float $warm, int $told = 0): void
    {
        $least = [];
        foreach ($this->alone as $car => $done) {
            $least[$car] = $this->judge->height($car, $done);
        }
        for ($i = 0; $i < $tries; $i++) {
            $heat = $warm * (self::COLD / $warm) ** ($i / $tries);
            $limit = $this->height - $heat * log(max(1e-9, $this->draws->even()));
            $state = $this->packer->state();
            $out = $this->taken();
            $sum = $this->height;
            foreach ($out as $car) {
                $this->packer->take($car);
                $sum += $least[$car] - $this->adds[$car];
            }
            $new = [];
            foreach ($out as $car) {
                $orders = count($this->c->orders[$car]);
                // Those that are not fitted in yet add what they add at least, so that what comes to nothing is soon seen.
                $sum -= $least[$car];
                $this->packer->put($car, $orders > 1 ? $this->draws->below($orders) : 0, $told > 0 && $this->draws->below(3) < $told, $this->judge->until($car, $limit - $sum));
                $new[$car] = $this->judge->added($this->packer->plans[$car], $car);
                $sum += $new[$car];
                if ($sum > $limit) {
                    $this->packer->restore($state);

                    continue 2;
                }
            }
            $this->adds = array_replace($this->adds, $new);
            $this->height = $sum;
            $this->keep();
        }
    }

    /** @return list<int> cars that are taken out together, in the order in which they are fitted in again */
    private function taken(): array
    {
        $count = count($this->adds);
        // Of some, that one to which most could be given back.
        $first = $this->draws->below($count);
        for ($i = $this->draws->below(self::AMONG); $i > 0; $i--) {
            $one = $this->draws->below($count);
            $first = $this->adds[$one] > $this->adds[$first] ? $one : $first;
        }
        if ($this->judge->waits < 1.0 && $this->draws->below(100) < self::LATE) {
            $late = array_values(array_filter(array_keys($this->adds), fn(int $car): bool => $this->packer->plans[$car]['done'] > $this->c->promised[$car]));
            $first = $late === [] ? $first : $late[$this->draws->below(count($late))];
        }
        $out = [$first];
        $more = min($count - 1, 1 + $this->draws->below(self::OUT - 1));
        // Those that are at work while it waits are in its way: of two, the one with more of its time in that of the first.
        $from = $this->c->ready[$first];
        $done = $this->packer->plans[$first]['done'];
        for ($i = 0; $i < $more; $i++) {
            [$one, $other] = [$this->draws->below($count), $this->draws->below($count)];
            $near = $this->meets($one, $from, $done) > $this->meets($other, $from, $done) ? $one : $other;
            if (! in_array($near, $out, true)) {
                array_splice($out, 1 + $this->draws->below(count($out)), 0, [$near]);
            }
        }
        $by = $this->draws->below(self::RULES);
        if ($by < 2) {
            usort($out, fn(int $a, int $b): int => $by === 0 ? $this->lists->slack[$a] <=> $this->lists->slack[$b] : $this->lists->work[$a] <=> $this->lists->work[$b]);
        }

        return $this->under === [] ? $out : [...array_intersect($out, $this->under), ...array_diff($out, $this->under)];
    }

    /** Minutes that a car is at work between two. */
    private function meets(int $car, int $from, int $to): int
    {
        $done = $this->packer->plans[$car]['done'];

        return min($to, $done) - max($from, $done - $this->lists->work[$car]);
    }

    /** The choices that build a plan at least as good as the best. */
    public function settled(): Choices
    {
        $choices = new Choices([], array_fill(0, count($this->kept), 0));
        $keys = $cars = [];
        foreach ($this->kept as $car => $plan) {
            $choices->order[$car] = $plan['order'];
            $choices->room += $plan['rooms'];
            $at = 0;
            foreach (array_slice($this->c->orders[$car][$plan['order']], $this->c->begun[$car]) as [$stage]) {
                [$from, $who] = $plan['stages'][$stage] ?? [Compiled::NEVER, -1];
                $keys[] = $at = max($at, $from);
                $cars[] = $car;
                if ($who >= 0) {
                    $choices->who[$stage] = $who;
                }
            }
        }
        $places = array_keys($keys);
        array_multisort($keys, SORT_ASC, SORT_NUMERIC, $places, SORT_ASC, SORT_NUMERIC, $cars);
        $choices->turns = $cars;

        return $choices;
    }
}
