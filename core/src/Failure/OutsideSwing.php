<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** A plate swing whose top lies beyond the pitches that were measured. */
final class OutsideSwing extends CoreFailure
{
    /** Degrees. */
    public static function at(float $peak, float $pitch): self
    {
        return new self(Message::of('swing.outside', ['peak' => Quantity::degrees($peak), 'pitch' => Quantity::degrees($pitch)]), '/levels');
    }

    public function errorCode(): string
    {
        return 'outside-swing';
    }
}
