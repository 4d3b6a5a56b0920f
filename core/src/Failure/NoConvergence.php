<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

/** Readings that contradict each other so far that no set-up comes near them. */
final class NoConvergence extends CoreFailure
{
    /** @param int $iterations rounds that were made */
    public static function after(int $iterations): self
    {
        return new self(sprintf(
            'No set-up comes near these readings: the adjustment has not settled after %d rounds. One of them is probably far out.',
            $iterations,
        ));
    }

    /** Where so many readings contradict each other that the rounds themselves would take too long. */
    public static function afterMuchWork(): self
    {
        return new self('No set-up comes near these readings: the adjustment has not settled after much work. Take fewer readings, or look for one that is far out.');
    }

    /** Where the readings draw points so near together that a direction between them is no longer to be told. */
    public static function betweenCoincident(): self
    {
        return new self('No set-up fits these readings in which every direction can be told: two of its points all but coincide. One of the readings is probably far out.');
    }

    public function errorCode(): string
    {
        return 'no-convergence';
    }
}
