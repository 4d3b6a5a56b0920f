<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Evidence;

use Lumbro\Core\Evidence\Archive;
use Lumbro\Core\Evidence\Recomputation;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Draws;
use Lumbro\Core\Tests\Support\Schemas;
use Lumbro\Core\Tests\Support\SealedTask;
use Lumbro\Core\Tests\Support\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An archive taken in elsewhere: unchanged it comes out the same, changed it says so, and ill-meant it is refused. */
final class ArchiveTest extends TestCase
{
    public function testItComesOutAsItWasSealed(): void
    {
        $record = SealedTask::record();
        self::assertNull((new Schemas())->complaint('sealed-record', json_decode((string) json_encode(Seal::of($record)->document($record, 3)))));
        $archive = Archive::read(SealedTask::archive([$record]));
        self::assertSame([], $archive->broken);
        self::assertTrue($archive->holds());
        self::assertSame(['holds', 'holds', [], null], [$archive->records[0]['sealed'], $archive->records[0]['again'], $archive->records[0]['differences'], $archive->records[0]['failure']]);
        self::assertSame([true], array_column($archive->photos, 'isHere'));
        $out = Archive::read(SealedTask::archive([SealedTask::record(1.2), SealedTask::record(0.05, 2)]));
        self::assertSame([['out', 'out'], ['holds', 'holds']], array_map(static fn(array $record): array => [$record['sealed'], $record['again']], $out->records));
    }

    public function testEveryChangedByteIsFound(): void
    {
        $json = SealedTask::archive([SealedTask::record()]);
        $chance = new Chance(7);
        $found = 0;
        for ($i = 0; $i < 120; $i++) {
            // Within a value, so that the file can still be read: whoever forges it takes care of that.
            $place = (int) $chance->between(0, strlen($json) - 1);
            if (preg_match('/\G[0-9a-z]/', $json, $match, 0, $place) !== 1) {
                continue;
            }
            $changed = $json;
            $changed[$place] = ctype_digit($match[0]) ? (string) ((int) $match[0] % 9 + 1) : ($match[0] === 'e' ? 'a' : 'e');
            try {
                $archive = Archive::read($changed);
            } catch (InvalidInput) {
                continue;
            }
            $found++;
            self::assertFalse($archive->holds(), sprintf('byte %d: %s', $place, substr($json, max(0, $place - 30), 60)));
        }
        self::assertGreaterThan(40, $found, 'most changes leave a file that can be read');
    }

    public function testAResultThatDoesNotFollowIsFoundThoughItIsSealedAnew(): void
    {
        // Whoever changes a verdict and seals it again is found by computing it.
        $record = SealedTask::record(1.2);
        self::assertSame('out', SealedTask::get($record, '/facts/run/finding/verdict'));
        SealedTask::put($record, '/facts/run/finding/verdict', 'holds');
        $archive = Archive::read(SealedTask::archive([$record]));
        self::assertSame([], $archive->broken);
        self::assertSame(['holds', 'out'], [$archive->records[0]['sealed'], $archive->records[0]['again']]);
        self::assertContains('/content/records/0/record/facts/run/finding/verdict', $archive->records[0]['differences']);
        self::assertFalse($archive->holds());
    }

    /** @return iterable<string, array{\Closure(string): string}> */
    public static function hostile(): iterable
    {
        yield 'no JSON' => [static fn(): string => 'PK'];
        yield 'lists in lists' => [static fn(): string => str_repeat('[', 50_000) . str_repeat(']', 50_000)];
        yield 'a record nested without end' => [static fn(string $json): string => str_replace('"handover":null', '"handover":' . str_repeat('{"a":', 20_000) . '1' . str_repeat('}', 20_000), $json)];
        yield 'a number beyond any' => [static fn(string $json): string => str_replace('"earlierLevels":[24.1]', '"earlierLevels":[1e999]', $json)];
        yield 'a field given twice' => [static fn(string $json): string => str_replace('"handover":null', '"handover":null,"handover":null', $json)];
        yield 'an unknown field' => [static fn(string $json): string => str_replace('"handover":null', '"handover":null,"evil":1', $json)];
        yield 'a foreign format' => [static fn(string $json): string => str_replace(Archive::FORMAT, 'lumbro-archive/9', $json)];
        yield 'the same record twice' => [static fn(): string => SealedTask::archive([SealedTask::record(), SealedTask::record(0.1)])];
        yield 'a file nobody names' => [static fn(string $json): string => str_replace('"files":{', '"files":{"' . str_repeat('b', 64) . '":"eA==",', $json)];
        yield 'a record of a sensor that is no id' => [static fn(string $json): string => str_replace('"sensor":"front"', '"sensor":"../../x"', $json)];
        yield 'a type that is no picture' => [static fn(string $json): string => str_replace('image/jpeg', 'text/html', $json)];
    }

