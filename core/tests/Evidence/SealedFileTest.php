<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Evidence;

use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\Chain;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Evidence\SealedFile;
use Lumbro\Core\Evidence\SealedRecordDocument;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\SealedTask;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What any edition has sealed: checked, and computed again with every figure the same, or found to be changed. */
final class SealedFileTest extends TestCase
{
    private const FIXTURES = __DIR__ . '/../../../tests/fixtures';

    /** @return iterable<string, array{string}> */
    public static function archives(): iterable
    {
        foreach (glob(self::FIXTURES . '/v*/*.archive.json') ?: [] as $path) {
            yield basename(dirname($path)) . ' ' . basename($path, '.archive.json') => [$path];
        }
    }

    #[DataProvider('archives')]
    public function testAnArchiveOfAnyEditionHolds(string $path): void
    {
        $archive = Archive::read((string) file_get_contents($path));
        self::assertSame([], Told::all($archive->broken));
        self::assertNotSame([], $archive->records);
        foreach ($archive->records as $record) {
            self::assertNull($record['failure'], Told::words($record['failure']));
            self::assertSame([], $record['differences']);
            self::assertSame([], $record['refused']);
            // The first edition is never said to have been computed again.
            self::assertSame($record['edition'] === 1 ? null : $record['sealed'], $record['again']);
        }
        self::assertTrue($archive->holds());
    }

    /** @return iterable<string, array{string}> */
    public static function records(): iterable
    {
        foreach (glob(self::FIXTURES . '/v*/*.record.json') ?: [] as $path) {
            yield basename(dirname($path)) . ' ' . basename($path, '.record.json') => [$path];
        }
    }

    #[DataProvider('records')]
    public function testARecordOfAnyEditionIsUnchanged(string $path): void
    {
        $file = SealedFile::read(Node::parse((string) file_get_contents($path)));
        self::assertTrue($file->isUnchanged());
        self::assertSame([], $file->differences);
        self::assertSame([], $file->refused);
        self::assertSame($file->record->edition > 1, $file->isComputed());
    }

    public function testALineThatNobodyCouldHaveWrittenIsFoundWhateverItsHashesSay(): void
    {
        $record = SealedTask::record();
        $task = SealedTask::get($record, '/journal/task');
        self::assertIsArray($task);
        // Somebody leaves the card's steps out, and chains and seals the rest anew.
        $left = array_values(array_filter($task, static fn(mixed $line): bool => $line instanceof \stdClass && $line->kind !== 'step'));
        SealedTask::put($record, '/journal/task', self::chained($left));
        $file = SealedFile::read(Node::parse((string) json_encode(Seal::of($record)->document($record, 3), JSON_PRESERVE_ZERO_FRACTION)));
        self::assertTrue($file->isUnchanged());
        self::assertSame(['run'], array_column($file->refused, 'kind'));
        self::assertSame([], SealedFile::read(Node::parse((string) json_encode(Seal::of(SealedTask::record())->document(SealedTask::record(), 3), JSON_PRESERVE_ZERO_FRACTION)))->refused);
    }

    /**
     * @param list<\stdClass> $lines
     */
    private static function chained(array $lines): mixed
    {
        $bare = [];
        foreach ($lines as $line) {
            unset($line->previous);
            /** @var array<string, mixed> $members */
            $members = get_object_vars($line);
            $bare[] = $members;
        }

        return json_decode((string) json_encode(Chain::link($bare), JSON_PRESERVE_ZERO_FRACTION));
    }

    /** @return iterable<string, array{string, \Closure(\stdClass): void, string}> edition 2 and 3, a change, and where it is found */
    public static function changes(): iterable
    {
        foreach (['2' => '/result', '3' => '/facts'] as $edition => $facts) {
            yield "$edition: a figure" => [(string) $edition, static function (\stdClass $record) use ($facts): void {
                $at = "$facts/verdicts/0/deviation";
                $figure = SealedTask::get($record, $at);
                self::assertIsNumeric($figure);
                SealedTask::put($record, $at, $figure + 0.01);
            }, 'deviation'];
            yield "$edition: a verdict" => [(string) $edition, static fn(\stdClass $record) => SealedTask::put($record, "$facts/run/finding/verdict", 'out'), 'verdict'];
            yield "$edition: whether it is settled" => [(string) $edition, static fn(\stdClass $record) => SealedTask::put($record, "$facts/settled", false), 'settled'];
            yield "$edition: one thing unproven less" => [(string) $edition, static fn(\stdClass $record) => SealedTask::put($record, "$facts/notProven", []), 'notProven'];
        }
        yield '3: a code' => ['3', static fn(\stdClass $record) => SealedTask::put($record, '/facts/plain/0/say', 'plain.other'), 'say'];
        yield '3: a figure in a sentence' => ['3', static fn(\stdClass $record) => SealedTask::put($record, '/facts/notProven/0', (object) ['say' => 'not-proven.floor', 'with' => (object) ['s' => (object) ['mm' => 9]]]), 'notProven'];
    }

