<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * What is to be planned: cars with their work, and who and what there is to do it with. All times are whole minutes
 * since the first midnight; the days after it go on counting, so that what does not fit today has its place.
 */
final readonly class Day
{
    /**
     * @param int           $now    before which nothing can be planned
     * @param int           $closes when the shop shuts today: a car done by then is done today
     * @param list<Person>  $people
     * @param list<Place>   $places
     * @param list<KitUnit> $kit
     * @param list<Car>     $cars
     */
    public function __construct(
        public int $now,
        public int $closes,
        public array $people,
        public array $places,
        public array $kit,
        public array $cars,
    ) {}

    /**
     * Hours in which anybody works: minutes of waiting are counted in them alone.
     *
     * @return list<array{int, int}> in order, none touching another
     */
    public function open(): array
    {
        $all = array_merge(...array_map(static fn(Person $person): array => $person->hours, $this->people));
        sort($all);
        $open = [];
        foreach ($all as [$from, $to]) {
            $last = count($open) - 1;
            if ($last >= 0 && $from <= $open[$last][1]) {
                $open[$last] = [$open[$last][0], max($open[$last][1], $to)];
            } elseif ($to > $from) {
                $open[] = [$from, $to];
            }
        }

        return $open;
    }
}
