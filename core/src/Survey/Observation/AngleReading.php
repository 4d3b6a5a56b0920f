<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Numeric\Angle;

/** A reading of an angle, rad. */
abstract readonly class AngleReading extends OneReading
{
    final public function isAngle(): bool
    {
        return true;
    }

    /** The same angle, as near to the reading as full turns bring it. */
    final protected function nearReading(float $angle): float
    {
        $value = $this->value();

        return $value === null ? Angle::wrap($angle) : $value + Angle::wrap($angle - $value);
    }
}
