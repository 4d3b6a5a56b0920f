<?php

declare(strict_types=1);

namespace Tests\Support;

/** What a test says to a question of the preparation: yes, and where a gauge or a survey would be asked for, somebody's word. */
final class Answers
{
    private const ON_WORD = ['tyres', 'ride-height', 'fuel', 'supply', 'level-floor'];

    /** @return array<string, string> the payload */
    public static function to(string $item): array
    {
        return in_array($item, self::ON_WORD, true) ? ['item' => $item, 'answer' => 'on-word', 'word' => 'Wen Harrow'] : ['item' => $item, 'answer' => 'yes'];
    }
}
