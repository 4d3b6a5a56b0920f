<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** Somebody of the shop, with the hours in which they work. */
final readonly class Person
{
    /**
     * @param list<array{int, int}> $hours  from and to, minutes, in order, without those they are away
     * @param list<string>          $rights
     */
    public function __construct(public string $id, public array $hours, public array $rights = []) {}
}
