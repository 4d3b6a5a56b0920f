<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingStruck;
use Lumbro\Core\Message\Message;

/**
 * A reading is taken back. It stays in the record, struck.
 *
 * @extends Command<ReadingStruck>
 */
final readonly class StrikeReading extends Command
{
    public function line(): string
    {
        return ReadingStruck::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        $record = $now->task()->record;
        foreach ($record->readings as $reading) {
            if ($reading->id !== $line->reading) {
                continue;
            }
            if ($record->fate($reading) === 'struck') {
                throw NotAllowed::now('already-struck', Message::of('strike.already'), '/payload/reading');
            }

            return;
        }

        throw InvalidInput::because('/payload/reading', 'strike.unknown');
    }

    public function decides(): bool
    {
        return true;
    }
}
