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
}
