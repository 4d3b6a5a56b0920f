<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/**
 * Closing a task. An owed axis that is not proven is handed over only by a lead, for a reason that stands in the record
 * (need J36).
 */
final class Sealing
{
    /** A reason for a hand-over is a sentence, characters. */
    private const SENTENCE = 10;

    /**
     * @param string|null $reason why it is handed over, where it is not settled
     *
     * @return array{name: string, reason: string}|null who hands it over and why; null where it needs nobody
     *
     * @throws InvalidInput|NotAllowed
     */
    public static function handover(Situation $now, string $person, ?string $reason): ?array
    {
        if ($now->task()->isSettled()) {
            return null;
        }
        if ($reason === null || mb_strlen($reason) < self::SENTENCE) {
            throw InvalidInput::because('/handover', 'seal.why');
        }
        if ($now->role !== null && ! $now->role->may(Act::HandOver)) {
            throw NotAllowed::forbidden(Message::of('seal.lead'));
        }

        return ['name' => $person, 'reason' => $reason];
    }
}
