<?php

declare(strict_types=1);

namespace Lumbro\Core\Failure;

/** A typed reading that is not what a tape or service information prints. */
final class UnreadableReading extends CoreFailure
{
    /**
     * @param string $reason  a sentence saying what is wrong with the text
     * @param string $example what would be right
     */
    public static function because(string $typed, string $reason, string $example): self
    {
        return new self(sprintf('“%s” is not taken: %s For example: %s', mb_strimwidth(trim($typed), 0, 60, '…'), $reason, $example), '/typed');
    }

    public function errorCode(): string
    {
        return 'invalid-input';
    }
}
