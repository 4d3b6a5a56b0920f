<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

/** Readings that contradict each other so far that no set-up comes near them. */
final class NoConvergence extends CoreFailure
{
    public static function after(int $iterations): self
    {
        return new self(sprintf(
            'No set-up comes near these readings: the adjustment has not settled after %d rounds. One of them is probably far out.',
            $iterations,
        ));
    }

    public function errorCode(): string
    {
        return 'no-convergence';
    }
}
