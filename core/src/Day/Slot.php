<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** When, by whom, where and with what a stage is planned. */
final readonly class Slot
{
    /** @param list<string> $units of the kit, used or held */
    public function __construct(
        public string $stage,
        public string $car,
        public int $from,
        public int $to,
        public ?string $person,
        public ?string $place,
        public array $units,
    ) {}
}
