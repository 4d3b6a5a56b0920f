<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** Three levels of a plate swing that have no top between them. */
final class NoMaximum extends CoreFailure
{
    /** Levels in dB, at the lower, the middle and the upper pitch. */
    public static function ofLevels(float $minus, float $zero, float $plus): self
    {
        return new self(Message::of('swing.no-maximum', ['minus' => Quantity::decibels($minus), 'zero' => Quantity::decibels($zero), 'plus' => Quantity::decibels($plus)]), '/levels');
    }

    public function errorCode(): string
    {
        return 'no-maximum';
    }
}
