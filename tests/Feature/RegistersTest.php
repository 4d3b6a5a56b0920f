<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Registers from foreign files and out again, the cars' register, and the rules with their history. */
final class RegistersTest extends FeatureCase
{
    private const FILES = [
        'vehicles' => "Manufacturer;Model;Model years;Radar;Wheelbase (mm);Rear track\nVossen;Ketch;2019 to 2023;front, rear left;2.764 mm;1588\nVossen;Sloop;;roof;2650;1570\n",
        'kit' => "Sort,Name,Kind,Accuracy,Resolution,Last check\ninstrument,Tape by the door,tape,1,1,2.3.2026\ninstrument,Tape of nobody,crowbar,1,1,\n",
        'bays' => "Bay,Length,Width\nNorth,11.5 m,5200\nSouth,900,5200\n",
        'cards' => "Title,Document,Edition,Dated,Make,Model,For which sensors,Sensor,Target,Sensor ahead of the front mark,Sensor’s height,Spot ahead,Target’s height\nFront radar,Sheet 12 (invented),2,2026-02-03,Vossen,Ketch,front,Front radar,Corner reflector,-40,508,1840,505\nFront radar,Sheet 13 (invented),2,never,Vossen,Sloop,front,Front radar,Corner reflector,-40,508,1840,505\n",
        'rules-conditions' => "Question,Where it is not met,Why,Asked for\nSun blinds down,warns,Glare on the plate,car\nHat off,perhaps,Courtesy,car\n",
        'rules-owed' => "Operation,Owed or not,Reason\nwindscreen-replaced,not owed,No radar looks through it.\nwash,owed,Water\n",
        'rules-capture' => "Question,What it is,Needed for,Once the cover is on\nColour of the plug,text,Record,Only with the cover off.\nSmell,odour,Record,Never.\n",
        'rules-codes' => "Control unit,Code,Sorted as,Why\nBody,B10*,unrelated,Lamps.\nBody,B11*,maybe,Lamps.\n",
    ];

    #[DataProvider('registers')]
    public function testAForeignTableIsMappedItsBadRowIsSetAsideOrMendedAndNoneIsHalfTaken(string $register): void
    {
        $this->actingAs($this->person())->call('POST', "/api/registers/$register/files", content: self::FILES[$register])->assertStatus(403);
        $this->actingAs($this->person('Oda Merrin'));
        $file = $this->sent($register, self::FILES[$register])->assertOk();
        $needed = array_column(array_filter((array) $file->json('columns'), static fn(array $column): bool => $column['required']), 'id');
        $guess = (array) $file->json('guess');
        // Whoever fills it says what the guess leaves out.
        $map = $guess + array_fill_keys(array_diff($needed, array_keys($guess)), 0);
        if ($register === 'vehicles') {
            self::assertArrayNotHasKey('make', $guess);
            $map += ['sensors' => 3];
            $map['sensors'] = 3;
        }
        $rows = array_map(static fn(array $row): array => ['cells' => array_map(static fn(int $place): string => $row[$place], $map)], (array) $file->json('rows'));
        $count = $this->held($register);
        $looked = $this->look($register, $rows, true)->assertOk()->assertJsonPath('taken', null)->assertJsonPath('rows.0.says', null);
        self::assertNotNull($looked->json('rows.1.says'));
        self::assertNotNull($looked->json('rows.1.path'), (string) json_encode($looked->json('rows.1')));
        self::assertSame($count, $this->held($register), 'none of it, not even the good row');
        $this->look($register, [$rows[0]], true)->assertJsonPath('taken', 1);
        // A rule takes the place of the one that speaks of the same.
        self::assertSame($register === 'rules-owed' ? $count : $count + 1, $this->held($register));
        if (! str_starts_with($register, 'rules-')) {
            self::assertNotNull($this->look($register, [$rows[0]], true)->assertJsonPath('taken', null)->json('rows.0.says'), 'it is there already');
        }
        // Out again, and whole as it went.
        $csv = (string) $this->get("/api/registers/$register.csv")->assertOk()->getContent();
        self::assertGreaterThan(1, substr_count($csv, "\n"));
        $json = (string) $this->get("/api/registers/$register.json")->assertOk()->getContent();
        $again = $this->sent($register, $json)->assertOk();
        self::assertCount(count((array) $again->json('rows')), (array) $again->json('items'));
        self::assertSame(array_column((array) $again->json('columns'), 'id'), array_column((array) $this->sent($register, $csv)->assertOk()->json('columns'), 'id'));
    }

