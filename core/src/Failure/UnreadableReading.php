<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** A typed reading that is not what a tape or service information prints. */
final class UnreadableReading extends CoreFailure
{
    /**
     * @param string $reason  code of what is wrong with the text: "reading." and this
     * @param string $example code of what would be right, as it would be typed: "reading.example." and this
     */
    public static function because(string $typed, string $reason, string $example): self
    {
        return new self(Message::of('reading.unreadable', ['typed' => InvalidInput::short($typed), 'reason' => Message::of("reading.$reason"), 'example' => Message::of("reading.example.$example", $example === 'side' ? ['side' => Quantity::mm(12)] : [])]), '/typed');
    }

    public function errorCode(): string
    {
        return 'invalid-input';
    }
}
