<?php

declare(strict_types=1);

namespace Lumbro\Signer;

use Lumbro\Core\Message\Message;

/** What the signing service does not sign, and why. */
final class Refused extends \RuntimeException
{
    public readonly Message $said;

    /** @param array<string, int|string|Message> $with */
    public function __construct(string $code, array $with = [])
    {
        parent::__construct($code);
        $this->said = Message::of($code, $with);
    }
}
