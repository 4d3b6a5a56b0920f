<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * Tries other places in a plan that was found: moves of cars and stands are spared by that (maths, section 11).
 *
 * @internal
 */
final class Housing
{
    /** Ways to house all stays that are tried, at most. */
    private const MOST = 128;

    /** By the figure of a judge. */
    public function __construct(private readonly Compiled $c, private readonly Judge $judge, private readonly Builder $plan) {}

    /** Offers every place for every stay in the best plan, all of them together where they are few. */
    public function better(Best $best): void
    {
        $c = $this->c;
        $rooms = array_filter($c->rooms, static fn(array $rooms): bool => count($rooms) > 1);
        $all = [[]];
        foreach ($rooms as $stay => $places) {
            $next = [];
            foreach ($all as $one) {
                foreach ($places as $place) {
                    $next[] = $one + [$stay => $place];
                }
            }
            $all = $next;
            if (count($all) > self::MOST) {
                $all = [];
                break;
            }
        }
        if ($all === []) {
            foreach ($rooms as $stay => $places) {
                foreach ($places as $place) {
                    $all[] = [$stay => $place];
                }
            }
        }
        foreach ($all as $housed) {
            $choices = clone $best->choices;
            $choices->room = $housed + $choices->room;
            $this->plan->build($choices);
            $best->offer($choices, $this->judge->reckon($this->plan));
        }
    }
}
