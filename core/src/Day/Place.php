<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** Where one car stands: a bay. */
final readonly class Place
{
    /** @param list<string> $shares what it has in common with other places, such as a far wall: a car in one of them has it alone */
    public function __construct(public string $id, public array $shares = []) {}
}
