<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use App\Models\User;
use App\Records\ShopClock;
use App\Records\StageTimes;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\TestDatabase;

/** The day of the demo shop: its plan, what changes it, who is away, calendars in and out. */
final class DayTest extends FeatureCase
{
    protected function setUp(): void
    {
        parent::setUp();
        DB::update(TestDatabase::WIND_BACK);
        $this->actingAs($this->person('Oda Merrin'));
    }

    public function testTheDayIsPlannedOutOfWhatTheOrdersOwe(): void
    {
        // Planned from nothing when the demo shop was made (TestDatabase).
        $plan = $this->plan();
        self::assertSame(1, $plan['version']);
        self::assertNull($plan['searching']);
        self::assertSame(['2466', '2468', '2470', '2471', '2473', '2474'], $this->sorted(array_column($plan['cars'], 'number')));
        // A drive that needs daylight ends before the sun sets; the demo's winter sun sets before the shop shuts.
        $drive = $this->slot($plan, '2474', 'drive');
        self::assertLessThanOrEqual(16 * 60 + 40, $drive['to'] % 1_440);
        // What another trade has until one is not begun before.
        foreach ($plan['slots'] as $slot) {
            if ($slot['car'] === $this->order('2473')) {
                self::assertGreaterThanOrEqual(13 * 60, $slot['from']);
            }
        }
        // Nobody is planned who is not, and nobody while they are away.
        $tolly = $this->person('Tolly Brask')->id;
        foreach ($plan['slots'] as $slot) {
            self::assertNotSame($this->person('Oda Merrin')->id, $slot['person']);
            if ($slot['person'] === $tolly && $slot['from'] < 1_440) {
                self::assertLessThanOrEqual(14 * 60, $slot['to']);
            }
        }
        // The same question again tells the same plan.
        self::assertSame(json_encode($plan['slots']), json_encode($this->plan()['slots']));
        self::assertSame(1, $this->plan()['version']);
    }

    public function testAPromiseThatComesChangesThePlanAndSaysWhy(): void
    {
        $this->plan();
        $this->detail('2473', 'promised', $this->hour('16:00'));
        $plan = $this->plan();
        self::assertSame(2, $plan['version']);
        self::assertContains('2473 is promised for another hour', $plan['changed']['causes']);
        self::assertSame(960, $this->car($plan, '2473')['promised']);
    }

    public function testWhatIsPinnedStaysAndIsLetGo(): void
    {
        $plan = $this->plan();
        $stage = $this->slot($plan, '2466', 'pre-scan');
        $ilse = $this->person('Ilse Corrant')->id;
        $pinned = $this->postJson('/api/day/pins', ['id' => (string) Str::uuid7(), 'version' => 0, 'stage' => $stage['stage'], 'at' => $this->hour('13:20'), 'person' => $ilse])->assertOk()->json();
        $slot = $this->slot($pinned, '2466', 'pre-scan');
        self::assertSame([800, $ilse, ['at' => 800, 'person' => $ilse, 'place' => null]], [$slot['from'], $slot['person'], $slot['pin']]);
        self::assertContains('2466, pre-scan: fixed by hand, or let go', $pinned['changed']['causes']);
        $this->postJson('/api/day/anew', ['id' => (string) Str::uuid7(), 'version' => 0])->assertOk();
        self::assertSame(800, $this->slot($this->plan(), '2466', 'pre-scan')['from']);
        $free = $this->postJson('/api/day/pins', ['id' => (string) Str::uuid7(), 'version' => 0, 'stage' => $stage['stage']])->assertOk()->json();
        self::assertNull($this->slot($free, '2466', 'pre-scan')['pin']);
        foreach ([['stage' => 'nothing of ours'], ['stage' => $stage['stage'], 'at' => 'noon'], ['stage' => $stage['stage'], 'person' => (string) Str::uuid7()], ['stage' => $stage['stage'], 'bay' => (string) Str::uuid7()]] as $wrong) {
            $this->postJson('/api/day/pins', ['id' => (string) Str::uuid7(), 'version' => 0, ...$wrong])->assertStatus(422)->assertJsonPath('path', '/' . array_key_last($wrong));
        }
    }