    /** @return iterable<string, array{string}> */
    public static function registers(): iterable
    {
        foreach (array_keys(self::FILES) as $register) {
            yield $register => [$register];
        }
    }

    public function testWhatIsNoTableIsRefusedWithItsReason(): void
    {
        $this->actingAs($this->person('Oda Merrin'));
        $this->sent('vehicles', '')->assertStatus(422)->assertJsonPath('path', '/file');
        $this->sent('vehicles', "make,model\n")->assertStatus(422)->assertJsonPath('path', '/file');
        $this->sent('vehicles', '{"make": ')->assertStatus(422);
        $this->sent('people', 'a,b')->assertStatus(422)->assertJsonPath('path', '/register');
        $this->look('vehicles', [['cells' => ['make' => '=cmd', 'model' => 'x', 'sensors' => 'front']]], true)->assertJsonPath('taken', 1);
        self::assertStringContainsString("'=cmd", (string) $this->get('/api/registers/vehicles.csv')->getContent());
    }

    public function testACarIsFoundChangedVersionByVersionAndKnownByItsNumber(): void
    {
        $this->actingAs($this->person('Oda Merrin'));
        $this->look('vehicles', [['cells' => ['make' => 'Vossen', 'model' => 'Ketch', 'sensors' => 'front', 'wheelbase' => '2764', 'vins' => '0CLVSK*']]], true)->assertJsonPath('taken', 1);
        $family = $this->getJson('/api/vehicles?search=ketch')->assertOk()->assertJsonPath('count', 1)->json('vehicles.0.family');
        $page = $this->getJson("/api/vehicles/$family")->assertOk()->assertJsonPath('vins', ['0CLVSK*']);
        $document = json_decode((string) $page->getContent())->document;
        $document->wheelbase = 2770;
        $save = fn(array $body): TestResponse => $this->postJson("/api/vehicles/$family", ['id' => (string) Str::uuid7(), 'version' => 1, 'vins' => ['0CLVSK*', '0CLVS?R*'], 'from' => 'word', 'said' => 'Wen Harrow', 'document' => $document, ...$body]);
        $save(['vins' => ['IO*']])->assertStatus(422)->assertJsonPath('path', '/vins/0');
        $save(['document' => (object) (['wheelbase' => 0] + (array) $document)])->assertStatus(422)->assertJsonPath('path', '/document/wheelbase');
        $changed = $save([])->assertOk()->assertJsonPath('version', 2)->assertJsonPath('document.origins.wheelbase', ['from' => 'word', 'said' => 'Wen Harrow']);
        self::assertSame('document', $changed->json('versions.1.version') === 1 ? 'document' : '');
        $save([])->assertStatus(409);
        $this->actingAs($this->person())->postJson("/api/vehicles/$family", [])->assertStatus(403);
        $this->getJson('/api/cars?search=0CLVSKL27R0002463')->assertOk()->assertJsonPath('sheet', $changed->json('id'));
        $this->getJson('/api/cars?search=0CLXXKL27R0002463')->assertOk()->assertJsonPath('sheet', null);
    }

