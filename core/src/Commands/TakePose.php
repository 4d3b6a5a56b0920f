<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Method\Reads;

/** The pose that a rig reports becomes readings, each decided as if it had been typed. */
final class TakePose
{
    /**
     * @param string                                          $rig      what reported it
     * @param array<string, array{value: float, s: float}>    $readings call → what was found, mm or degrees
     *
     * @return list<ReadingTaken>
     *
     * @throws InvalidInput where the set-up is not measured so
     */
    public static function lines(Situation $now, string $rig, array $readings, Stamp $stamp): array
    {
        $lines = [];
        foreach ($readings as $id => ['value' => $value, 's' => $s]) {
            $call = $now->plan()->call($id) ?? throw InvalidInput::because('/pose', 'pose.no-school');
            $read = $call->asRead($value);
            $turn = $call->reads === Reads::Turn;
            $lines[] = new ReadingTaken(
                ...($lines === [] ? $stamp : $stamp->next())->named(),
                call: $id,
                typed: sprintf($turn ? '%.3f° by %s' : '%.1f mm by %s', $read, $rig),
                millimetres: $turn ? null : $read,
                unit: $turn ? 'deg' : 'mm',
                strikes: ($now->task()->setUp->readings[$id] ?? null)?->id,
                s: $s,
                degrees: $turn ? $read : null,
            );
        }

        return $lines;
    }
}
