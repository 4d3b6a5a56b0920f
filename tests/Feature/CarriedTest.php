<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Cli\CarryDocument;
use Lumbro\Core\Measure\Node;
use Tests\Support\Lines;

/** A task that a device went on with by itself is the same on the server once its lines have come in. */
final class CarriedTest extends FeatureCase
{
    /** Kind, and what is typed, in order; the third reading is one that its person was asked about. */
    private const LINES = [
        ['reading', ['call' => 'spot-along', 'typed' => '1849']],
        ['reading', ['call' => 'spot-offset', 'typed' => '14 mm right']],
        ['reading', ['call' => 'split', 'typed' => '300 mm left']],
        ['reading', ['call' => 'split', 'typed' => '12 mm left']],
        ['answer', ['item' => 'tyres', 'answer' => 'yes']],
        ['move', ['kinds' => ['shift']]],
        ['reading', ['call' => 'spot-offset', 'typed' => '1 mm right']],
    ];

    public function testTheSameLinesComeToTheSameStateOnTheServer(): void
    {
        $task = $this->task();
        $kept = $this->carried($task);
        $wishes = [];
        foreach (self::LINES as $i => [$kind, $payload]) {
            $wishes[] = ['id' => (string) Str::uuid7(), 'person' => 'Ilse Corrant', 'at' => (new \DateTimeImmutable(sprintf('-%d minutes', 30 - $i)))->format('Y-m-d\TH:i:s.v\Z'), 'kind' => $kind, 'confirmed' => true, 'payload' => $payload];
        }
        $here = CarryDocument::carry(Node::parse((string) json_encode(array_diff_key($kept, ['version' => 0]) + ['wishes' => $wishes, 'parts' => ['task', 'survey']], JSON_PRESERVE_ZERO_FRACTION)));
        self::assertNull($here['refusal']);
        self::assertCount(count($wishes), $here['written']);
        $version = $kept['version'];
        foreach ($wishes as $i => $wish) {
            [$address, $body] = Lines::request($task, $wish['kind'], $version, ['id' => $wish['id'], 'confirmed' => true, 'waited' => 60 * (30 - $i)] + $wish['payload']);
            $this->actingAs($this->person())->postJson($address, $body)->assertOk();
            $version = $this->file()->version;
        }
        $there = ['task' => $this->raw("/api/tasks/$task"), 'survey' => $this->raw("/api/tasks/$task/survey")];
        $figures = static fn(mixed $facts): string => (string) preg_replace('/"\d{4}-\d\d-\d\dT[\d:.]+Z"/', '"then"', (string) json_encode($facts));
        $facts = json_decode((string) json_encode($here['facts'], JSON_PRESERVE_ZERO_FRACTION), true);
        self::assertSame($figures($facts['task']), $figures(array_intersect_key($there['task'], $facts['task'])));
        self::assertSame($figures($facts['survey']), $figures($there['survey']));
        self::assertSame(
            array_column(array_filter(self::LINES, static fn(array $line): bool => $line[0] !== 'answer'), 0),
            array_column(array_slice($this->carried($task)['journal']['task'], -6), 'kind'),
        );
    }

    public function testALineIsRecordedWithTheMomentItWasTyped(): void
    {
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1849'])->assertOk();
        usleep(1_500_000);
        $this->write('reading', ['call' => 'split', 'typed' => '12 mm left', 'waited' => 1.0])->assertOk();
        [$first, $second] = array_map(static fn(array $line): float => (float) (new \DateTimeImmutable($line['at']))->format('U.v'), array_slice($this->carried($this->task())['journal']['task'], -2));
        self::assertGreaterThan($first, $second);
        self::assertLessThan(microtime(true) - 0.999, $second);
    }

    public function testALineIsNeverRecordedBeforeOneThatStandsAlready(): void
    {
        $task = $this->task();
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1849'])->assertOk();
        $this->write('reading', ['call' => 'split', 'typed' => '12 mm left', 'waited' => 3_600])->assertOk();
        $lines = $this->carried($task)['journal']['task'];
        [$first, $second] = array_slice($lines, -2);
        self::assertSame($first['at'], $second['at']);
        foreach ([-1, 2_592_001, '60'] as $waited) {
            $this->write('reading', ['call' => 'split', 'typed' => '12 mm left', 'waited' => $waited])->assertStatus(422)->assertJsonPath('path', '/waited');
        }
    }

    public function testWhatWasDecidedOnADeviceMustHaveSeenTheWholeRecord(): void
    {
        $seen = $this->file()->version;
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1849'])->assertOk();
        $send = fn(string $kind, array $payload, array $beside) => $this->actingAs($this->person())->postJson(...Lines::request($this->task(), $kind, $seen, $payload + $beside));
        $send('move', ['kinds' => ['shift']], ['waited' => 60])->assertStatus(409)->assertJsonPath('code', 'record-moved-on')->assertJsonPath('state.ledger.0.typed', '1849');
        // A reading says what the tape showed, whatever others have read.
        $send('reading', ['call' => 'split', 'typed' => '12 mm left'], ['waited' => 60])->assertOk();
        self::assertSame(0, DB::table('record_events')->where('sensor_task_id', $this->task())->where('kind', 'move')->count());
    }

    public function testASimulatedCarIsCarriedWithoutItsTruth(): void
    {
        $task = (string) DB::table('sensor_tasks')->whereNotNull('scenario')->value('id');
        $kept = $this->carried($task);
        self::assertFalse($kept['byHand']);
        self::assertSame(['version', 'basis', 'journal', 'ruleSet', 'role', 'byHand'], array_keys($kept));
    }

    /** @return array<string, mixed> */
    private function carried(string $task): array
    {
        return $this->raw("/api/tasks/$task/carried");
    }

    /** @return array<string, mixed> as it comes, in codes */
    private function raw(string $address): array
    {
        $answer = json_decode((string) $this->actingAs($this->person())->getJson($address)->assertOk()->getContent(), true, 64, JSON_THROW_ON_ERROR);

        return is_array($answer) ? $answer : self::fail('No document came.');
    }
}
