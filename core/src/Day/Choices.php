<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * What a plan is made of: whose turn it is, again and again, and what is settled beforehand. Everything else follows:
 * each stage begins as soon as what it asks for is free.
 *
 * Where the order is kept, nobody is given something to do before what they were given already: a gap that comes about
 * stays one, so that nothing changes but what is changed on purpose.
 *
 * @internal
 */
final class Choices
{
    /**
     * @param array<int, int> $turns cars, each once for every stage that is still to be planned
     * @param array<int, int> $order car → which order of its parts
     * @param array<int, int> $room  stay → place, where it is settled
     * @param array<int, int> $who   stage → person, where it is settled
     */
    public function __construct(public array $turns, public array $order, public array $room = [], public array $who = [], public bool $isKept = false) {}
}
