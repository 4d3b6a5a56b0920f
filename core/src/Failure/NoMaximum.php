<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

/** Three levels of a plate swing that have no top between them. */
final class NoMaximum extends CoreFailure
{
    /** Levels in dB, at the lower, the middle and the upper pitch. */
    public static function ofLevels(float $minus, float $zero, float $plus): self
    {
        return new self(sprintf(
            'The levels %s, %s and %s dB have no top: the middle one must lie above the line through the others. Swing the plate further, or look for a second reflector.',
            round($minus, 2),
            round($zero, 2),
            round($plus, 2),
        ), '/levels');
    }

    public function errorCode(): string
    {
        return 'no-maximum';
    }
}
