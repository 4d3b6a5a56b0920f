<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/** What is known of a value beforehand, with its standard uncertainty. */
final readonly class Prior
{
    public function __construct(public float $value, public float $s) {}
}
