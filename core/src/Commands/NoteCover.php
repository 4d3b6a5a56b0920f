<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Journal\CoverNoted;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Message\Message;

/**
 * A bumper cover is off, or back on; before it goes on, what would be missed then is said.
 *
 * @extends Command<CoverNoted>
 */
final readonly class NoteCover extends Command
{
    public function line(): string
    {
        return CoverNoted::class;
    }

    public function question(Situation $now, Line $line): ?Message
    {
        $missed = $line->off ? [] : self::wouldMiss($now, $line);

        return $missed === [] ? null : Message::of('cover.would-miss', ['cover' => $line->cover->said(), 'count' => count($missed), 'missed' => $missed]);
    }

    public function recorded(Situation $now, Line $line, bool $asked): Line
    {
        return Copy::of($line, ['missed' => $line->off ? [] : self::wouldMiss($now, $line)]);
    }

    /** @return list<Message> */
    private static function wouldMiss(Situation $now, CoverNoted $line): array
    {
        $missed = [];
        foreach ($now->order()->alarms() as $capture) {
            if ($capture->cover === $line->cover) {
                $missed[] = $capture->said();
            }
        }

        return $missed;
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
