<?php

declare(strict_types=1);

namespace Lumbro\Core\Record;

use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Journal\CardChosen;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\Reopened;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Role;

/**
 * The lines of a record decided once more, one after another, each against what stood before it: a record that holds a
 * line nobody could have written is found, whatever its hashes say.
 *
 * What a line was decided by is taken as it was sealed: where a card was exchanged on the way, lines before it are passed
 * over, since the earlier card is not in the record.
 */
final class Replay
{
    /**
     * @param TaskJournal $sealed with its order's
     *
     * @return list<array{line: string, kind: string, says: Message}> lines that the rules refuse, by their ids, and why
     */
    public static function refusals(TaskJournal $sealed): array
    {
        $order = $sealed->order->lines();
        $journal = new TaskJournal(new OrderJournal($sealed->order->context, []), $sealed->sensor, $sealed->bay, $sealed->earlierLevels, [], $sealed->rules);
        $from = self::sinceCard($order, $sealed->sensor);
        $refused = [];
        foreach (self::merged($order, $sealed->entries()) as $line) {
            $as = property_exists($line, 'as') && is_string($line->{'as'}) ? Role::from($line->{'as'}) : null;
            // Nobody could write to a sealed record; that it was sealed then is shown by the line that opens it again.
            $now = $journal->situation($as, null, $line instanceof Reopened);
            if ($line->at >= $from) {
                try {
                    Kinds::of($line)->admit($now, $line);
                } catch (CoreFailure $failure) {
                    $refused[] = ['line' => $line->id, 'kind' => $line->kind(), 'says' => $failure->said];
                }
            }
            $journal->add($line);
        }

        return $refused;
    }

    /**
     * When the sensor's card was chosen last; "" where it was from the beginning.
     *
     * @param list<OrderLine> $order
     */
    private static function sinceCard(array $order, string $sensor): string
    {
        $since = '';
        foreach ($order as $line) {
            if ($line instanceof CardChosen && $line->sensor === $sensor) {
                $since = $line->at;
            }
        }

        return $since;
    }

    /**
     * Both journals as one, by their moments; of one moment the order's line first.
     *
     * @param list<OrderLine> $order
     * @param list<Line>      $task
     *
     * @return list<Line>
     */
    private static function merged(array $order, array $task): array
    {
        $merged = [];
        while ($order !== [] || $task !== []) {
            if ($task === [] || ($order !== [] && $order[0]->at <= $task[0]->at)) {
                $merged[] = array_shift($order);
            } else {
                $merged[] = array_shift($task);
            }
        }

        return $merged;
    }
}
