<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/** A laser plane over the floor, level but for its own error. */
final readonly class Level
{
    /**
     * @param float      $height mm over the plane through the contact patches, at the frame's origin
     * @param float|null $s      standard uncertainty, mm, > 0; null for a height that is only a guess
     * @param float|null $tilt   how far it may lean along each axis, mm per m, > 0; null for one that does not
     */
    public function __construct(public string $name, public float $height, public ?float $s = null, public ?float $tilt = null) {}
}
