<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Routing\Route as Address;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Lumbro\Core\Commands\Kinds;

/** Who may sign in and do what, and that nobody reaches another shop. */
final class PeopleTest extends FeatureCase
{
    /** Writes anybody may send: their own session. */
    private const OWN = ['api/chores/{chore}', 'api/set-up', 'api/session', 'api/session/password', 'api/session/elsewhere', 'api/session/turns', 'api/session/pad', 'api/session/second', 'api/session/second/confirm', 'api/session/second/end', 'api/session/pin', 'api/session/list/{session}/end'];

    /**
     * @param array<string, mixed> $body
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function change(string $who, array $body, string $by = 'Oda Merrin'): TestResponse
    {
        return $this->actingAs($this->person($by))->postJson("/api/people/{$this->person($who)->id}", ['id' => (string) Str::uuid7(), 'version' => 0, ...$body]);
    }

    public function testAReaderReadsAllAndWritesNothing(): void
    {
        $reader = $this->person('Jory Wend');
        foreach (['repair-orders', "repair-orders/{$this->order('2463')}", "repair-orders/{$this->order('2463')}/report/insurer", "tasks/{$this->task()}", 'cards', 'kit', 'people', 'archives', 'history/car?plate=cl1902s'] as $path) {
            $this->actingAs($reader)->getJson("/api/$path")->assertOk();
        }
        $tried = 0;
        foreach ($this->addresses() as $address) {
            if ($address->methods()[0] === 'GET' || in_array($address->uri(), self::OWN, true)) {
                continue;
            }
            $this->actingAs($reader)->json($address->methods()[0], '/' . $this->filled($address), ['id' => (string) Str::uuid7(), 'version' => 0])->assertStatus(403);
            $tried++;
        }
        self::assertGreaterThan(25, $tried);
    }

    public function testTheOfficeOpensAndSharesButWorksOnNoCar(): void
    {
        $this->actingAs($this->person('Fenna Ostrel'));
        foreach (['reading' => ['call' => 'split', 'typed' => '0'], 'asked' => ['command' => 'read'], 'seal' => [], 'release' => ['name' => 'Fenna', 'reason' => 'because it is late']] as $what => $body) {
            $this->write($what, $body, '2471', 'Fenna Ostrel')->assertStatus(403)->assertJsonPath('code', 'forbidden');
        }
        $this->postJson('/api/lines', ['order' => $this->order('2466'), 'id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'detail', 'payload' => ['field' => 'note', 'value' => 'Rings at four.'], 'confirmed' => true])->assertOk();
    }

    public function testNobodyWritesALineOfAnyKindToAnotherShop(): void
    {
        $shop = Shop::query()->create(['name' => 'Elsewhere']);
        $stranger = User::query()->create(['shop_id' => $shop->id, 'name' => 'Stranger', 'email' => 'stranger@elsewhere.example', 'role' => 'lead', 'password' => 'far-away-and-long']);
        foreach ([...Kinds::names(Kinds::TASK), ...Kinds::names(Kinds::ORDER)] as $kind) {
            foreach (['task' => $this->task('2471'), 'order' => $this->order('2471')] as $of => $id) {
                $answer = $this->actingAs($stranger)->postJson('/api/lines', ['id' => (string) Str::uuid7(), 'version' => 0, $of => $id, 'kind' => $kind, 'payload' => (object) []]);
                self::assertContains($answer->status(), [404, 422], $kind);
                self::assertTrue($answer->status() === 404 || $answer->json('path') === '/kind', $kind);
            }
        }
    }

    public function testNobodyReachesAnotherShopByAnyAddress(): void
    {
        $shop = Shop::query()->create(['name' => 'Elsewhere']);
        $stranger = User::query()->create(['shop_id' => $shop->id, 'name' => 'Stranger', 'email' => 'stranger@elsewhere.example', 'role' => 'lead', 'password' => 'far-away-and-long']);
        $count = static fn(): array => array_map(static fn(string $table): int => DB::table($table)->count(), ['readings', 'record_events', 'order_events', 'sealed_records', 'reader_links', 'users', 'photos', 'tracks']);
        $before = $count();
        $state = DB::table('users')->orderBy('id')->get(['role', 'active', 'password'])->all();
        $tried = 0;
        foreach ($this->addresses() as $address) {
            if (! str_contains($address->uri(), '{')) {
                continue;
            }
            $answer = $this->actingAs($stranger)->json($address->methods()[0], '/' . $this->filled($address), [
                'id' => (string) Str::uuid7(), 'version' => 0, ...$this->plausible($address->uri()),
            ]);
            // A register's own file names nobody else's: theirs is empty.
            self::assertContains($answer->getStatusCode(), str_starts_with($address->uri(), 'api/registers') ? [200, 404, 422] : [404, 422], $address->methods()[0] . ' ' . $address->uri() . ': ' . mb_substr((string) $answer->getContent(), 0, 200));
            foreach (['Quillon', 'Copper Lane', 'CL 1902'] as $part) {
                self::assertStringNotContainsString($part, (string) $answer->getContent(), $address->uri());
            }
            $tried++;
        }
        self::assertGreaterThan(38, $tried);
        self::assertSame($before, $count());
        self::assertEquals($state, DB::table('users')->orderBy('id')->get(['role', 'active', 'password'])->all());
        foreach (['history/car?plate=CL+1902+S', 'history/car?vin=0CLSABL27R0002463'] as $path) {
            $this->getJson("/api/$path")->assertOk()->assertJsonCount(0, 'orders');
        }
        $this->getJson('/api/history/sensor?serial=CLR-2463-012')->assertOk()->assertJsonCount(0, 'tasks');
        $this->getJson('/api/repair-orders?all=1&search=quillon')->assertOk()->assertJsonCount(0, 'orders');
    }

    public function testALeadLetsInChangesRolesAndShutsOut(): void
    {
        $body = ['id' => (string) Str::uuid7(), 'version' => 0, 'name' => 'Nell Varga', 'email' => 'Nell@copperlane.example', 'role' => 'technician'];
        $this->actingAs($this->person())->postJson('/api/people', $body)->assertStatus(403);
        $password = $this->actingAs($this->person('Oda Merrin'))->postJson('/api/people', $body)->assertOk()->json('password');
        self::assertIsString($password);
        $this->postJson('/api/people', ['id' => (string) Str::uuid7()] + $body)->assertStatus(422)->assertJsonPath('path', '/email');
        $this->postJson('/api/people', ['id' => (string) Str::uuid7(), 'email' => 'no address'] + $body)->assertStatus(422)->assertJsonPath('path', '/email');
        $this->getJson('/api/people')->assertOk()->assertJsonPath('password', null);
        $signIn = fn(string $with): TestResponse => $this->postJson('/api/session', ['email' => 'nell@copperlane.example', 'password' => $with]);
        $signIn($password)->assertOk()->assertJsonPath('role', 'technician');
        $this->change('Nell Varga', ['role' => 'office'])->assertOk();
        self::assertSame('office', $this->person('Nell Varga')->role);
        $again = $this->change('Nell Varga', ['newPassword' => true])->assertOk()->json('password');
        self::assertIsString($again);
        $signIn($password)->assertStatus(422);
        $this->change('Nell Varga', ['active' => false])->assertOk();
        $signIn($again)->assertStatus(422);
        $this->actingAs($this->person('Nell Varga'))->getJson('/api/repair-orders')->assertStatus(401);
        $this->change('Oda Merrin', ['role' => 'reader'])->assertStatus(409)->assertJsonPath('code', 'last-lead');
        self::assertSame('lead', $this->person('Oda Merrin')->role);
    }

    public function testAPasswordIsChangedKnowingTheOldOneAndEndsOtherSessions(): void
    {
        $person = $this->person();
        $other = static fn(): bool => DB::table('sessions')->insert(['id' => Str::random(40), 'user_id' => $person->id, 'payload' => '', 'last_activity' => time()]);
        $other();
        $send = fn(string $old, string $new): TestResponse => $this->actingAs($person)->postJson('/api/session/password', ['old' => $old, 'new' => $new]);
        $send('wrong', 'four-new-words-here')->assertStatus(422)->assertJsonPath('path', '/old');
        $send('plumb-and-line', 'short')->assertStatus(422)->assertJsonPath('path', '/new');
        $send('plumb-and-line', str_repeat('ü', 40))->assertStatus(422)->assertJsonPath('path', '/new');
        self::assertGreaterThanOrEqual(1, DB::table('sessions')->where('user_id', $person->id)->where('payload', '')->count());
        $send('plumb-and-line', 'four-new-words-here')->assertNoContent();
        self::assertTrue(Hash::check('four-new-words-here', (string) DB::table('users')->where('id', $person->id)->value('password')));
        self::assertSame(0, DB::table('sessions')->where('user_id', $person->id)->where('payload', '')->count());
        $other();
        $other();
        $this->actingAs($person)->postJson('/api/session/elsewhere')->assertOk();
        self::assertSame(0, DB::table('sessions')->where('user_id', $person->id)->where('payload', '')->count());
        for ($i = 0; $i < 10; $i++) {
            $send("guess $i", 'four-new-words-here');
        }
        $send('four-new-words-here', 'another-four-new-words')->assertStatus(429);
    }

    public function testACarAndASensorHaveAHistory(): void
    {
        $serial = DB::table('sensor_tasks')->where('id', $this->task('2463'))->value('serial');
        self::assertIsString($serial);
        $this->actingAs($this->person());
        foreach (['plate=cl1902s', 'plate=CL+1902+S', 'vin=0clsabl27r0002463', 'plate=cl1902s&vin=0CLSABL27R0002463'] as $query) {
            $this->getJson("/api/history/car?$query")->assertOk()->assertJsonCount(1, 'orders')->assertJsonPath('orders.0.number', '2463')->assertJsonPath('car.vin', '0CLSABL27R0002463');
        }
        $this->getJson('/api/history/car?plate=nobody')->assertOk()->assertJsonCount(0, 'orders');
        $this->getJson('/api/history/car')->assertStatus(422)->assertJsonPath('path', '/plate');
        $past = $this->getJson('/api/history/sensor?serial=' . urlencode($serial))->assertOk()->assertJsonCount(1, 'tasks')->assertJsonPath('tasks.0.outcome.verdict', 'holds')->assertJsonPath('tasks.0.zeros', []);
        self::assertIsFloat($past->json('tasks.0.outcome.azimuth'));
        $this->getJson('/api/repair-orders?all=1&search=' . urlencode(strtolower($serial)))->assertOk()->assertJsonCount(1, 'orders');
        foreach (['24', 'cl', '2463 qu', 'brink'] as $search) {
            self::assertNotSame([], $this->getJson('/api/repair-orders?all=1&search=' . urlencode($search))->assertOk()->json('orders'), $search);
        }
        foreach (['%', '_', 'zzz', '\\'] as $search) {
            $this->getJson('/api/repair-orders?all=1&search=' . urlencode($search))->assertOk()->assertJsonCount(0, 'orders');
        }
    }

    /** @return list<Address> */
    private function addresses(): array
    {
        return array_values(array_filter(Route::getRoutes()->getRoutes(), static fn(Address $address): bool => str_starts_with($address->uri(), 'api/') && $address->uri() !== 'api/csrf'));
    }

