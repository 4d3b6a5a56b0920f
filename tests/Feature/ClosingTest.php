<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SealedRecord;
use App\Records\OrderFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Lumbro\Core\Evidence\Recomputation;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\Schemas;

/** From the last seal to a closed order, and back by reopening. */
final class ClosingTest extends FeatureCase
{
    /**
     * @param array<string, mixed> $payload
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function note(string $number, string $kind, array $payload, string $person = 'Ilse Corrant'): TestResponse
    {
        $order = $this->order($number);

        return $this->actingAs($this->person($person))->postJson('/api/lines', ['order' => $order, 'id' => (string) Str::uuid7(), 'version' => OrderFile::open($this->person(), $order)->version, 'kind' => $kind, 'payload' => (object) $payload,
        ]);
    }

    public function testTheLastOpenThingSettledClosesTheOrder(): void
    {
        $this->note('2468', 'closed', [])->assertStatus(409)->assertJsonPath('code', 'still-open');
        // Order 2468 stands with its axis out: handed over by a lead, it is still not scanned and not driven.
        $this->write('seal', ['handover' => 'Customer told in writing, assistance stays off.'], '2468', 'Oda Merrin')->assertOk();
        $order = $this->order('2468');
        $page = $this->getJson("/api/repair-orders/$order")->assertOk()->assertJsonPath('waits.kind', 'close')->assertJsonPath('waits.part', 'close');
        $open = array_column(array_filter((array) $page->json('closing'), static fn(array $item): bool => $item['left'] === null), 'id');
        self::assertContains('post-scan', $open);
        self::assertContains('road slows', $open);
        $this->getJson('/api/repair-orders')->assertOk()->assertJsonFragment(['number' => '2468']);
        foreach ((array) $page->json('road') as $function) {
            $this->note('2468', 'road', ['function' => $function['id'], 'found' => 'untested', 'driver' => 'Ilse Corrant', 'reason' => 'The assistance stays off.'])->assertOk();
        }
        foreach (array_filter($open, static fn(string $id): bool => ! str_starts_with($id, 'road ')) as $item) {
            if ($item === 'close') {
                continue;
            }
            $this->note('2468', 'left-open', ['item' => $item, 'reason' => 'The scan tool is away until Monday.'])->assertStatus(403);
            $this->note('2468', 'left-open', ['item' => $item, 'reason' => 'The scan tool is away until Monday.'], 'Oda Merrin')->assertOk();
        }
        // Nothing closes itself.
        self::assertFalse(DB::table('repair_orders')->where('id', $order)->value('closed'));
        $this->note('2468', 'closed', [])->assertOk()->assertJsonPath('waits.kind', 'closed')->assertJsonPath('closedBy.person', 'Ilse Corrant');
        self::assertTrue(DB::table('repair_orders')->where('id', $order)->value('closed'));
        $report = (string) $this->get("/api/repair-orders/$order/report/customer")->assertOk()->getContent();
        self::assertStringContainsString('Handed over as it is', $report);
        self::assertStringContainsString('The scan tool is away until Monday.', $report);
        self::assertStringContainsString('Handed over unproven by Oda Merrin', $report);
        self::assertStringNotContainsString('This order is still open', $report);
    }

    public function testAShopWithoutTablesOfItsOwnSealsToo(): void
    {
        $this->workUntil('close');
        DB::table('shop_rules')->delete();
        $this->write('seal', [], '2471')->assertOk();
        $record = json_decode((string) $this->actingAs($this->person())->get("/api/tasks/{$this->task()}/record")->getContent());
        self::assertNull((new Schemas())->complaint('sealed-record', $record));
        self::assertSame([], Recomputation::of(Node::parse((string) json_encode($record instanceof \stdClass ? $record->record : null)))->differences);
    }

    public function testALineThatIsAnothersToWriteIsRefused(): void
    {
        $this->note('2463', 'drive', ['track' => (string) Str::uuid7(), 'driver' => 'Ilse', 'file' => 'x.gpx', 'enough' => ['front']])->assertStatus(422)->assertJsonPath('path', '/kind');
        $this->note('2463', 'road', ['function' => 'warns-left', 'found' => 'seen', 'driver' => 'Ilse'])->assertStatus(422)->assertJsonPath('path', '/payload/function');
        $this->note('2463', 'left-open', ['item' => 'sensor front', 'reason' => 'It is only a radar after all.'], 'Oda Merrin')->assertStatus(422);
    }

    public function testAReopenedRecordIsARevisionOnTopOfTheSealedOne(): void
    {
        $task = $this->task('2463');
        $first = SealedRecord::query()->where('sensor_task_id', $task)->firstOrFail();
        $reopen = ['reason' => 'The insurer wants the axis read once more.'];
        $this->write('reopened', $reopen, '2463')->assertStatus(403);
        $this->write('reopened', ['reason' => 'why not'], '2463', 'Oda Merrin')->assertStatus(422)->assertJsonPath('path', '/payload/reason');
        $sent = ['id' => (string) Str::uuid7(), 'version' => $this->file('2463')->version, ...$reopen];
        $this->write('reopened', $sent, '2463', 'Oda Merrin')->assertOk()->assertJsonPath('seal', null);
        $this->write('reopened', $sent, '2463', 'Oda Merrin')->assertOk();
        $this->write('reopened', $reopen, '2463', 'Oda Merrin')->assertStatus(409)->assertJsonPath('code', 'not-sealed');
        self::assertFalse(DB::table('repair_orders')->where('number', '2463')->value('closed'));
        self::assertContains('sensor front', array_column((array) $this->getJson("/api/repair-orders/{$this->order('2463')}")->json('closing'), 'id'));
        // The reading that showed the target back can leave the place just short of its odds: then a lead lets it be read.
        if ($this->file('2463')->state()->bars !== []) {
            $this->write('release', ['name' => 'Oda Merrin', 'reason' => 'The axis is only read once more.'], '2463', 'Oda Merrin')->assertOk();
        }
        $this->write('asked', ['command' => 'read'], '2463')->assertOk()->assertJsonCount(3, 'runs');
        $sealed = $this->write('seal', [], '2463')->assertOk();
        self::assertSame($this->getJson("/api/tasks/$task")->json('next'), $sealed->json('next'), 'what is next is said as it is after the seal');
        $hash = $sealed->json('seal.hash');
        self::assertIsString($hash);
        self::assertNotSame($first->hash, $hash);
        $file = json_decode((string) $this->actingAs($this->person())->get("/api/tasks/$task/record")->assertOk()->getContent(), true);
        self::assertSame([2, $first->hash, $hash], [$file['record']['revision'], $file['record']['follows'], $file['seal']['hash']]);
        self::assertSame(['reopened', 'asked', 'run'], array_slice(array_values(array_diff(array_column($file['record']['journal']['task'], 'kind'), ['reading', 'release'])), -3));
        self::assertSame($first->record, SealedRecord::query()->where('id', $first->id)->firstOrFail()->record, 'what was sealed stays as it was');
        self::assertTrue(DB::table('repair_orders')->where('number', '2463')->value('closed'));
        self::assertStringContainsString('revision 2', (string) $this->get("/api/repair-orders/{$this->order('2463')}/report/insurer")->getContent());
        $path = getenv('LUMBRO_SCRATCH') . '/revision.json';
        file_put_contents($path, (string) json_encode($file));
        self::assertSame(0, Artisan::call('lumbro:verify', ['file' => $path]), Artisan::output());
    }
}
