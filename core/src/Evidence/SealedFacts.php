<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

/**
 * What came of a task, as it is sealed: figures, verdicts, codes and what people typed. Drawings, advice and what is to
 * be done next are for the screen, and come out of the journal again.
 */
final class SealedFacts
{
    /** Parts of the state that say how it stands. */
    private const STATE = [
        'owed', 'card', 'preparation', 'lineSteps', 'method', 'floor', 'guards', 'disagreement', 'verdicts', 'consistent', 'suspects', 'failure', 'bars', 'release', 'mayRun', 'runs', 'failedRuns',
        'ledger', 'run', 'settled', 'notProven', 'plain',
    ];

    /** Parts of the run that only a screen needs. */
    private const SCREEN = ['steps', 'pending', 'correction', 'shiftTest', 'causes', 'swing', 'mirror', 'events', 'policy'];

    /**
     * @param array<string, mixed> $document of the task's state
     *
     * @return array<string, mixed>
     */
    public static function of(array $document): array
    {
        $facts = array_intersect_key($document, array_flip(self::STATE));
        $run = is_array($facts['run']) ? $facts['run'] : [];

        return [...$facts, 'run' => array_diff_key($run, array_flip(self::SCREEN))];
    }
}
