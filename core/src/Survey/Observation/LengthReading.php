<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

/** A reading of a length, mm; an instrument's shared errors may be in it. */
abstract readonly class LengthReading extends OneReading
{
    final public function isAngle(): bool
    {
        return false;
    }
}