    /** @param \Closure(\stdClass): void $change */
    #[DataProvider('changes')]
    public function testAChangeIsFoundThoughItIsSealedAnew(string $edition, \Closure $change, string $where): void
    {
        $record = $edition === '3' ? SealedTask::record() : self::second();
        $change($record);
        $file = SealedFile::read(Node::parse((string) json_encode(Seal::of($record)->document($record, (int) $edition), JSON_THROW_ON_ERROR)));
        self::assertTrue($file->isUnchanged(), 'it was sealed again');
        self::assertNotSame([], array_filter($file->differences, static fn(string $at): bool => str_contains($at, $where)), implode(', ', $file->differences));
    }

    public function testOtherWordsInTheSecondEditionAreNoDifferenceAndLessWordsInTheThirdAre(): void
    {
        $record = self::second();
        SealedTask::put($record, '/result/plain/0', 'Said otherwise.');
        SealedTask::put($record, '/result/verdicts/0/title', 'Another title');
        self::assertSame([], SealedFile::read(Node::parse((string) json_encode(Seal::of($record)->document($record, 2))))->differences);
        $record = SealedTask::record();
        $plain = SealedTask::get($record, '/facts/plain');
        self::assertIsArray($plain);
        SealedTask::put($record, '/facts/plain', array_slice($plain, 1));
        self::assertContains('/record/facts/plain', SealedFile::read(Node::parse((string) json_encode(Seal::of($record)->document($record, 3))))->differences);
    }

    public function testALineChangedLeftOutOrPutInElsewhereBreaksTheChain(): void
    {
        $lines = SealedTask::get(SealedTask::record(), '/journal/task');
        self::assertIsArray($lines);
        self::assertGreaterThan(5, count($lines));
        $broken = static function (array $lines): array {
            $nodes = Node::parse((string) json_encode(array_values($lines)))->items();

            return Chain::breaks($nodes);
        };
        self::assertSame([], $broken($lines));
        $changed = json_decode((string) json_encode($lines));
        self::assertIsArray($changed);
        self::assertInstanceOf(\stdClass::class, $changed[2]);
        $changed[2]->person = 'Somebody Else';
        self::assertSame(['/3'], $broken($changed));
        self::assertSame(['/2'], $broken([...array_slice($lines, 0, 2), ...array_slice($lines, 3)]));
        self::assertSame(['/1', '/2', '/3'], $broken([$lines[0], $lines[2], $lines[1], ...array_slice($lines, 3)]));
        self::assertSame(['/0'], $broken(array_slice($lines, 1)));
        // Sealed again over the changed line, it is still found.
        $record = SealedTask::record();
        SealedTask::put($record, '/journal/task/2/person', 'Somebody Else');
        $file = SealedFile::read(Node::parse((string) json_encode(Seal::of($record)->document($record, SealedRecordDocument::EDITION))));
        self::assertSame($file->stated, $file->found);
        self::assertFalse($file->isUnchanged());
    }

    public function testRulesNobodyKnowsAreNotComputedBy(): void
    {
        $record = SealedTask::record();
        SealedTask::put($record, '/rules', 'lumbro-rules/9');
        $file = SealedFile::read(Node::parse((string) json_encode(Seal::of($record)->document($record, 3))));
        self::assertStringContainsString('lumbro-rules/9', Told::words($file->failure));
    }

    public function testWhatIsNoSealedRecordIsRefused(): void
    {
        foreach (['{}', '{"format":"lumbro-record/9","record":{},"seal":{}}', '{"format":"lumbro-record/2","record":[],"seal":{"algorithm":"SHA-256","form":"RFC 8785","hash":"0"}}'] as $json) {
            self::assertNotSame('', Told::refusal(InvalidInput::class, static fn(): SealedFile => SealedFile::read(Node::parse($json))));
        }
    }

    /** A record that the second edition sealed. */
    private static function second(): \stdClass
    {
        $file = json_decode((string) file_get_contents(self::FIXTURES . '/v2/proven-2471.record.json'));
        self::assertInstanceOf(\stdClass::class, $file);
        self::assertInstanceOf(\stdClass::class, $file->record);

        return $file->record;
    }
}
