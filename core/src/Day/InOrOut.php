<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** A car kept in the house beside the same car sent out: what each costs, and what it means for all the others. */
final readonly class InOrOut
{
    /**
     * @param array{cost: float, done: int|null, reckoning: Reckoning} $in
     * @param array{cost: float, done: int|null, reckoning: Reckoning} $out
     */
    private function __construct(public array $in, public array $out) {}

    /**
     * @param string $car of the day
     * @param int    $tries for each of the two plans
     *
     * @return self|null null where the day has no such car
     */
    public static function of(Day $day, string $car, Outside $outside, int $tries = 1_500): ?self
    {
        $own = array_values(array_filter($day->cars, static fn(Car $one): bool => $one->id === $car))[0] ?? null;
        if ($own === null) {
            return null;
        }
        $kept = Planner::plan($day, 1, $tries);
        $cars = array_map(static fn(Car $one): Car => $one->id === $car ? self::sent($one, $outside) : $one, $day->cars);
        $sent = Planner::plan(new Day($day->now, $day->closes, $day->people, $day->places, $day->kit, $cars), 1, $tries);

        return new self(
            ['cost' => self::hands($own) / 60 * $outside->hour, 'done' => $kept->done[$car], 'reckoning' => $kept->reckoning],
            ['cost' => $outside->fee + 2 * $outside->there / 60 * $outside->hour, 'done' => $sent->done[$car], 'reckoning' => $sent->reckoning],
        );
    }

    /** What is left of it is the way there and back, and waiting. */
    private static function sent(Car $car, Outside $outside): Car
    {
        $way = static fn(string $name): Stage => new Stage("$name {$car->id}", 'way', max(1, $outside->there), 0.15);

        return new Car($car->id, $car->ready, $car->promised, [new Part("out {$car->id}", [
            $way('there'), new Stage("away {$car->id}", 'away', max(1, $outside->away), 0.2, new Asks(hands: false)), $way('back'),
        ])]);
    }

    /** Minutes of somebody's work that are left. */
    private static function hands(Car $car): int
    {
        $minutes = 0;
        foreach ($car->parts as $part) {
            foreach ($part->stages as $stage) {
                $minutes += $stage->asks->hands && $stage->began === null ? $stage->minutes : 0;
            }
        }

        return $minutes;
    }
}
