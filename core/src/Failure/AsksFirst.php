<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;

/** A question that the writer may answer by sending the same again, confirmed. */
final class AsksFirst extends CoreFailure
{
    /** @param string $path JSON Pointer to what it is about */
    public static function about(string $path, Message $question): self
    {
        return new self($question, $path);
    }

    public function errorCode(): string
    {
        return 'asks-once';
    }
}
