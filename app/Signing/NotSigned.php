<?php

declare(strict_types=1);

namespace App\Signing;

use Lumbro\Core\Message\Message;

/** The signing service was away, or refused. Whatever was to be signed stays as it is until it is asked again. */
final class NotSigned extends \RuntimeException
{
    private function __construct(public readonly mixed $said, public readonly bool $isAway)
    {
        parent::__construct((string) json_encode($said));
    }

    public static function away(): self
    {
        return new self(Message::of('signer.away'), true);
    }

    /** @param mixed $said the service's own message, decoded */
    public static function because(mixed $said): self
    {
        return new self($said, false);
    }
}
