<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use App\Models\User;
use App\People\SetUpCode;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A shop of one's own beside the practice shop. */
final class FirstRunTest extends FeatureCase
{
    private const TOLD = [
        'shop' => ['name' => 'Brasswater Panel & Paint', 'zone' => 'Europe/Zurich', 'language' => 'en', 'unit' => 'mm', 'decimal' => ',', 'paper' => 'A4'],
        'lead' => ['name' => 'Wenna Calder', 'email' => 'wenna@brasswater.example', 'password' => 'tape-and-bob'],
        'bay' => ['name' => 'Bay 1', 'length' => 9100, 'width' => 4700, 'obstacles' => [['name' => 'post', 'fromBack' => 3000, 'fromLeft' => 0, 'length' => 400, 'width' => 350]]],
        'kit' => [['item' => 'tape-1'], ['item' => 'rule-1', 'accuracy' => 0.8], ['item' => 'staff-1'], ['item' => 'stand-1', 'figures' => ['/targetAhead' => 85, '/halfWidth' => 1100]]],
    ];

    /**
     * @param array<string, mixed> $told
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function open(string $code, array $told = self::TOLD): \Illuminate\Testing\TestResponse
    {
        return $this->postJson('/api/set-up', ['id' => (string) Str::uuid7(), 'version' => 0, 'code' => $code, ...$told]);
    }

    public function testAShopBeginsWithWhatItSaidAndNothingElse(): void
    {
        $this->getJson('/api/set-up')->assertOk()->assertJsonPath('wanted', true)->assertJsonPath('practice', true);
        $this->open(SetUpCode::make())->assertOk()->assertJsonPath('shop', 'Brasswater Panel & Paint')->assertJsonPath('practice', false)->assertJsonPath('role', 'lead');
        $shop = Shop::query()->where('practice', false)->firstOrFail();
        self::assertSame(',', $shop->decimal_mark);
        self::assertSame(['Wenna Calder'], User::query()->where('shop_id', $shop->id)->pluck('name')->all());
        self::assertSame(['rule-1', 'staff-1', 'stand-1', 'tape-1'], DB::table('kit_items')->where('shop_id', $shop->id)->orderBy('item')->pluck('item')->all());
        self::assertEquals(0.8, DB::table('kit_items')->where('shop_id', $shop->id)->where('item', 'rule-1')->value('document->accuracy'));
        self::assertEquals(85, DB::table('kit_items')->where('shop_id', $shop->id)->where('item', 'stand-1')->value('document->targetAhead'));
        foreach (['vehicle_sheets', 'procedure_cards', 'repair_orders'] as $register) {
            self::assertSame(0, DB::table($register)->where('shop_id', $shop->id)->count(), $register);
        }
        $bay = json_decode((string) DB::table('bays')->where('shop_id', $shop->id)->value('document'), true);
        self::assertSame([[-1700, 2350], [7400, 2350], [7400, -2350], [-1700, -2350]], array_map(static fn(array $corner): array => array_map(intval(...), $corner), $bay['outline']));
        self::assertSame([[1300, 2350], [1700, 2350], [1700, 2000], [1300, 2000]], array_map(static fn(array $corner): array => array_map(intval(...), $corner), $bay['obstacles'][0]['corners']));
        $this->getJson('/api/set-up')->assertJsonPath('wanted', false)->assertJsonPath('kit', []);
    }

    public function testAWrongCodeIsRefusedAndTenOfThemMakeItVoid(): void
    {
        $code = SetUpCode::make();
        for ($i = 0; $i < 10; $i++) {
            $this->open('AAAA-AAAA-AAAA')->assertStatus(422)->assertJsonPath('path', '/code')->assertJsonPath('says', 'This is not the code. It stands where ./lumbro start was run, three groups of four signs.');
        }
        $this->open($code)->assertStatus(422)->assertJsonPath('path', '/code');
        self::assertSame(0, Shop::query()->where('practice', false)->count());
        $this->open(SetUpCode::make())->assertOk();
    }

    public function testASecondShopIsNotMadeThere(): void
    {
        $this->open(SetUpCode::make())->assertOk();
        $this->open(SetUpCode::make(), ['lead' => ['name' => 'X Y', 'email' => 'x@y.example', 'password' => 'tape-and-bob']] + self::TOLD)->assertStatus(409)->assertJsonPath('code', 'set-up-already');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is told otherwise, and the field that is named */
    public static function wrong(): iterable
    {
        $in = static fn(string $part, array $change): array => [$part => $change + self::TOLD[$part]];
        yield 'zone' => [$in('shop', ['zone' => 'Europe/Nowhere']), '/shop/zone'];
        yield 'language' => [$in('shop', ['language' => 'xx']), '/shop/language'];
        yield 'paper' => [$in('shop', ['paper' => 'A3']), '/shop/paper'];
        yield 'e-mail' => [$in('lead', ['email' => 'wenna']), '/lead/email'];
        yield 'e-mail of somebody else' => [$in('lead', ['email' => 'ilse@copperlane.example']), '/lead/email'];
        yield 'password' => [$in('lead', ['password' => 'short']), '/lead/password'];
        yield 'bay too short' => [$in('bay', ['length' => 0]), '/bay/length'];
        yield 'post outside' => [$in('bay', ['obstacles' => [['name' => 'post', 'fromBack' => 100, 'fromLeft' => 4500, 'length' => 100, 'width' => 400]]]), '/bay/obstacles/0/fromLeft'];
        yield 'no such item' => [['kit' => [['item' => 'tape-9']]], '/kit/0/item'];
        yield 'an item twice' => [['kit' => [['item' => 'tape-1'], ['item' => 'tape-1']]], '/kit/1/item'];
        yield 'no accuracy' => [['kit' => [['item' => 'tape-1', 'accuracy' => 0]]], '/kit/0/accuracy'];
        yield 'a stand without its figures' => [['kit' => [['item' => 'stand-1']]], '/kit/0'];
        yield 'a stand of which half is said' => [['kit' => [['item' => 'stand-1', 'figures' => ['/targetAhead' => 85]]]], '/kit/0/figures'];
    }

