<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** Stages that belong together and follow each other: one sensor's at its stance, or the drive. */
final readonly class Part
{
    /**
     * @param list<Stage>  $stages in order, at least one
     * @param string|null  $stance where the car stands for all of them; parts that follow each other with the same stance are one stay in one place
     * @param list<string> $held   kinds of kit that are taken at its first stage and given back after its last, such as the target on its spot
     * @param bool         $free   whether it may change places with the free parts beside it
     */
    public function __construct(public string $id, public array $stages, public ?string $stance = null, public array $held = [], public bool $free = false) {}
}
