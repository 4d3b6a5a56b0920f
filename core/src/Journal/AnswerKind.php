<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** What a person may say of a precondition. */
enum AnswerKind: string
{
    case Yes = 'yes';
    case No = 'no';
    case NotChecked = 'not-checked';
    case OnWord = 'on-word';

    /** Whether the precondition counts as met; hearsay does, and is marked. */
    public function isMet(): bool
    {
        return $this === self::Yes || $this === self::OnWord;
    }

    /** @return array<string, mixed> JSON Schema of what holds for an answer that rests on somebody's word */
    public static function rule(): array
    {
        return ['if' => ['properties' => ['answer' => ['const' => self::OnWord->value]]], 'then' => ['required' => ['word']]];
    }
}