    public function testWhatIsWorkedOnIsUnderWayAndItsCarKeepsItsBay(): void
    {
        $this->plan();
        $ilse = $this->person('Ilse Corrant');
        $this->write('answer', ['item' => 'tyres', 'answer' => 'on-word', 'word' => 'Wen Harrow'], '2471', 'Ilse Corrant')->assertOk();
        $this->actingAs($this->person('Oda Merrin'));
        $plan = $this->plan();
        $on = array_values(array_filter($plan['slots'], static fn(array $slot): bool => $slot['state'] === 'on'));
        self::assertSame([[$this->order('2471'), 'prepare', $ilse->id]], array_map(static fn(array $slot): array => [$slot['car'], $slot['kind'], $slot['person']], $on));
        $turn = array_values(array_filter($plan['turns'], static fn(array $turn): bool => $turn['person'] === $ilse->id))[0];
        self::assertSame($on[0]['stage'], $turn['now']);
        // Its bay is the order's own, whatever was planned.
        self::assertSame(DB::table('repair_orders')->where('id', $this->order('2471'))->value('bay_id'), $on[0]['place']);
    }

    public function testStagesAreTimedFromTheirLinesWithoutPauses(): void
    {
        $task = $this->task('2471');
        foreach (['08:00' => 'tyres', '08:04' => 'ride-height', '08:40' => 'fuel', '08:43' => 'supply'] as $hour => $item) {
            ShopClock::set($this->person()->shop_id, $this->hour($hour));
            $this->write('answer', match ($item) {
                'fuel' => ['item' => $item, 'answer' => 'yes', 'values' => ['level' => '75']],
                'supply' => ['item' => $item, 'answer' => 'yes', 'values' => ['volt' => '13.2']],
                default => ['item' => $item, 'answer' => 'on-word', 'word' => 'Wen Harrow'],
            }, '2471', 'Ilse Corrant')->assertOk();
        }
        $row = DB::table('stage_times')->where('sensor_task_id', $task)->where('stage', 'prepare')->first();
        self::assertNotNull($row);
        // 4 minutes, a pause of 36, 3 minutes; a few moments of the test itself.
        self::assertEqualsWithDelta(7.0, (float) $row->minutes, 0.5);
        self::assertSame($this->person('Ilse Corrant')->id, StageTimes::most($row->people));
    }

    public function testHoursAndPeopleAreKeptAndRefusedWhereTheyAreWrong(): void
    {
        $rules = $this->getJson('/api/day/rules')->assertOk()->json();
        $document = $rules['document'];
        $save = fn(array $document, int $version): TestResponse => $this->postJson('/api/day/rules', ['id' => (string) Str::uuid7(), 'version' => $version, 'document' => $document]);
        $document['opening'] = array_map(static fn(int $day): array => ['day' => $day, 'from' => '06:00', 'to' => '14:00'], [1, 2, 3, 4, 5]);
        $save($document, $rules['version'])->assertOk()->assertJsonPath('version', $rules['version'] + 1);
        self::assertSame([[360, 840]], $this->plan()['hours']);
        $save($document, $rules['version'])->assertStatus(409)->assertJsonPath('code', 'day-rules-moved-on');
        $next = $rules['version'] + 1;
        foreach ([
            '/document/opening/0/to' => ['opening' => [['day' => 1, 'from' => '14:00', 'to' => '06:00']]],
            '/document/opening/1/from' => ['opening' => [['day' => 1, 'from' => '06:00', 'to' => '14:00'], ['day' => 1, 'from' => '13:00', 'to' => '15:00']]],
            '/document/opening/0/from' => ['opening' => [['day' => 1, 'from' => '25:00', 'to' => '26:00']]],
            '/document' => ['latitude' => 50.0],
            '/document/people/0/person' => ['people' => [['person' => (string) Str::uuid7()]]],
            '/document/walls/0/bays/0' => ['walls' => [['name' => 'wall', 'bays' => [(string) Str::uuid7()]]]],
        ] as $path => $wrong) {
            $save($wrong, $next)->assertStatus(422)->assertJsonPath('path', $path);
        }
        $this->actingAs($this->person('Ilse Corrant'));
        $save($document, $next)->assertStatus(403);
    }