    /** @param \Closure(string): string $make */
    #[DataProvider('hostile')]
    public function testIllMeantFilesAreRefused(\Closure $make): void
    {
        $this->expectException(InvalidInput::class);
        Archive::read($make(SealedTask::archive([SealedTask::record()])));
    }

    public function testLinesWithOneIdAndLinesWithoutEndAreNotComputed(): void
    {
        $record = SealedTask::record();
        SealedTask::put($record, '/journal/task/1/id', SealedTask::get($record, '/journal/task/0/id'));
        self::assertStringContainsString('This is the id of an earlier line', Told::words(Archive::read(SealedTask::archive([$record]))->records[0]['failure']));
        SealedTask::put($record, '/journal/task', array_fill(0, 3_000, SealedTask::get($record, '/journal/task/0')));
        self::assertStringContainsString('At most 2000', Told::words(Archive::read(SealedTask::archive([$record]))->records[0]['failure']));
    }

    public function testAHeightReadToWhatTheTargetDoesNotHaveIsNotComputed(): void
    {
        $record = SealedTask::record();
        foreach (array_keys((array) SealedTask::get($record, '/journal/task')) as $i) {
            if (SealedTask::get($record, "/journal/task/$i/kind") === 'reading' && SealedTask::get($record, "/journal/task/$i/payload/call") === 'height') {
                SealedTask::put($record, "/journal/task/$i/payload/datum", 'its hat');
            }
        }
        self::assertStringContainsString('“its hat”', Told::words(Archive::read(SealedTask::archive([$record]))->records[0]['failure']));
    }

    public function testWhateverStandsInARecordItIsComputedOrRefusedByName(): void
    {
        $numbers = [-1, 0, 1, 89, 1e4, -1e4, 1e308, -1e308, 1e-308, 9007199254740993];
        $others = [null, true, '', 'x', '<script>alert(1)</script>', [], [[]], new \stdClass(), str_repeat('9', 300)];
        $whole = (string) json_encode(SealedTask::record());
        $chance = new Chance(2026);
        $computed = 0;
        $draws = Draws::of(4000, 150);
        for ($i = 0; $i < $draws; $i++) {
            $record = json_decode($whole);
            self::assertInstanceOf(\stdClass::class, $record);
            // Mostly a number for a number: what is of the wrong type is refused before it can do anything.
            $values = $chance->between(0, 1) < 0.8 ? $numbers : $others;
            $changed = self::replace($record, $chance, $values[(int) $chance->between(0, count($values) - 0.001)]);
            try {
                Recomputation::of(Node::parse((string) json_encode($record)));
                $computed++;
            } catch (\Throwable $failure) {
                self::assertInstanceOf(CoreFailure::class, $failure, "$changed: " . $failure->getMessage() . ' ' . $failure->getFile() . ':' . $failure->getLine());
            }
        }
        self::assertGreaterThan($draws / 10, $computed);
    }

    /** Puts a value in a place found by walking down at random; tells the place. */
    private static function replace(\stdClass $root, Chance $chance, mixed $value): string
    {
        $path = $chance->between(0, 1) < 0.6 ? '/basis' : '/journal/task';
        while (true) {
            $members = (array) SealedTask::get($root, $path);
            $isNumber = is_int($value) || is_float($value);
            $numbers = array_filter($members, static fn(mixed $member): bool => is_int($member) || is_float($member));
            $deeper = array_filter($members, static fn(mixed $member): bool => (is_array($member) || $member instanceof \stdClass) && (array) $member !== []);
            if ($deeper !== [] && $chance->between(0, 1) < 0.95) {
                $path .= '/' . self::one(array_keys($deeper), $chance);
            } elseif ($isNumber && $numbers !== []) {
                $path .= '/' . self::one(array_keys($numbers), $chance);
                break;
            } else {
                $path .= '/' . self::one(array_keys($members), $chance);
                break;
            }
        }
        SealedTask::put($root, $path, $value);

        return $path . ' = ' . mb_substr((string) json_encode($value), 0, 40);
    }

    /** @param list<array-key> $keys */
    private static function one(array $keys, Chance $chance): string
    {
        return InvalidInput::escape((string) $keys[(int) $chance->between(0, count($keys) - 0.001)]);
    }
}
