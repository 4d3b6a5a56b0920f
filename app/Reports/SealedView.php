<?php

declare(strict_types=1);

namespace App\Reports;

use Lumbro\Core\Evidence\Recomputation;
use Lumbro\Core\Evidence\SealedRecord;
use Lumbro\Core\Facts\TaskStateDocument;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** A sealed record as a report shows it, whatever edition sealed it: its own facts, in today's names. */
final class SealedView
{
    /** What earlier editions called what is said. */
    private const EARLIER = ['words' => 'says', 'sideInWords' => 'sideSaid'];

    /** What a report looks for, and the first edition did not keep. */
    private const ABSENT = ['before' => null, 'made' => [], 'statements' => [], 'events' => [], 'sentBack' => null, 'finding' => null, 'echo' => ['level' => null, 'expected' => null],
        'zeroSum' => ['azimuth' => ['amount' => 0.0], 'elevation' => ['amount' => 0.0]]];

    /**
     * @param string $json a sealed record, in its canonical form
     *
     * @return array<string, mixed>
     */
    public static function of(string $json): array
    {
        $record = SealedRecord::read(Node::stored($json));
        /** @var array<string, mixed> $facts */
        $facts = json_decode((string) json_encode($record->result->raw()), true);
        if ($record->edition === 3) {
            return self::over(self::screen($record), $facts);
        }
        $facts = self::renamed($facts);
        foreach (is_array($facts['bars'] ?? null) ? $facts['bars'] : [] as $i => $bar) {
            $facts['bars'][$i] = is_array($bar) ? ['says' => $bar['text'] ?? '', ...$bar] : $bar;
        }
        if (is_array($facts['run'] ?? null)) {
            $facts['run'] += self::ABSENT;
        }
        // What a customer reads was not kept by the first edition: its verdict was.
        $facts['plain'] ??= [Message::of('plain.first-edition', ['verdict' => Message::of('verdict.' . ($record->verdict() ?? 'not-measured'))])];

        return $facts + ['preparation' => [], 'lineSteps' => [], 'runs' => [], 'ledger' => [], 'verdicts' => [], 'notProven' => [], 'release' => null, 'plan' => null];
    }

    /** @return array<string, mixed> what is not sealed because it comes out of the journal: the drawing, the lines of the run */
    private static function screen(SealedRecord $record): array
    {
        try {
            $written = json_decode((string) json_encode(TaskStateDocument::write(Recomputation::from($record)->task)), true);
        } catch (CoreFailure) {
            return ['plan' => null, 'run' => ['events' => []]];
        }

        return is_array($written) ? $written : [];
    }

    /**
     * What was sealed, over what comes out now.
     *
     * @param array<array-key, mixed> $below
     * @param array<array-key, mixed> $facts
     *
     * @return array<string, mixed>
     */
    private static function over(array $below, array $facts): array
    {
        $run = is_array($below['run'] ?? null) ? $below['run'] : [];
        /** @var array<string, mixed> $state */
        $state = [...$below, ...$facts];
        $state['run'] = is_array($facts['run'] ?? null) ? [...$run, ...$facts['run']] : $run;

        return $state;
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return array<string, mixed>
     */
    private static function renamed(array $document): array
    {
        $renamed = [];
        foreach ($document as $key => $value) {
            $renamed[self::EARLIER[$key] ?? $key] = is_array($value) ? self::renamed($value) : $value;
        }

        /** @var array<string, mixed> $renamed */
        return $renamed;
    }
}
