<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** An order's own record: opened once, written in lines, nothing overwritten unseen. */
final class IntakeTest extends FeatureCase
{
    public function testAnOrderIsOpenedWithATaskAndACardForEachSensor(): void
    {
        $order = $this->open(['operations' => ['front-cover-removed', 'sensor-replaced@rear-left']]);
        self::assertSame('2475', $order['number']);
        self::assertSame(['front', 'rear-left', 'rear-right'], array_column($order['tasks'], 'sensor'));
        self::assertNotContains(null, array_column($order['tasks'], 'card'));
        self::assertSame(['owed', 'owed', 'owed'], array_column(array_column($order['sensors'], 'owed'), 'state'));
        self::assertSame('static or dynamic', $order['sensors'][2]['owed']['route']);
        $this->getJson('/api/repair-orders?search=2475')->assertJsonPath('orders.0.id', $order['id'])->assertJsonPath('orders.0.alarm', true);
    }

    public function testTheSameOrderSentTwiceIsOne(): void
    {
        $id = (string) Str::uuid7();
        $first = $this->open(['id' => $id]);
        $second = $this->open(['id' => $id]);
        self::assertSame($first['number'], $second['number']);
        self::assertSame(1, DB::table('repair_orders')->where('id', $id)->count());
    }

    public function testAVinIsTakenAsReadersSendItAndASlipIsAskedAbout(): void
    {
        self::assertSame('0CLSABL26R0002471', $this->open(['vin' => ' *0clsabl26r0002471* '])['vin']);
        $body = $this->body(['vin' => '0CLSABL26R0002472']);
        $this->actingAs($this->person())->postJson('/api/repair-orders', $body)->assertStatus(422)->assertJsonPath('code', 'asks-once')->assertJsonPath('path', '/vin');
        $this->postJson('/api/repair-orders', [...$body, 'confirmed' => true])->assertOk()->assertJsonPath('vin', '0CLSABL26R0002472');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badOrders(): iterable
    {
        yield 'a number that is taken' => [['number' => '2471'], '/number'];
        yield 'a VIN with an O' => [['vin' => '0CLSABL26R000247O'], '/vin'];
        yield 'a short VIN' => [['vin' => '0CLSABL26R'], '/vin'];
        yield 'an unknown operation' => [['operations' => ['polish']], '/operations/0'];
        yield 'an operation at no sensor' => [['operations' => ['sensor-replaced']], '/operations/0'];
        yield 'an operation at a sensor the car lacks' => [['operations' => ['sensor-replaced@roof']], '/operations/0'];
        yield 'no sheet of the shop' => [['sheet' => '018f0000-0000-7000-8000-000000000000'], '/sheet'];
        yield 'no id at all' => [['sheet' => "x'; drop table users"], '/sheet'];
        yield 'no vehicle' => [['vehicle' => ' '], '/vehicle'];
        yield 'an unknown field' => [['colour' => 'red'], '/colour'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badOrders')]
    public function testABadOrderIsRefusedByNameAndNothingIsOpened(array $change, string $path): void
    {
        $before = DB::table('repair_orders')->count();
        $this->actingAs($this->person())->postJson('/api/repair-orders', $this->body($change))->assertStatus(422)->assertJsonPath('path', $path);
        self::assertSame($before, DB::table('repair_orders')->count());
    }

    public function testAnAddedOperationChangesWhatIsOwedAndSaysWhy(): void
    {
        $order = $this->open(['operations' => ['rear-trim-removed']]);
        $changed = $this->note($order['id'], 'operation', ['operation' => 'wheel-alignment', 'state' => 'done'], $order['version'])->assertOk()->json();
        self::assertSame('wheel alignment: done', $changed['changes'][0]['what']);
        self::assertSame([['sensor' => 'Front radar', 'before' => 'not owed', 'after' => 'unknown', 'why' => 'The rear axle may have been changed, and the radar\'s axis refers to the line the car drives along.']], $changed['changes'][0]['sensors']);
        $answered = $this->note($order['id'], 'owed-answer', ['sensor' => 'front', 'operation' => 'wheel-alignment', 'answer' => 'yes', 'word' => 'Wen Harrow'], $changed['version'])->assertOk()->json();
        self::assertSame('owed', $answered['sensors'][0]['owed']['state']);
        self::assertSame('Wen Harrow', $answered['sensors'][0]['owed']['reasons'][0]['answer']['word']);
        $back = $this->note($order['id'], 'operation', ['operation' => 'wheel-alignment', 'state' => 'withdrawn'], $answered['version'])->assertOk()->json();
        self::assertSame(['owed, static', 'not owed'], [$back['changes'][0]['sensors'][0]['before'], $back['changes'][0]['sensors'][0]['after']]);
    }

    public function testACoverThatGoesBackTooEarlyIsAskedAboutAndLeavesItsTrace(): void
    {
        $order = $this->open(['operations' => ['rear-cover-removed']]);
        $off = $this->note($order['id'], 'cover', ['cover' => 'rear', 'off' => true], $order['version'])->assertOk()->json();
        $had = $this->note($order['id'], 'capture', ['sensor' => 'rear-left', 'item' => 'lot-code', 'value' => 'L07K9'], $off['version'])->assertOk()->json();
        $left = count($had['alarms']);
        self::assertSame(count($off['alarms']) - 1, $left);
        $refused = $this->note($order['id'], 'cover', ['cover' => 'rear', 'off' => false], $had['version'])->assertStatus(422)->assertJsonPath('code', 'asks-once');
        self::assertStringContainsString("$left things not captured", (string) $refused->json('title'));
        self::assertStringContainsString('Right rear radar: Lot code on the label', (string) $refused->json('title'));
        $on = $this->note($order['id'], 'cover', ['cover' => 'rear', 'off' => false], $had['version'], ['confirmed' => true])->assertOk()->json();
        self::assertCount($left, $on['covers'][1]['missed']);
        self::assertSame([], $on['alarms']);
        $missed = array_values(array_filter($on['captures'], static fn(array $capture): bool => $capture['state'] === 'missed'));
        self::assertCount($left, $missed);
        self::assertNotSame('', $missed[0]['afterRefit']);
        // What can still be had is written down afterwards.
        $this->note($order['id'], 'capture', ['sensor' => 'rear-left', 'item' => 'photo', 'reason' => 'The cover is back on.'], $on['version'])->assertOk();
    }

    /** @return iterable<string, array{string, array<array-key, mixed>, string}> */
    public static function badNotes(): iterable
    {
        yield 'an unknown kind' => ['mood', ['good' => true], '/kind'];
        yield 'a line of an estimate by hand' => ['estimate-line', ['text' => 'x'], '/kind'];
        yield 'a sensor the car lacks' => ['capture', ['sensor' => 'roof', 'item' => 'lot-code', 'value' => 'x'], '/payload/sensor'];
        yield 'an item nobody asks for' => ['capture', ['sensor' => 'rear-left', 'item' => 'shoe-size', 'value' => 'x'], '/payload/item'];
        yield 'a text for a number' => ['capture', ['sensor' => 'rear-left', 'item' => 'bracket-level', 'value' => 'quite'], '/typed'];
        yield 'neither a value nor a reason' => ['capture', ['sensor' => 'rear-left', 'item' => 'serial'], '/payload/value'];
        yield 'a value and a reason' => ['capture', ['sensor' => 'rear-left', 'item' => 'serial', 'value' => '1', 'reason' => 'torn'], '/payload/value'];
        yield 'a cover the car lacks' => ['cover', ['cover' => 'roof', 'off' => true], '/payload/cover'];
        yield 'a condition nobody asks' => ['condition', ['item' => 'weather', 'answer' => 'yes'], '/payload/item'];
        yield 'hearsay of nobody' => ['condition', ['item' => 'tyres', 'answer' => 'on-word'], '/payload/word'];
        yield 'a value the condition lacks' => ['condition', ['item' => 'tyres', 'answer' => 'yes', 'values' => ['spare' => '2.3']], '/payload/values/spare'];
        yield 'a question nobody asked' => ['owed-answer', ['sensor' => 'front', 'operation' => 'knock-front', 'answer' => 'yes'], '/payload/operation'];
        yield 'the maker without a place' => ['owed-answer', ['sensor' => 'front', 'operation' => 'knock-front', 'answer' => 'owed'], '/payload/source'];
        yield 'a figure the car lacks' => ['figure', ['figure' => 'mood', 'typed' => '1 m', 's' => 1], '/figure'];
        yield 'an unsure figure' => ['figure', ['figure' => 'wheelbase', 'typed' => '2905', 's' => 0], '/payload/s'];
        yield 'a sign for a side' => ['figure', ['figure' => 'rear-left.across', 'typed' => '-688', 's' => 2], '/typed'];
        yield 'a photo that is not there' => ['photo', ['photo' => '018f0000-0000-7000-8000-000000000000', 'about' => 'car'], '/payload/photo'];
        yield 'a card that is not there' => ['card', ['sensor' => 'front', 'card' => '018f0000-0000-7000-8000-000000000000'], '/payload/card'];
        yield 'control characters' => ['detail', ['field' => 'note', 'value' => "a\u{7}b"], '/payload/value'];
        yield 'a very long plate' => ['detail', ['field' => 'plate', 'value' => str_repeat('A', 300)], '/payload/value'];
        yield 'a day that is none' => ['detail', ['field' => 'promised', 'value' => '2026-02-30T16:00'], '/payload/value'];
        yield 'an hour that is none' => ['detail', ['field' => 'ready', 'value' => '2026-11-28T24:00'], '/payload/value'];
        yield 'a promise in words' => ['detail', ['field' => 'promised', 'value' => 'soon'], '/payload/value'];
        yield 'a list for a payload' => ['detail', [1, 2], '/payload'];
    }

    /** @param array<array-key, mixed> $payload */
    #[DataProvider('badNotes')]
    public function testABadLineIsRefusedByNameAndNothingIsRecorded(string $kind, array $payload, string $path): void
    {
        $order = $this->open(['operations' => ['rear-cover-removed']]);
        $answer = $this->note($order['id'], $kind, $payload, $order['version'])->assertStatus(422);
        self::assertSame($path, $answer->json('path'), (string) $answer->getContent());
        $this->getJson("/api/repair-orders/{$order['id']}")->assertJsonPath('version', $order['version']);
    }

    public function testAnOrderSaysForWhenItIsPromisedAndFromWhenItIsFree(): void
    {
        $order = $this->open(['operations' => ['rear-cover-removed']]);
        self::assertSame([null, null], [$order['promised'], $order['ready']]);
        $this->note($order['id'], 'detail', ['field' => 'ready', 'value' => '2026-11-28T11:00'], $order['version'])->assertOk();
        $version = $order['version'] + 1;
        $this->note($order['id'], 'detail', ['field' => 'promised', 'value' => '2026-11-28T16:00'], $version)->assertOk()
            ->assertJsonPath('promised', '2026-11-28T16:00')->assertJsonPath('ready', '2026-11-28T11:00');
        $listed = fn(): mixed => collect((array) $this->getJson('/api/repair-orders')->assertOk()->json('orders'))->firstWhere('id', $order['id'])['promised'] ?? null;
        self::assertSame('2026-11-28T16:00', $listed());
        $this->note($order['id'], 'detail', ['field' => 'promised', 'value' => 'none'], $version + 1)->assertOk()->assertJsonPath('promised', null)->assertJsonPath('ready', '2026-11-28T11:00');
        self::assertNull($listed());
    }

    public function testTwoPeopleLoseNothing(): void
    {
        $order = $this->open(['operations' => ['rear-cover-removed']]);
        $seen = $order['version'];
        $this->note($order['id'], 'condition', ['item' => 'load', 'answer' => 'yes'], $seen)->assertOk();
        // Another matter does not stand in the way, although the record has gone on.
        $this->note($order['id'], 'condition', ['item' => 'doors', 'answer' => 'yes'], $seen, person: 'Bram Tolley')->assertOk();
        // The same matter does: both sides come back, and nothing is overwritten.
        $clash = $this->note($order['id'], 'condition', ['item' => 'load', 'answer' => 'no'], $seen, person: 'Bram Tolley')->assertStatus(409);
        $clash->assertJsonPath('code', 'order-moved-on')->assertJsonPath('lines.0.person', 'Ilse Corrant')->assertJsonPath('lines.0.payload.answer', 'yes');
        $version = (int) $clash->json('order.version');
        $this->note($order['id'], 'condition', ['item' => 'load', 'answer' => 'no'], $version, person: 'Bram Tolley')->assertOk();
        self::assertSame(['yes', 'no'], DB::table('order_events')->where('repair_order_id', $order['id'])->where('payload->item', 'load')->orderBy('version')->pluck('payload')->map(static fn(string $payload): mixed => json_decode($payload)->answer)->all());
    }

    public function testALineSentTwiceIsOneLine(): void
    {
        $order = $this->open(['operations' => ['rear-cover-removed']]);
        $id = (string) Str::uuid7();
        foreach ([1, 2] as $turn) {
            $this->note($order['id'], 'cover', ['cover' => 'rear', 'off' => true], $order['version'], ['id' => $id])->assertOk()->assertJsonPath('version', $order['version'] + 1);
        }
    }

    public function testValuesDecideAndSayWhatTheyDoToTheAxis(): void
    {
        $order = $this->open(['operations' => ['front-cover-removed']]);
        $load = $this->note($order['id'], 'condition', ['item' => 'load', 'answer' => 'no'], $order['version'])->assertOk();
        self::assertSame('About 0.12° nose-up at this wheelbase of 2,905 mm.', $this->condition($load->json(), 'load')['effect']);
        $tyres = $this->note($order['id'], 'condition', ['item' => 'tyres', 'answer' => 'yes', 'values' => ['front-left' => '2.3', 'front-right' => '2,3', 'rear-left' => '1.6', 'rear-right' => '2.1']], $load->json('version'))->assertOk();
        $found = $this->condition($tyres->json(), 'tyres');
        self::assertFalse($found['met']);
        self::assertSame(['Left rear: 1.6 bar; at least 2 bar is needed.'], $found['findings']);
        self::assertStringContainsString('nose-up', $found['effect']);
        // The sensor's task sees the same answer, and is barred by it.
        $front = $order['tasks'][0]['task'];
        $task = $this->getJson("/api/tasks/$front")->assertOk();
        self::assertContains('Not met: Tyre pressures as on the placard', array_column($task->json('bars'), 'says'));
        self::assertSame('no', array_column($task->json('preparation'), 'answer', 'id')['tyres']);
    }

    public function testAMeasuredFigureCountsWithItsUncertaintyAndAFarOffOneIsAskedAbout(): void
    {
        $order = $this->open(['operations' => ['front-cover-removed']]);
        $this->note($order['id'], 'figure', ['figure' => 'wheelbase', 'typed' => '290.7', 's' => 2], $order['version'])->assertStatus(422)->assertJsonPath('code', 'asks-once');
        $kept = $this->note($order['id'], 'figure', ['figure' => 'wheelbase', 'typed' => '290.7 cm', 's' => 2], $order['version'])->assertOk()->json();
        self::assertSame([2907.0, 2.0, '290.7 cm'], [(float) $kept['geometry'][0]['value'], (float) $kept['geometry'][0]['s'], $kept['geometry'][0]['typed']]);
        $plan = $this->getJson('/api/tasks/' . $order['tasks'][0]['task'])->assertOk()->json('plan.car');
        self::assertEqualsWithDelta(2907, $plan['wheelbase'], 1e-9);
    }

    public function testTheDatabaseRefusesToChangeAnOrdersRecord(): void
    {
        foreach (['update order_events set user_id = user_id', 'delete from order_events', 'truncate order_events'] as $statement) {
            try {
                DB::transaction(static fn() => DB::statement($statement));
                self::fail("The database took: $statement");
            } catch (QueryException $refused) {
                self::assertSame('42501', $refused->getCode(), $statement);
            }
        }
    }

    public function testScriptInEveryTextStaysText(): void
    {
        $script = '<script>alert(1)</script>';
        $order = $this->open(['operations' => ['rear-cover-removed'], 'vehicle' => "Quillon Sable $script", 'plate' => '<b>x</b>']);
        $version = $order['version'];
        foreach ([['detail', ['field' => 'note', 'value' => $script]], ['capture', ['sensor' => 'rear-left', 'item' => 'serial', 'value' => $script, 'word' => $script]], ['condition', ['item' => 'load', 'answer' => 'on-word', 'word' => $script]]] as [$kind, $payload]) {
            $version = (int) $this->note($order['id'], $kind, $payload, $version)->assertOk()->json('version');
        }
        $page = $this->getJson("/api/repair-orders/{$order['id']}")->assertOk();
        self::assertSame($script, $page->json('note'));
        self::assertStringStartsWith('application/json', (string) $page->headers->get('Content-Type'));
    }

    public function testAnotherShopsOrdersAreNotThere(): void
    {
        $order = $this->open([]);
        $shop = Shop::query()->create(['name' => 'Elsewhere']);
        $stranger = User::query()->create(['shop_id' => $shop->id, 'name' => 'Stranger', 'email' => 'stranger@elsewhere.example', 'role' => 'lead', 'password' => 'far-away-and-long']);
        $card = (string) DB::table('procedure_cards')->value('id');
        foreach (["repair-orders/{$order['id']}", "cards/$card", "cards/$card/export", "cards/$card/differences/$card"] as $path) {
            $this->actingAs($stranger)->getJson("/api/$path")->assertStatus(404);
        }
        $this->actingAs($stranger)->postJson('/api/lines', ['order' => $order['id'], 'id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'cover', 'payload' => ['cover' => 'rear', 'off' => true]])->assertStatus(404);
        $this->actingAs($stranger)->postJson('/api/repair-orders', array_diff_key($this->body([]), ['bay' => 0]))->assertStatus(422)->assertJsonPath('path', '/sheet');
        $this->actingAs($stranger)->getJson('/api/cards')->assertJsonCount(0, 'cards');
        $this->actingAs($stranger)->getJson('/api/kit')->assertJsonCount(0, 'items');
        $this->actingAs($stranger)->getJson('/api/cars?search=sable')->assertJsonCount(0, 'cars');
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function open(array $change): array
    {
        return (array) $this->actingAs($this->person())->postJson('/api/repair-orders', $this->body($change))->assertOk()->json();
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function body(array $change): array
    {
        return [
            'id' => (string) Str::uuid7(), 'version' => 0, 'vehicle' => 'Quillon Sable', 'plate' => 'QS 1', 'operations' => [],
            'sheet' => DB::table('vehicle_sheets')->where('name', 'quillon-sable')->value('id'),
            'bay' => DB::table('bays')->where('name', 'Bay 1')->value('id'),
            ...$change,
        ];
    }

    /**
     * @param array<array-key, mixed> $payload
     * @param array<string, mixed>    $more
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function note(string $order, string $kind, array $payload, int $version, array $more = [], string $person = 'Ilse Corrant'): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->person($person))->postJson('/api/lines', ['order' => $order, 'id' => (string) Str::uuid7(), 'version' => $version, 'kind' => $kind, 'payload' => $payload, ...$more]);
    }

    /**
     * @param array<string, mixed> $order
     *
     * @return array<string, mixed>
     */
    private function condition(array $order, string $item): array
    {
        foreach ($order['conditions'] as $condition) {
            if ($condition['item'] === $item) {
                return $condition;
            }
        }
        self::fail("There is no condition {$item}.");
    }
}
