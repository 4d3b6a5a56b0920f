<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A staff reading of the floor under a level laser plane, at a wheel or a target site. */
final readonly class FloorRead extends OrderLine
{
    public const WHEELS = ['FL', 'FR', 'RL', 'RR'];

    /**
     * @param string     $place one of WHEELS, or "site-" and a sensor
     * @param string     $typed as it was typed; empty where the reading is taken back
     * @param float|null $value mm from the floor up to the laser plane; null where the reading is taken back
     */
    public function __construct(string $id, string $person, string $at, public string $place, public string $typed, public ?float $value)
    {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'floor ' . $this->place;
    }
}