    /** An address with ids of the demo shop in it. */
    private function filled(Address $address): string
    {
        $order = $this->order('2463');
        $known = [
            '{order}' => $order, '{task}' => $this->task('2463'), '{kind}' => 'insurer', '{chore}' => (string) Str::uuid7(), '{number}' => '1', '{link}' => (string) Str::uuid7(), '{absence}' => (string) Str::uuid7(), '{feed}' => (string) Str::uuid7(), '{photo}' => (string) Str::uuid7(),
            '{import}' => (string) Str::uuid7(), '{archive}' => (string) Str::uuid7(), '{hash}' => str_repeat('a', 64), '{run}' => (string) Str::uuid7(), '{session}' => str_repeat('a', 24), '{car}' => (string) Str::uuid7(), '{form}' => 'json', '{call}' => 'split', '{cause}' => 'bracket', '{place}' => 'papers',
            '{card}' => (string) DB::table('procedure_cards')->where('shop_id', $this->person()->shop_id)->value('id'), '{other}' => (string) DB::table('procedure_cards')->where('shop_id', $this->person()->shop_id)->value('id'),
            '{bay}' => (string) DB::table('bays')->where('shop_id', $this->person()->shop_id)->value('id'), '{person}' => $this->person('Bram Tolley')->id,
            '{family}' => (string) DB::table('vehicle_sheets')->where('shop_id', $this->person()->shop_id)->value('family'), '{register}' => 'vehicles', '{sensor}' => 'front',
            '{item}' => (string) DB::table('kit_items')->where('shop_id', $this->person()->shop_id)->value('id'),
        ];
        $filled = strtr($address->uri(), $known);
        self::assertStringNotContainsString('{', $filled, 'an address with a part this test does not know');

        return $filled;
    }

    /** @return array<string, mixed> a body that would do something */
    private function plausible(string $uri): array
    {
        return match (true) {
            str_ends_with($uri, 'links') => ['kind' => 'shop', 'reader' => 'Stranger', 'days' => 3],
            str_ends_with($uri, '{person}') => ['role' => 'reader', 'active' => false],
            default => [],
        };
    }
}
