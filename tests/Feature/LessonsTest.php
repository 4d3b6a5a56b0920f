<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Records\Lessons;
use App\Records\TaskFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Evidence\Recomputation;
use Lumbro\Core\Measure\Node;

/** What sealed set-ups teach of the kit: kept beside the seal, added up, shown, and counted in the next set-up. */
final class LessonsTest extends FeatureCase
{
    public function testASealedSetUpTeachesTheKitAndTheNextOneCountsByIt(): void
    {
        $kit = $this->actingAs($this->person('Oda Merrin'))->getJson('/api/kit')->assertOk()->assertJsonPath('taughtByReal', false);
        $lessons = array_filter(array_column((array) $kit->json('items'), 'lesson', 'id'));
        self::assertNotSame([], $lessons, 'The demo has sealed orders.');
        $item = (string) array_key_first($lessons);
        $history = $this->getJson("/api/kit/$item/lessons")->assertOk();
        self::assertSame($lessons[$item]['readings'], array_sum(array_column((array) $history->json('months'), 'readings')));
        self::assertSame($lessons[$item]['readings'], array_sum(array_column((array) $history->json('people'), 'readings')));
        self::assertContains('Bram Tolley', array_column((array) $history->json('people'), 'person'));

        // The shop's tape scatters twice what is stated, as many readings that stand for themselves show.
        $before = $this->file()->plan()->call('spot-along')->s ?? 0.0;
        $this->teach('tape-1', 2.0, 400);
        $file = $this->file();
        $factor = $file->context()->kit->lessons['tape-1']->factor;
        self::assertEqualsWithDelta(2.0, $factor, 0.1);
        self::assertEqualsWithDelta($before * $factor, $file->plan()->call('spot-along')->s ?? 0.0, 0.05);
        $survey = $this->actingAs($this->person())->getJson("/api/tasks/{$this->task()}/survey")->assertOk();
        self::assertStringContainsString('times as uncertain as stated', (string) json_encode($survey->json('lessons')));

        // The record says by what it was judged, and is decided again alike.
        $this->workUntil('close');
        $this->write('seal', [])->assertOk();
        $record = Node::parse((string) $this->getJson("/api/tasks/{$this->task()}/record")->assertOk()->getContent())->member('record') ?? self::fail('No record came.');
        $basis = json_decode((string) json_encode($record->raw()), true)['basis'];
        self::assertEqualsWithDelta($factor, array_column($basis['lessons'], 'factor', 'instrument')['tape-1'], 1e-9);
        self::assertSame([], Recomputation::of($record)->differences);
        $sealed = DB::table('sensor_tasks')->where('id', $this->task())->value('sealed_record_id');
        self::assertGreaterThan(8, DB::table('residuals')->where('sealed_record_id', $sealed)->count());
    }

    public function testAnOpenOrderStaysAsItWasWhenAnotherIsSealed(): void
    {
        $before = $this->state($this->task('2470'));
        $this->workUntil('close');
        $this->write('seal', [])->assertOk();
        self::assertNotSame([], json_decode(Lessons::now($this->person()->shop_id), true)['simulated']);
        $after = $this->state($this->task('2470'));
        self::assertSame([$before['verdicts'], $before['present']], [$after['verdicts'], $after['present']]);
    }

    public function testReadingsThatOnlyRepeatThemselvesMakeNoInstrumentBetter(): void
    {
        $this->teach('tape-1', 0.0, 400, true);
        self::assertEqualsWithDelta(1.0, $this->file()->context()->kit->lessons['tape-1']->factor, 0.05);
        $this->teach('tape-1', 0.0, 400, false);
        self::assertLessThan(0.8, $this->file()->context()->kit->lessons['tape-1']->factor);
    }

    public function testPracticeNeitherTeachesNorLearns(): void
    {
        $this->teach('tape-1', 2.0, 400);
        $practice = $this->actingAs($this->person())->postJson('/api/practice', ['id' => (string) Str::uuid7(), 'scenario' => 'backlash'])->assertOk()->json('task');
        self::assertIsString($practice);
        self::assertSame([], TaskFile::open($this->person(), $practice)->context()->kit->lessons);
        $before = DB::table('residuals')->count();
        Lessons::keep(TaskFile::open($this->person(), $practice), (string) Str::uuid7());
        self::assertSame($before, DB::table('residuals')->count());
    }

    public function testAnotherShopLearnsNothingOfIt(): void
    {
        $this->teach('tape-1', 2.0, 400);
        $shop = (string) Str::uuid7();
        DB::table('shops')->insert(['id' => $shop, 'name' => 'Another shop']);
        Lessons::refresh($shop, true);
        self::assertSame(0, DB::table('lessons')->where('shop_id', $shop)->count());
        $item = DB::table('kit_items')->where('item', 'tape-1')->value('id');
        $this->actingAs($this->person('Oda Merrin'))->getJson('/api/kit/' . Str::uuid7() . '/lessons')->assertStatus(404);
        $this->getJson("/api/kit/$item/lessons")->assertOk();
    }

    /** As many residuals as of readings that scatter so many times what is stated, beside a seal that stands. */
    private function teach(string $instrument, float $times, int $readings, bool $again = false): void
    {
        $task = DB::table('sensor_tasks')->whereNotNull('sealed_record_id')->first() ?? self::fail('Nothing is sealed.');
        DB::table('residuals')->insert(array_map(static fn(int $i): array => [
            'shop_id' => $task->shop_id, 'sealed_record_id' => $task->sealed_record_id, 'position' => 1000 + $i + ($again ? 0 : 2000), 'simulated' => true,
            'kind' => 'tape', 'instrument' => $instrument, 'person' => 'Ilse Corrant', 'again' => $again,
            'residual' => $times * sqrt(0.5), 's' => 1.0, 'redundancy' => 0.5,
        ], range(1, $readings)));
        Lessons::refresh($task->shop_id, true);
        // As if they had been opened now.
        DB::table('repair_orders')->update(['lessons' => Lessons::now($task->shop_id)]);
    }
}