    public function testSomebodyAwayIsNotPlannedAndBackAgain(): void
    {
        $this->plan();
        $bram = $this->person('Bram Tolley')->id;
        $added = $this->postJson('/api/day/absences', ['id' => (string) Str::uuid7(), 'version' => 0, 'person' => $bram, 'from' => $this->hour('10:00'), 'to' => $this->hour('17:00'), 'why' => 'Ill'])->assertOk()->json();
        $plan = $this->plan();
        self::assertContains('Bram Tolley works other hours', $plan['changed']['causes']);
        self::assertSame([], array_filter($plan['slots'], static fn(array $slot): bool => $slot['person'] === $bram && $slot['from'] >= 600 && $slot['from'] < 1_020));
        $id = array_values(array_filter($added['absences'], static fn(array $one): bool => $one['why'] === 'Ill'))[0]['id'];
        $this->postJson("/api/day/absences/$id/back", ['id' => (string) Str::uuid7(), 'version' => 0])->assertOk();
        $this->postJson("/api/day/absences/$id/back", ['id' => (string) Str::uuid7(), 'version' => 0])->assertStatus(404);
        $this->postJson('/api/day/absences', ['id' => (string) Str::uuid7(), 'version' => 0, 'person' => $bram, 'from' => $this->hour('17:00'), 'to' => $this->hour('10:00')])->assertStatus(422)->assertJsonPath('path', '/to');
    }

    public function testACalendarIsLookedAtAndTakenOnce(): void
    {
        $date = substr($this->hour('10:00'), 0, 10);
        $day = str_replace('-', '', $date);
        $ics = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\n"
            . "BEGIN:VEVENT\r\nUID:a1\r\nDTSTART:{$day}T110000\r\nDTEND:{$day}T123000\r\nSUMMARY:Ilse\\, course\r\nRRULE:FREQ=WEEKLY;COUNT=3\r\nEND:VEVENT\r\n"
            . "BEGIN:VEVENT\r\nUID:b2\r\nDTSTART:{$day}T153000\r\nDURATION:PT15M\r\nSUMMARY:Hand over 24\r\n 66\r\nEND:VEVENT\r\n"
            . "BEGIN:VEVENT\r\nUID:c3\r\nDTSTART;VALUE=DATE:{$day}\r\nSUMMARY:Bin day\r\nEND:VEVENT\r\n"
            . "BEGIN:VEVENT\r\nUID:d4\r\nDTSTART:20200101T080000Z\r\nDTEND:20200101T090000Z\r\nSUMMARY:Bram long ago\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $look = fn(string $text): TestResponse => $this->call('POST', '/api/day/calendar', [], [], [], ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'], $text);
        $entries = $look($ics)->assertOk()->json('entries');
        self::assertSame([null, 'absence', 'absence', 'absence', 'promise'], $this->sorted(array_column($entries, 'kind')));
        $ilse = $this->person('Ilse Corrant')->id;
        $known = array_values(array_filter($entries, static fn(array $one): bool => $one['kind'] !== null));
        $wanted = array_map(static fn(array $one): array => array_intersect_key($one, array_flip(['kind', 'subject', 'from', 'to', 'source'])), $known);
        foreach ([1, 2] as $_) {
            $this->postJson('/api/day/calendar/take', ['id' => (string) Str::uuid7(), 'version' => 0, 'entries' => $wanted])->assertOk()->assertJsonPath('taken', 4);
            self::assertSame(3, DB::table('absences')->where('user_id', $ilse)->count());
        }
        self::assertSame("{$date}T11:00", DB::table('absences')->where('user_id', $ilse)->orderBy('from_hour')->value('from_hour'));
        self::assertSame(930, $this->car($this->plan(), '2466')['promised']);
        // A table, in two ways of writing a day; a day alone is meant whole.
        $table = "Name;From;To;Why\nBram Tolley;{$date} 13:00;{$date} 14:00;Dentist\nTolly Brask;31.12.2099;;New Year\n";
        self::assertSame([['absence', "{$date}T13:00", "{$date}T14:00"], ['absence', '2099-12-31T00:00', '2100-01-01T00:00']], array_map(static fn(array $one): array => [$one['kind'], $one['from'], $one['to']], $look($table)->assertOk()->json('entries')));
        self::assertSame([['promise', $this->order('2471')]], array_map(static fn(array $one): array => [$one['kind'], $one['subject']], $look("order,promised\n2471,{$date} 16:00\n")->assertOk()->json('entries')));
        $look("Name,From\nBram,soon\n")->assertStatus(422)->assertSee('is no time');
        $look("a,b\n1,2\n")->assertStatus(422)->assertSee('no column');
        $look("BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nnonsense")->assertStatus(422)->assertSee('no calendar');
        // Somebody else's ids are nobody's here.
        $this->postJson('/api/day/calendar/take', ['id' => (string) Str::uuid7(), 'version' => 0, 'entries' => [['kind' => 'absence', 'subject' => (string) Str::uuid7(), 'from' => $this->hour('10:00'), 'to' => $this->hour('11:00')]]])->assertStatus(422)->assertJsonPath('path', '/entries/0/subject');
    }

