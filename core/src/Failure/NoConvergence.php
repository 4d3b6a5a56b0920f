<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;

/** Readings that contradict each other so far that no set-up comes near them. */
final class NoConvergence extends CoreFailure
{
    /** @param int $iterations rounds that were made */
    public static function after(int $iterations): self
    {
        return new self(Message::of('survey.no-convergence.rounds', ['rounds' => $iterations]));
    }

    /** Where so many readings contradict each other that the rounds themselves would take too long. */
    public static function afterMuchWork(): self
    {
        return new self(Message::of('survey.no-convergence.work'));
    }

    /** Where the readings draw points so near together that a direction between them is no longer to be told. */
    public static function betweenCoincident(): self
    {
        return new self(Message::of('survey.no-convergence.coincident'));
    }

    public function errorCode(): string
    {
        return 'no-convergence';
    }
}
