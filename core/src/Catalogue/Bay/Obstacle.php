<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

/** Something that stands in a bay: a post, a lift, a bench; its corners in mm. */
final readonly class Obstacle
{
    /** @param list<array{float, float}> $corners at least three */
    public function __construct(public string $name, public array $corners) {}
}
