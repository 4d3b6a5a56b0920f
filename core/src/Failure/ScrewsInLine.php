<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;

/** Two adjusting screws that lie in one line with the pivot and so cannot move both axes. */
final class ScrewsInLine extends CoreFailure
{
    /**
     * @param string $first  id of one screw
     * @param string $second id of the other
     */
    public static function named(string $first, string $second): self
    {
        return new self(Message::of('screws.in-line', ['first' => $first, 'second' => $second]), '/screws');
    }

    public function errorCode(): string
    {
        return 'screws-in-line';
    }
}
