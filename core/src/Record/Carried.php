<?php

declare(strict_types=1);

namespace Lumbro\Core\Record;

use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Commands\Stamp;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\NotAllowed;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Role;

/**
 * Lines typed where no server answered, decided one after another against the record as the device has it: by the rules
 * that decide them again once they are sent.
 */
final class Carried
{
    /** As many wait on no device for one task. */
    public const MOST = 500;

    /**
     * Adds to the journal what is taken, up to the first line that is not.
     *
     * @param TaskJournal $journal what the device has of the record; it is added to
     * @param list<Node>  $wishes  oldest first, each with "id", "person", "at", "kind" and "payload", and "confirmed" where a question was answered
     * @param bool        $byHand  whether readings are typed by somebody who took them
     *
     * @return array{written: list<int>, refusal: CoreFailure|null} how many lines of the task's own each that was taken came to, and why the next was not
     */
    public static function onto(TaskJournal $journal, array $wishes, Role $role, bool $byHand): array
    {
        $known = self::ids($journal);
        $written = [];
        foreach ($wishes as $wish) {
            $before = count($journal->entries());
            try {
                foreach (self::decided($journal, $wish, $role, $byHand, $known) as $line) {
                    $journal->add($line);
                }
            } catch (CoreFailure $refusal) {
                return ['written' => $written, 'refusal' => $refusal];
            }
            $written[] = count($journal->entries()) - $before;
        }

        return ['written' => $written, 'refusal' => null];
    }

    /**
     * @param array<string, true> $known ids of lines that the server has already
     *
     * @return list<Line> none where the server has it
     *
     * @throws CoreFailure where a rule or the form of the line stands against it
     */
    private static function decided(TaskJournal $journal, Node $wish, Role $role, bool $byHand, array $known): array
    {
        // As a request of its own: what it says of a field is shown at that field.
        $f = Node::decoded($wish->raw(), true)->fields(['id', 'person', 'at', 'kind', 'payload'], ['confirmed']);
        $id = $f['id']->line(60);
        if (isset($known[$id])) {
            return [];
        }
        $kind = $f['kind']->line(40);
        if (! Kinds::isCarried($kind)) {
            throw NotAllowed::now('needs-server', Message::of('line.needs-server'));
        }
        $further = 0;
        $stamp = new Stamp($id, $f['person']->line(120), $f['at']->line(40), static function () use ($id, &$further): string {
            return $id . '-' . ++$further;
        });

        return Kinds::wished($kind, [Kinds::TASK, Kinds::ORDER])->decide(
            $journal->situation($role, null, false, $byHand),
            $f['payload']->trimmed(),
            $stamp,
            isset($f['confirmed']) && $f['confirmed']->flag(),
        );
    }

    /** @return array<string, true> */
    private static function ids(TaskJournal $journal): array
    {
        return array_fill_keys([...array_column($journal->order->lines(), 'id'), ...array_column($journal->entries(), 'id')], true);
    }
}