    public function testTwoSheetsThatAreOneBecomeOneAndOrdersKeepTheirs(): void
    {
        $this->actingAs($this->person('Oda Merrin'));
        $this->look('vehicles', [['cells' => ['make' => 'Vossen', 'model' => 'Ketch', 'sensors' => 'front', 'vins' => '0CLVSA*']], ['cells' => ['make' => 'Vosen', 'model' => 'Ketsch', 'sensors' => 'front', 'vins' => '0CLVSB*']]], true)->assertJsonPath('taken', 2);
        $of = fn(string $name): array => (array) $this->getJson('/api/vehicles?search=' . urlencode($name))->json('vehicles.0');
        [$kept, $wrong] = [$of('vossen ketch'), $of('ketsch')];
        $order = $this->postJson('/api/repair-orders', ['id' => (string) Str::uuid7(), 'version' => 0, 'plate' => 'BW 1', 'vehicle' => 'Vosen Ketsch', 'sheet' => $wrong['id'], 'operations' => []])->assertOk()->json('id');
        $this->postJson("/api/vehicles/{$wrong['family']}/merge", ['id' => (string) Str::uuid7(), 'version' => 0, 'into' => $wrong['family']])->assertStatus(404);
        $merged = $this->postJson("/api/vehicles/{$wrong['family']}/merge", ['id' => (string) Str::uuid7(), 'version' => 0, 'into' => $kept['family']])->assertOk();
        self::assertSame([3, 2, 1], array_column((array) $merged->json('versions'), 'version'));
        self::assertSame(['0CLVSA*', '0CLVSB*'], $merged->json('vins'));
        $this->getJson('/api/vehicles?search=ketsch')->assertJsonPath('count', 0);
        self::assertSame($wrong['id'], DB::table('repair_orders')->where('id', $order)->value('vehicle_sheet_id'));
        $this->getJson("/api/repair-orders/$order")->assertOk();
    }

    public function testRulesKeepTheirSourcesAndTheirHistoryAndGoBackByOnePress(): void
    {
        $page = $this->actingAs($this->person('Oda Merrin'))->getJson('/api/shop-rules')->assertOk();
        $document = json_decode((string) $page->getContent())->document;
        $document->conditions[0]->unmet = 'blocks';
        $save = fn(int $version, object $rules): TestResponse => $this->postJson('/api/shop-rules', ['id' => (string) Str::uuid7(), 'version' => $version, 'document' => $rules, 'reason' => 'Our floors']);
        $broken = json_decode((string) json_encode($document));
        $broken->conditions[0]->unmet = 'perhaps';
        $save($page->json('version'), $broken)->assertStatus(422)->assertJsonPath('path', '/document/conditions/0/unmet');
        $saved = $save($page->json('version'), $document)->assertOk();
        self::assertStringStartsWith('Oda Merrin', $saved->json('document.conditions.0.source'), 'a changed rule is no longer the table’s');
        self::assertSame('Lumbro default table, 2026', $saved->json('document.conditions.1.source'));
        $saved->assertJsonPath('history.0.person', 'Oda Merrin')->assertJsonPath('history.0.reason', 'Our floors')->assertJsonPath('history.0.parts', ['conditions']);
        $save($page->json('version'), $document)->assertStatus(409);
        $back = $this->postJson('/api/shop-rules/back', ['id' => (string) Str::uuid7(), 'version' => $saved->json('version'), 'to' => $page->json('version')])->assertOk();
        self::assertSame('warns', $back->json('document.conditions.0.unmet'));
        $trial = $this->postJson('/api/shop-rules/trial', ['id' => (string) Str::uuid7(), 'version' => 0, 'document' => $document, 'operations' => ['front-cover-removed', 'front-cover-painted']])->assertOk();
        $owed = array_column((array) $trial->json('sensors'), 'state', 'id');
        self::assertSame(['owed', 'not-owed'], [$owed['front'], $owed['rear-left']]);
        $this->actingAs($this->person())->postJson('/api/shop-rules', [])->assertStatus(403);
    }

    private function held(string $register): int
    {
        $part = ['rules-conditions' => 'conditions', 'rules-owed' => 'owed', 'rules-capture' => 'capture', 'rules-codes' => 'codes'][$register] ?? null;
        if ($part !== null) {
            return count(json_decode((string) DB::table('shop_rules')->value('document'), true)[$part]);
        }

        return DB::table(['vehicles' => 'vehicle_sheets', 'kit' => 'kit_items', 'bays' => 'bays', 'cards' => 'procedure_cards'][$register])->count();
    }

    /** @return TestResponse<Response> */
    private function sent(string $register, string $bytes): TestResponse
    {
        return $this->call('POST', "/api/registers/$register/files", server: ['HTTP_ACCEPT' => 'application/json'], content: $bytes);
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return TestResponse<Response>
     */
    private function look(string $register, array $rows, bool $take): TestResponse
    {
        return $this->postJson("/api/registers/$register/rows", ['id' => (string) Str::uuid7(), 'version' => 0, 'source' => 'our list.csv', 'rows' => $rows, 'take' => $take]);
    }
}
