<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** The echo level with the plate in one of the card's positions. */
final readonly class LevelRead extends Line
{
    /** @param string $position of the card; $level dB */
    public function __construct(string $id, string $person, string $at, public string $position, public float $level)
    {
        parent::__construct($id, $person, $at);
    }
}
