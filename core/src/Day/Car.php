<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** A car with the work that is still owed to it. */
final readonly class Car
{
    /**
     * @param int                         $ready    minutes: from when it can be worked on
     * @param int|null                    $promised minutes: the hour it was promised for
     * @param list<Part>                  $parts    in the order of work
     * @param array<string, list<string>> $stances  stance → ids of the places that have room for it
     */
    public function __construct(public string $id, public int $ready, public ?int $promised, public array $parts, public array $stances = []) {}
}