    /** @param array<string, mixed> $change */
    #[\PHPUnit\Framework\Attributes\DataProvider('wrong')]
    public function testWhatIsWrongIsNamedAndNothingIsMade(array $change, string $path): void
    {
        $people = User::query()->count();
        $this->open(SetUpCode::make(), $change + self::TOLD)->assertStatus(422)->assertJsonPath('path', $path);
        self::assertSame([0, $people], [Shop::query()->where('practice', false)->count(), User::query()->count()]);
    }

    public function testTheCommandLineMakesAShopOfAFile(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'shop') ?: '';
        $told = self::TOLD;
        unset($told['lead']['password']);
        file_put_contents($file, json_encode($told));
        self::assertSame(0, Artisan::call('lumbro:shop', ['file' => $file]));
        self::assertMatchesRegularExpression('/Wenna Calder may sign in as wenna@brasswater.example with the password ([a-z]+-){5}\d{3}/', Artisan::output());
        file_put_contents($file, json_encode(['bay' => ['name' => 'B', 'length' => 1, 'width' => 1]] + $told));
        self::assertSame(1, Artisan::call('lumbro:shop', ['file' => $file]));
        self::assertStringStartsWith('/bay/length: ', Artisan::output());
        self::assertSame(2, Artisan::call('lumbro:shop', ['file' => "$file.none"]));
        unlink($file);
    }

    public function testNothingSimulatedAnswersInARealShop(): void
    {
        $this->open(SetUpCode::make())->assertOk();
        $lead = $this->person('Wenna Calder');
        $sheet = (string) Str::uuid7();
        DB::table('vehicle_sheets')->insert(['shop_id' => $lead->shop_id, 'id' => $sheet, 'name' => 'sable', 'document' => (string) file_get_contents(base_path('database/demo/vehicles/quillon-sable.json'))]);
        $order = (string) Str::uuid7();
        $this->actingAs($lead)->postJson('/api/repair-orders', ['id' => $order, 'version' => 0, 'vehicle' => 'Quillon Sable', 'plate' => 'BW 1', 'sheet' => $sheet, 'operations' => ['sensor-removed@front']])
            ->assertOk()->assertJsonPath('codeReader', false);
        $this->postJson("/api/repair-orders/$order/tool-scans", ['id' => (string) Str::uuid7(), 'version' => 1, 'phase' => 'pre'])->assertStatus(409)->assertJsonPath('says', 'No scan tool is connected that Lumbro could ask. Type the codes from its screen, paste them, or give its file.');
        $typed = ['tool' => 'Hand tool', 'readAt' => '2026-11-28T08:00:00Z', 'codes' => [['unit' => 'Radar', 'code' => 'C2A52', 'status' => 'stored']]];
        $this->call('POST', "/api/repair-orders/$order/scans?" . http_build_query(['id' => (string) Str::uuid7(), 'version' => 1, 'phase' => 'pre', 'name' => 'typed']), content: (string) json_encode($typed))
            ->assertOk()->assertJsonPath('scans.0.origin', 'typed')->assertJsonPath('scans.0.codes.0.code', 'C2A52');
    }

    public function testPracticeCarsStandInARealShopAndInNoneOfItsRegisters(): void
    {
        $this->open(SetUpCode::make())->assertOk();
        $lead = $this->person('Wenna Calder');
        $this->actingAs($lead);
        $this->postJson('/api/practice', ['id' => (string) Str::uuid7(), 'scenario' => 'car-1'])->assertOk();
        $this->postJson('/api/practice', ['id' => (string) Str::uuid7(), 'scenario' => 'car-1'])->assertOk();
        self::assertSame(1, DB::table('vehicle_sheets')->where('shop_id', $lead->shop_id)->where('practice', true)->count());
        $this->getJson('/api/cards')->assertJsonPath('cards', []);
        $this->getJson('/api/intake')->assertJsonPath('sheets', []);
        self::assertSame(['Bay 1'], array_column(array_column($this->getJson('/api/bays')->json('bays'), 'document'), 'name'));
    }
}
