<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

/** A plate swing whose top lies beyond the pitches that were measured. */
final class OutsideSwing extends CoreFailure
{
    /** Degrees. */
    public static function at(float $peak, float $pitch): self
    {
        return new self(sprintf(
            'The top would lie at %s degrees, beyond the ±%s degrees that were measured. Swing the plate further to that side.',
            round($peak, 2),
            round($pitch, 2),
        ), '/levels');
    }

    public function errorCode(): string
    {
        return 'outside-swing';
    }
}
