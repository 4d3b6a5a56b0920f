<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/** What is known of a value beforehand, with its standard uncertainty. */
final readonly class Prior
{
    /**
     * @param float $value in the unit of what it is known of
     * @param float $s     standard uncertainty in the same unit, > 0
     */
    public function __construct(public float $value, public float $s) {}
}