    public function testAFeedIsReadByWhoeverHasItsAddressUntilItIsTakenAway(): void
    {
        $this->plan();
        $bay = DB::table('bays')->where('name', 'Long hall')->value('id');
        $given = $this->postJson('/api/day/feeds', ['id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'bay', 'subject' => $bay, 'reader' => 'The screen in the hall', 'days' => 30])->assertOk()->json();
        $this->app->make('auth')->forgetGuards();
        $feed = $this->get($given['address'])->assertOk();
        self::assertSame('text/calendar; charset=utf-8', $feed->headers->get('Content-Type'));
        $text = (string) $feed->getContent();
        self::assertStringStartsWith("BEGIN:VCALENDAR\r\n", $text);
        self::assertStringContainsString('SUMMARY:2471 Quillon Sable', $text);
        self::assertStringContainsString('LOCATION:Long hall', $text);
        self::assertStringNotContainsString('2468', $text);
        foreach (explode("\r\n", $text) as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
        }
        // An entry keeps its name when it moves, so that a calendar moves it too.
        preg_match_all('/^UID:(.+)\r$/m', $text, $before);
        self::assertSame(count($before[1]), count(array_unique($before[1])));
        $this->actingAs($this->person('Oda Merrin'))->postJson("/api/day/feeds/{$given['feeds'][0]['id']}/revoke", ['id' => (string) Str::uuid7(), 'version' => 0])->assertOk()->assertJsonPath('feeds.0.works', false)->assertJsonPath('feeds.0.reads', 1);
        $this->get($given['address'])->assertStatus(404);
        $this->get('/read/' . str_repeat('x', 43) . '/day.ics')->assertStatus(404);
        $this->postJson('/api/day/feeds', ['id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'bay', 'subject' => (string) Str::uuid7(), 'reader' => 'Nobody', 'days' => 30])->assertStatus(422)->assertJsonPath('path', '/subject');
    }

    public function testSendingACarOutIsComparedByTheShopsOwnFigures(): void
    {
        $this->plan();
        $found = $this->getJson('/api/day/outside/' . $this->order('2474'))->assertOk()->json();
        // The fee, and somebody's way there and back: 240 and 50 minutes at 68 an hour.
        self::assertEqualsWithDelta(240 + 50 / 60 * 68, $found['out']['cost'], 0.01);
        self::assertGreaterThan(100.0, $found['in']['cost']);
        self::assertLessThanOrEqual($found['in']['late'], $found['out']['late']);
        $this->getJson('/api/day/outside/' . $this->order('2463'))->assertStatus(409)->assertJsonPath('code', 'not-planned');
        DB::table('day_rules')->delete();
        $this->getJson('/api/day/outside/' . $this->order('2474'))->assertStatus(409)->assertJsonPath('code', 'no-outside');
    }

    public function testOfManyOrdersTheMostUrgentArePlanned(): void
    {
        $sheet = DB::table('repair_orders')->where('number', '2466')->value('vehicle_sheet_id');
        for ($i = 0; $i < 30; $i++) {
            $this->postJson('/api/repair-orders', ['id' => (string) Str::uuid7(), 'version' => 0, 'vehicle' => 'Quillon Sable', 'plate' => "CL $i Z", 'number' => (string) (3_000 + $i), 'sheet' => $sheet, 'operations' => ['rear-cover-removed']])->assertOk();
        }
        $this->detail('3029', 'promised', $this->hour('16:00'));
        $plan = $this->plan();
        self::assertSame([36, 4], [$plan['orders'], $plan['beyond']]);
        $numbers = array_column($plan['cars'], 'number');
        self::assertCount(32, $numbers);
        // The last one in is promised, and somebody is at another.
        self::assertSame([], array_diff(['3029', '2466', '2468', '2470', '2471', '2474'], $numbers));
        self::assertNotContains('3028', $numbers);
    }

    public function testARealShopsClockCannotBeSet(): void
    {
        $this->postJson('/api/day/clock', ['id' => (string) Str::uuid7(), 'version' => 0, 'at' => $this->hour('12:34')])->assertOk()->assertJsonPath('now', $this->hour('12:34'));
        $this->postJson('/api/day/clock', ['id' => (string) Str::uuid7(), 'version' => 0])->assertOk()->assertJsonPath('clock.isSet', false);
        Shop::query()->update(['practice' => false]);
        $this->postJson('/api/day/clock', ['id' => (string) Str::uuid7(), 'version' => 0, 'at' => $this->hour('12:34')])->assertStatus(409);
    }

    public function testAShopWithoutOrdersHasAnEmptyDayAndSeesNothingOfAnother(): void
    {
        $shop = Shop::query()->create(['name' => 'Elsewhere']);
        $stranger = User::query()->create(['shop_id' => $shop->id, 'name' => 'Stranger', 'email' => 'stranger@elsewhere.example', 'role' => 'lead', 'password' => 'far-away-and-long']);
        $stage = $this->slot($this->plan(), '2466', 'pre-scan')['stage'];
        $this->actingAs($stranger);
        $plan = $this->plan();
        self::assertSame([0, [], []], [$plan['orders'], $plan['cars'], $plan['slots']]);
        $this->postJson('/api/day/pins', ['id' => (string) Str::uuid7(), 'version' => 0, 'stage' => $stage, 'person' => $stranger->id])->assertStatus(422)->assertJsonPath('path', '/stage');
        self::assertSame(0, DB::table('day_pins')->count());
        self::assertStringNotContainsString('Copper', (string) $this->getJson('/api/day/rules')->assertOk()->getContent());
        $this->getJson('/api/day/estimates')->assertOk()->assertJsonPath('jobs', 0);
    }

    /** @return array<string, mixed> the plan, once it is known where the cars fit */
    private function plan(): array
    {
        for ($i = 0; $i < 20; $i++) {
            $plan = $this->getJson('/api/day')->assertOk()->json();
            if ($plan['searching'] === null) {
                return $plan;
            }
        }
        self::fail('Rooms are searched without an end.');
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed>
     */
    private function slot(array $plan, string $number, string $kind): array
    {
        return array_values(array_filter($plan['slots'], fn(array $slot): bool => $slot['car'] === $this->order($number) && $slot['kind'] === $kind))[0];
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed>
     */
    private function car(array $plan, string $number): array
    {
        return array_values(array_filter($plan['cars'], static fn(array $car): bool => $car['number'] === $number))[0];
    }

    /** An hour of the demo's day. */
    private function hour(string $hour): string
    {
        return ShopClock::of($this->person()->shop_id)->date() . "T$hour";
    }

    private function detail(string $number, string $field, string $value): void
    {
        $this->postJson('/api/lines', ['order' => $this->order($number), 'id' => (string) Str::uuid7(), 'version' => DB::table('order_events')->where('repair_order_id', $this->order($number))->max('version'), 'kind' => 'detail', 'payload' => ['field' => $field, 'value' => $value]])->assertOk();
    }

    /**
     * @param list<string|null> $list
     *
     * @return list<string|null>
     */
    private function sorted(array $list): array
    {
        sort($list);

        return $list;
    }
}
