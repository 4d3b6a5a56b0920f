<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Record;

use Lumbro\Core\Cli\CarryDocument;
use Lumbro\Core\Cli\StateDocument;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\People\Role;
use Lumbro\Core\Record\Carried;
use Lumbro\Core\Record\OrderJournal;
use Lumbro\Core\Record\TaskJournal;
use Lumbro\Core\Tests\Support\SealedTask;
use PHPUnit\Framework\TestCase;

/** A task that goes on where no server answers comes to the same lines and the same state as one that was written there. */
final class CarriedTest extends TestCase
{
    public function testTheSameComesOfLinesTakenOnADevice(): void
    {
        $whole = SealedTask::carried([]);
        $entries = $whole['journal']['task'];
        $from = (int) array_key_first(array_filter($entries, static fn(\stdClass $line): bool => $line->kind === 'reading'));
        $wishes = [];
        foreach (['spot-offset' => '14 mm right', 'spot-along' => '1849', 'split' => '12 mm left', 'height' => '642', 'hub-left' => '2.877 m', 'hub-right' => '2861'] as $call => $typed) {
            $wishes[] = self::wish("w-$call", 'reading', ['call' => $call, 'typed' => $typed, ...($call === 'height' ? ['datum' => 'centre'] : [])], true);
        }
        $wishes[] = self::wish('w-strike', 'strike', ['reading' => 'w-split']);
        $wishes[] = self::wish('w-again', 'reading', ['call' => 'split', 'typed' => '1 mm left'], true);
        $wishes[] = self::wish('w-floor', 'floor', ['place' => 'FL', 'typed' => '1212']);
        $before = ['order' => $whole['journal']['order'], 'task' => array_slice($entries, 0, $from)];
        $answer = self::carry(['journal' => $before, 'wishes' => $wishes, 'parts' => ['task', 'survey']] + $whole);
        self::assertSame([[1, 1, 1, 1, 1, 1, 1, 1, 0], null], [$answer['written'], $answer['refusal']]);

        // The lines as they come to be written, read again.
        $basis = Node::parse(self::json($whole['basis']))->members();
        $read = static fn(array $lines): array => Node::parse(self::json($lines))->items();
        $journal = TaskJournal::read(OrderJournal::read($basis, $read($before['order'])), $basis, $read($before['task']));
        Carried::onto($journal, $read($wishes), Role::Technician, true);
        $lines = ['order' => self::written($journal->order->lines()), 'task' => self::written($journal->entries())];
        self::assertSame(count($wishes), count([...$lines['order'], ...$lines['task']]) - count([...$before['order'], ...$before['task']]));
        $state = StateDocument::state(Node::parse(self::json(['basis' => $whole['basis'], 'journal' => $lines, 'parts' => ['task', 'survey']])));
        self::assertSame(self::json($state), self::json($answer['facts']));

        // What has reached the server meanwhile is not put there a second time.
        $some = ['order' => $before['order'], 'task' => array_slice($lines['task'], 0, $from + 3)];
        $later = self::carry(['journal' => $some, 'wishes' => $wishes, 'parts' => ['task', 'survey']] + $whole);
        self::assertSame([0, 0, 0, 1, 1, 1, 1, 1, 0], $later['written']);
        self::assertSame(self::json($answer['facts']), self::json($later['facts']));
    }

    public function testTheFirstLineThatIsNotTakenSaysWhyAndEndsIt(): void
    {
        $whole = SealedTask::carried([]);
        $wish = self::wish(...);
        $good = $wish('w1', 'reading', ['call' => 'split', 'typed' => '2 mm left']);
        $cases = [
            'unreadable' => [$wish('w2', 'reading', ['call' => 'split', 'typed' => 'far']), 'invalid-input', '/payload/typed'],
            'far off what is expected' => [$wish('w2', 'reading', ['call' => 'split', 'typed' => '900 mm left']), 'asks-once', '/payload/typed'],
            'a tool is moved' => [$wish('w2', 'asked', ['command' => 'start']), 'needs-server', null],
            'of the wrong type' => [$wish('w2', 'reading', ['call' => 'split', 'typed' => 12]), 'invalid-input', '/payload/typed'],
            'no such kind' => [$wish('w2', 'wished', ['command' => 'start']), 'needs-server', null],
        ];
        foreach ($cases as $what => [$second, $code, $path]) {
            $answer = self::carry(['wishes' => [$good, $second, $wish('w3', 'reading', ['call' => 'split', 'typed' => '1 mm left'])]] + $whole);
            self::assertSame([1, $code, $path], [count($answer['written']), $answer['refusal']['code'] ?? null, $answer['refusal']['path'] ?? null], $what);
            self::assertContains('w1', array_column($answer['facts']['task']['ledger'], 'id'), $what);
        }
        $reader = self::carry(['role' => 'reader', 'wishes' => [$good]] + $whole);
        self::assertSame([[], 'forbidden'], [$reader['written'], $reader['refusal']['code'] ?? null]);
    }

    public function testEveryKindThatIsCarriedIsOneThatAPersonWrites(): void
    {
        $known = [...Kinds::all(Kinds::TASK), ...Kinds::all(Kinds::ORDER)];
        $carried = array_filter(array_keys($known), Kinds::isCarried(...));
        self::assertContains('reading', $carried);
        foreach ($carried as $kind) {
            self::assertTrue($known[$kind]->isWished(), $kind);
        }
        foreach (['asked', 'release', 'run', 'reopened', 'bay', 'card', 'photo', 'closed'] as $kind) {
            self::assertFalse(Kinds::isCarried($kind), $kind);
        }
    }

    /**
     * @param array<string, mixed> $payload
     *
     * @return array<string, mixed>
     */
    private static function wish(string $id, string $kind, array $payload, bool $confirmed = false): array
    {
        return ['id' => $id, 'person' => 'Ilse', 'at' => '2026-11-25T09:30:00.000Z', 'kind' => $kind, 'payload' => $payload, ...($confirmed ? ['confirmed' => true] : [])];
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<array<string, mixed>>
     */
    private static function written(array $lines): array
    {
        return array_map(static fn(Line $line): array => ['id' => $line->id, 'person' => $line->person, 'at' => $line->at, 'kind' => $line->kind(), 'payload' => (object) $line->payload()], $lines);
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array{written: list<int>, refusal: array{code: string, path: string|null}|null, facts: array{task: array{ledger: list<array{id: string}>}, survey?: array<string, mixed>}}
     */
    private static function carry(array $document): array
    {
        /** @var array{written: list<int>, refusal: array{code: string, path: string|null}|null, facts: array{task: array{ledger: list<array{id: string}>}, survey?: array<string, mixed>}} */
        return CarryDocument::carry(Node::parse(self::json($document)));
    }

    private static function json(mixed $of): string
    {
        return (string) json_encode($of, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
