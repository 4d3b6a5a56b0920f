<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** What somebody fixed of a stage by hand: no plan changes it. */
final readonly class Pin
{
    /**
     * @param int|null    $at     minutes: begins then and at no other time
     * @param string|null $person who does it
     * @param string|null $place  where the car stands for it
     */
    public function __construct(public ?int $at = null, public ?string $person = null, public ?string $place = null) {}
}
