<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** What earlier editions sealed, kept by a shop or brought to it: still shown, reported, handed over and checked. */
final class EarlierEditionsTest extends FeatureCase
{
    private const FIXTURES = __DIR__ . '/../fixtures';

    /** @return iterable<string, array{int, string, string}> edition, file, and what its customer reads */
    public static function records(): iterable
    {
        yield 'first edition' => [1, 'v1/proven-2471', 'Its verdict on the axis: Holds'];
        yield 'first edition, handed over' => [1, 'v1/handed-over-2468', 'Handed over unproven by'];
        yield 'second edition' => [2, 'v2/proven-2471', 'Holds'];
    }

    #[DataProvider('records')]
    public function testASealedRecordOfAnEarlierEditionIsReportedAndLeavesTheHouseAsItWasSealed(int $edition, string $name, string $said): void
    {
        $file = json_decode((string) file_get_contents(self::FIXTURES . "/$name.record.json"), false, 128);
        self::assertInstanceOf(\stdClass::class, $file);
        $task = $this->task('2471');
        $id = (string) Str::uuid7();
        DB::table('sealed_records')->insert([
            'shop_id' => $this->person()->shop_id, 'id' => $id, 'sensor_task_id' => $task, 'revision' => 1, 'record' => json_encode($file->record, JSON_PRESERVE_ZERO_FRACTION), 'hash' => $file->seal->hash,
            'outcome' => json_encode(['verdict' => 'holds', 'azimuth' => 0.0, 'elevation' => 0.0, 'zeroAzimuth' => 0.0, 'zeroElevation' => 0.0, 'corrected' => []]),
            'user_id' => $this->person()->id, 'sealed_at' => $file->record->sealedAt, 'order_version' => 0,
        ]);
        DB::table('sensor_tasks')->where('id', $task)->update(['sealed_record_id' => $id]);
        $this->actingAs($this->person());
        foreach (['customer', 'insurer', 'shop'] as $kind) {
            $report = html_entity_decode((string) $this->get("/api/repair-orders/{$this->order('2471')}/report/$kind")->assertOk()->getContent(), ENT_QUOTES);
            self::assertStringContainsString($said, $report, $kind);
            self::assertStringContainsString((string) $file->seal->hash, $report, $kind);
            self::assertDoesNotMatchRegularExpression('/\\[[a-z-]+\\.[a-z.-]+\\]/', $report, 'a code without words');
        }
        $again = json_decode((string) $this->get("/api/tasks/$task/record")->assertOk()->getContent());
        self::assertEquals($file, $again);
        self::assertSame("lumbro-record/$edition", $file->format);
    }

    /** @return iterable<string, array{string}> */
    public static function archives(): iterable
    {
        foreach (['v1/demo-2463', 'v1/bent-bracket', 'v2/demo-2463', 'v2/electronic', 'v2/hardest'] as $name) {
            yield $name => ["$name.archive.json"];
        }
    }

    #[DataProvider('archives')]
    public function testAnArchiveOfAnEarlierEditionIsTakenInAndHolds(string $name): void
    {
        $json = (string) file_get_contents(self::FIXTURES . "/$name");
        $taken = $this->actingAs($this->person('Fenna Ostrel'))->call('POST', '/api/archives?id=' . Str::uuid7(), content: $json)->assertOk()->assertJsonPath('holds', true)->assertJsonPath('broken', []);
        foreach ((array) $taken->json('records') as $record) {
            self::assertIsArray($record);
            self::assertSame([str_starts_with($name, 'v1') ? 1 : 2, null, []], [$record['edition'], $record['failure'], $record['differences']]);
            self::assertSame($record['edition'] === 1 ? null : $record['sealed'], $record['again']);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (glob(self::FIXTURES . '/v*/*.json') ?: [] as $path) {
            yield basename(dirname($path)) . ' ' . basename($path) => [$path];
        }
    }

    #[DataProvider('files')]
    public function testEveryFileVerifies(string $path): void
    {
        $status = Artisan::call('lumbro:verify', ['file' => $path]);
        $said = Artisan::output();
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Unchanged', $said);
        if (str_contains($path, '/v1/')) {
            self::assertStringNotContainsStringIgnoringCase('computed again: every figure the same', $said);
            self::assertStringContainsStringIgnoringCase('not computed again: a record of the first edition', $said);
        } else {
            self::assertStringContainsStringIgnoringCase('computed again: every figure the same', $said);
        }
    }

    public function testAChangedRecordOfAnEarlierEditionDoesNotVerify(): void
    {
        $path = getenv('LUMBRO_SCRATCH') . '/changed.json';
        foreach (['v1/proven-2471.record.json' => '"millimetres":-16', 'v2/proven-2471.record.json' => '"verdict":"holds"'] as $name => $part) {
            $json = (string) file_get_contents(self::FIXTURES . "/$name");
            $spaced = str_contains($json, $part) ? $part : str_replace(':', ': ', $part);
            self::assertStringContainsString($spaced, $json, $name);
            file_put_contents($path, str_replace($spaced, str_replace(['-16', 'holds'], ['-17', 'out'], $spaced), $json));
            self::assertSame(1, Artisan::call('lumbro:verify', ['file' => $path]), $name);
            self::assertStringContainsString('CHANGED', Artisan::output());
        }
    }
}
