<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\ShopLog;
use App\People\Totp;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** What keeps an account its person's: own passwords, a second factor, PINs, sessions that end, and a log of all of it. */
final class AccountTest extends FeatureCase
{
    private const ODA = ['email' => 'oda@copperlane.example', 'password' => 'chalk-and-brass'];

    /** @return iterable<string, array{int, string}> moment and code of RFC 6238, appendix B (SHA-1), the last six digits */
    public static function vectors(): iterable
    {
        foreach ([59 => '287082', 1111111109 => '081804', 1111111111 => '050471', 1234567890 => '005924', 2000000000 => '279037', 20000000000 => '353130'] as $at => $code) {
            yield (string) $at => [$at, $code];
        }
    }

    #[DataProvider('vectors')]
    public function testCodesAreThoseOfTheStandard(int $at, string $code): void
    {
        // "12345678901234567890" in base32.
        $secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
        self::assertSame($code, Totp::code($secret, intdiv($at, 30)));
        self::assertSame(intdiv($at, 30), Totp::step($secret, $code, $at + 29, 0));
        self::assertNull(Totp::step($secret, $code, $at + 90, 0), 'too late');
        self::assertNull(Totp::step($secret, $code, $at, intdiv($at, 30)), 'used');
    }

    public function testAMadeUpPasswordIsGoodForOneThing(): void
    {
        $added = $this->actingAs($this->person('Oda Merrin'))->postJson('/api/people', ['id' => (string) Str::uuid7(), 'version' => 0, 'name' => 'Wen Harrow', 'email' => 'wen@copperlane.example', 'role' => 'technician'])->assertOk();
        $this->signedOut();
        $password = (string) $added->json('password');
        $this->postJson('/api/session', ['email' => 'wen@copperlane.example', 'password' => $password])->assertOk()->assertJsonPath('due', 'password');
        foreach (['/api/repair-orders', '/api/people', '/api/day', '/api/ping', "/api/tasks/{$this->task()}"] as $path) {
            $status = $this->getJson($path)->status();
            self::assertContains($status, [403, 404], $path);
        }
        $this->getJson('/api/repair-orders')->assertStatus(403);
        $this->postJson('/api/session/password', ['old' => $password, 'new' => 'ladder-in-the-rain'])->assertNoContent();
        $this->getJson('/api/session')->assertOk()->assertJsonPath('due', null);
        $this->getJson('/api/repair-orders')->assertOk();
    }

    public function testWhatIsStillUnderWayInASessionThatEndedDoesNotBringItBack(): void
    {
        $this->withCredentials();
        $cookie = (string) $this->postJson('/api/session', self::ODA)->assertOk()->getCookie('lumbro_session')?->getValue();
        $asked = function (string $path) use ($cookie): TestResponse {
            // Each request is a process of its own.
            $this->app->make('auth')->forgetGuards();
            $this->app->make('session')->forgetDrivers();
            $this->app->forgetInstance('session.store');

            return $this->withCookie('lumbro_session', $cookie)->getJson($path);
        };
        $asked('/api/repair-orders')->assertOk();
        // A request of it is under way: it has read its session and will write it when it is done.
        $underWay = $this->app->make('session')->driver('database')->getHandler();
        $held = $underWay->read($cookie);
        self::assertNotSame('', $held);
        DB::table('sessions')->where('id', $cookie)->delete();
        $asked('/api/repair-orders')->assertStatus(401);
        self::assertSame(0, DB::table('sessions')->count(), 'a refusal begins none');
        $asked('/api/csrf')->assertNoContent();
        $underWay->write($cookie, $held);
        $asked('/api/repair-orders')->assertStatus(401);
    }

    public function testASecondFactorIsAskedForAndEachCodeIsGoodOnce(): void
    {
        [$secret, $codes] = $this->withSecond();
        $this->signedOut();
        $this->postJson('/api/session', self::ODA)->assertStatus(422)->assertJsonPath('path', '/code');
        $this->postJson('/api/session', [...self::ODA, 'code' => '000000'])->assertStatus(422)->assertJsonPath('path', '/code');
        $this->postJson('/api/session', ['email' => self::ODA['email'], 'password' => 'no', 'code' => '000000'])->assertStatus(422)->assertJsonPath('path', '/password');
        $now = intdiv(time(), 30);
        $code = Totp::code($secret, $now + 1);
        $this->postJson('/api/session', [...self::ODA, 'code' => substr($code, 0, 3) . ' ' . substr($code, 3)])->assertOk();
        $this->signedOut();
        $this->postJson('/api/session', [...self::ODA, 'code' => $code])->assertStatus(422);
        // The telephone is gone: each code on the paper is good once.
        self::assertCount(10, array_unique($codes));
        $this->postJson('/api/session', [...self::ODA, 'code' => strtoupper($codes[3])])->assertOk();
        $this->getJson('/api/session/account')->assertOk()->assertJsonPath('second', true)->assertJsonPath('codesLeft', 9);
        $this->signedOut();
        $this->postJson('/api/session', [...self::ODA, 'code' => $codes[3]])->assertStatus(422);
        self::assertStringNotContainsString($secret, (string) DB::table('users')->where('email', self::ODA['email'])->value('second_secret'), 'it is kept encrypted');
    }

    public function testGuessesAtTheCodeAreCounted(): void
    {
        $this->withSecond();
        $this->signedOut();
        $status = [];
        for ($i = 0; $i < 14; $i++) {
            $status[] = $this->postJson('/api/session', [...self::ODA, 'code' => str_pad((string) $i, 6, '0', STR_PAD_LEFT)])->status();
        }
        self::assertContains(429, $status);
        self::assertNotContains(200, $status);
    }

    public function testAShopMayAskItsLeadsForOne(): void
    {
        $this->postJson('/api/session', self::ODA)->assertOk();
        $rule = fn(bool $wanted) => $this->postJson('/api/people/rule', ['id' => (string) Str::uuid7(), 'version' => 0, 'leadsNeedSecond' => $wanted]);
        $rule(true)->assertStatus(422)->assertJsonPath('path', '/leadsNeedSecond');
        $this->withSecond();
        $rule(true)->assertOk()->assertJsonPath('leadsNeedSecond', true);
        DB::table('users')->where('name', 'Bram Tolley')->update(['role' => 'lead']);
        $this->signedOut();
        $this->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => 'plumb-and-line'])->assertOk()->assertJsonPath('due', 'second');
        $this->getJson('/api/repair-orders')->assertStatus(403);
        $this->withSecond('plumb-and-line');
        $this->getJson('/api/repair-orders')->assertOk();
        // Nobody else is asked.
        $this->signedOut();
        $this->postJson('/api/session', ['email' => 'ilse@copperlane.example', 'password' => 'plumb-and-line'])->assertOk()->assertJsonPath('due', null);
    }

    public function testALeadTakesALostSecondFactorAwayAndTheMachineLetsTheOnlyLeadIn(): void
    {
        $this->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => 'plumb-and-line'])->assertOk();
        $this->withSecond('plumb-and-line');
        $this->signedOut();
        $this->postJson('/api/session', self::ODA)->assertOk();
        $this->postJson("/api/people/{$this->person('Bram Tolley')->id}", ['id' => (string) Str::uuid7(), 'version' => 0, 'secondFactor' => false])->assertOk();
        $this->withSecond();
        $this->signedOut();
        $this->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => 'plumb-and-line'])->assertOk();
        $this->signedOut();
        self::assertSame(0, Artisan::call('lumbro:let-in', ['email' => 'oda@copperlane.example']));
        preg_match('/^ {4}(\S+)$/m', Artisan::output(), $password);
        $this->postJson('/api/session', ['email' => 'oda@copperlane.example', 'password' => $password[1] ?? ''])->assertOk()->assertJsonPath('due', 'password');
        self::assertSame(2, Artisan::call('lumbro:let-in', ['email' => 'nobody@copperlane.example']));
    }

    public function testPeopleTakeTurnsAtOneTabletByPin(): void
    {
        $bram = ['email' => 'bram@copperlane.example', 'password' => 'plumb-and-line'];
        $signedIn = $this->postJson('/api/session', $bram)->assertOk();
        foreach (['12345' => 'pin.common', '99999' => 'pin.common', '1234' => 'pin.digits', '54321' => 'pin.common', '12a45' => 'pin.digits', '11221' => 'pin.common'] as $pin => $code) {
            self::assertStringContainsString($code, (string) $this->postJson('/api/session/pin', ['password' => $bram['password'], 'pin' => (string) $pin])->assertStatus(422)->baseResponse->getContent());
        }
        $this->postJson('/api/session/pin', ['password' => 'no', 'pin' => '70413'])->assertStatus(422)->assertJsonPath('path', '/password');
        $this->postJson('/api/session/pin', ['password' => $bram['password'], 'pin' => '70413'])->assertOk()->assertJsonPath('pin', true);
        $this->signedOut();
        // A device that nobody has used knows nobody.
        $id = $this->person('Bram Tolley')->id;
        $this->getJson('/api/session/turns')->assertOk()->assertExactJson(['people' => []]);
        $this->postJson('/api/session/turns', ['person' => $id, 'pin' => '70413'])->assertStatus(422);
        $this->withCredentials()->withCookie('lumbro_device', (string) $signedIn->getCookie('lumbro_device')?->getValue());
        $this->getJson('/api/session/turns')->assertOk()->assertExactJson(['people' => [['id' => $id, 'name' => 'Bram Tolley']]]);
        $this->postJson('/api/session/turns', ['person' => $id, 'pin' => '70413'])->assertOk()->assertJsonPath('name', 'Bram Tolley');
        $this->signedOut();
        $this->postJson('/api/session/turns', ['person' => $this->person('Oda Merrin')->id, 'pin' => '70413'])->assertStatus(422);
        // A few wrong ones, and only the password helps.
        for ($i = 0; $i < 5; $i++) {
            $this->postJson('/api/session/turns', ['person' => $id, 'pin' => "6666$i"])->assertStatus(422);
        }
        $this->postJson('/api/session/turns', ['person' => $id, 'pin' => '70413'])->assertStatus(422);
        $this->getJson('/api/session/turns')->assertExactJson(['people' => []]);
        $this->postJson('/api/session', $bram)->assertOk();
        $this->signedOut();
        $this->postJson('/api/session/turns', ['person' => $id, 'pin' => '70413'])->assertOk();
        $this->signedOut();
        $this->travel(31)->days();
        $this->travelBack();
        // Somebody who was shut out has no PIN here.
        DB::table('users')->where('id', $id)->update(['active' => false]);
        $this->postJson('/api/session/turns', ['person' => $id, 'pin' => '70413'])->assertStatus(422);
    }

    public function testASessionEndsAfterADayWhateverIsDone(): void
    {
        $this->postJson('/api/session', self::ODA)->assertOk();
        $this->getJson('/api/session')->assertOk();
        $this->withSession(['began' => time() - 16 * 3600 - 1])->getJson('/api/session')->assertStatus(401)->assertJsonPath('code', 'signed-out');
        $this->getJson('/api/session')->assertStatus(401);
    }

    public function testOnesSessionsAreListedAndEnded(): void
    {
        $user = $this->person('Oda Merrin');
        foreach (['one', 'two'] as $id) {
            DB::table('sessions')->insert(['id' => "$id-session", 'user_id' => $user->id, 'ip_address' => '192.168.1.20', 'user_agent' => 'A tablet', 'payload' => '', 'last_activity' => time() - 60]);
        }
        DB::table('sessions')->insert(['id' => 'another', 'user_id' => $this->person()->id, 'ip_address' => '', 'user_agent' => '', 'payload' => '', 'last_activity' => time()]);
        $listed = (array) $this->actingAs($user)->getJson('/api/session/account')->assertOk()->json('sessions');
        self::assertGreaterThanOrEqual(2, count($listed));
        self::assertStringNotContainsString('one-session', (string) json_encode($listed), 'what is listed cannot be used');
        $name = array_values(array_filter($listed, static fn(array $one): bool => $one['address'] === '192.168.1.20'))[0]['id'];
        $this->postJson("/api/session/list/$name/end", [])->assertOk();
        $this->postJson("/api/session/list/$name/end", [])->assertStatus(404);
        $this->postJson('/api/session/list/' . substr(hash('sha256', 'another'), 0, 24) . '/end', [])->assertStatus(404);
        self::assertSame(1, DB::table('sessions')->where('user_id', $user->id)->where('ip_address', '192.168.1.20')->count());
        self::assertSame(1, DB::table('sessions')->where('id', 'another')->count());
    }

    public function testLeadsReadWhoCameInAndWhoChangedWhat(): void
    {
        $this->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => 'no'])->assertStatus(422);
        $this->postJson('/api/session', self::ODA)->assertOk();
        $this->postJson("/api/people/{$this->person('Tolly Brask')->id}", ['id' => (string) Str::uuid7(), 'version' => 0, 'role' => 'office'])->assertOk();
        $link = $this->postJson("/api/repair-orders/{$this->order('2463')}/links", ['id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'insurer', 'reader' => 'An insurer', 'days' => 7])->assertOk();
        $this->postJson("/api/repair-orders/{$this->order('2463')}/links/{$link->json('links.0.id')}/revoke", ['id' => (string) Str::uuid7(), 'version' => 0])->assertOk();
        $said = array_column((array) $this->getJson('/api/shop-log')->assertOk()->json('lines'), 'says');
        self::assertSame(['Oda Merrin ended the link of An insurer.', 'Oda Merrin gave a link to An insurer.', 'Oda Merrin changed a role. Tolly Brask: office', 'Oda Merrin signed in.', 'A sign-in as Bram Tolley was refused.'], array_slice($said, 0, 5));
        for ($i = 0; $i < 60; $i++) {
            ShopLog::note(ShopLog::SIGNED_IN, $this->person());
        }
        $first = $this->getJson('/api/shop-log')->assertOk();
        self::assertCount(50, (array) $first->json('lines'));
        $second = $this->getJson('/api/shop-log?after=' . urlencode((string) $first->json('next')))->assertOk();
        self::assertSame([], array_intersect(array_column((array) $first->json('lines'), 'id'), array_column((array) $second->json('lines'), 'id')));
        foreach (['Ilse Corrant', 'Fenna Ostrel', 'Jory Wend'] as $name) {
            $this->actingAs($this->person($name))->getJson('/api/shop-log')->assertStatus(403);
            $this->actingAs($this->person($name))->getJson('/api/installation')->assertStatus(403);
        }
    }

    public function testTheStateOfTheInstallationIsSaid(): void
    {
        $this->actingAs($this->person('Oda Merrin'));
        $file = getenv('LUMBRO_SCRATCH') . '/backup-state';
        config(['lumbro.backup-state' => $file]);
        DB::table('shops')->update(['practice' => false]);
        $backup = function (?string $said) use ($file): array {
            @unlink($file);
            $said === null || file_put_contents($file, $said);

            return array_values(array_filter((array) $this->getJson('/api/installation')->assertOk()->json('checks'), static fn(array $check): bool => $check['id'] === 'backup'))[0];
        };
        self::assertSame(['none', false], array_slice(array_values(array_intersect_key($backup(null), ['state' => 1, 'isWell' => 1])), 0, 2));
        self::assertSame('ok', $backup('proven ' . gmdate('Y-m-d\TH:i:s\Z', time() - 3600) . "\nlast proven\n")['state']);
        self::assertSame('old', $backup('proven ' . gmdate('Y-m-d\TH:i:s\Z', time() - 40 * 3600) . "\nlast proven\n")['state']);
        self::assertSame('failed', $backup('proven ' . gmdate('Y-m-d\TH:i:s\Z', time() - 3600) . "\nlast failed\n")['state']);
        self::assertStringContainsString('The last backup failed. The log', (string) $backup("proven \nlast failed\n")['says']);
    }

    /** @return array{string, list<string>} the secret of the person who is signed in, and the recovery codes */
    private function withSecond(string $password = 'chalk-and-brass'): array
    {
        if ($this->app['auth']->user() === null) {
            $this->postJson('/api/session', self::ODA)->assertOk();
        }
        $this->postJson('/api/session/second', ['password' => 'no'])->assertStatus(422)->assertJsonPath('path', '/password');
        $begun = $this->postJson('/api/session/second', ['password' => $password])->assertOk();
        self::assertStringContainsString('<svg', (string) $begun->json('qr'));
        $secret = str_replace(' ', '', (string) $begun->json('secret'));
        $this->postJson('/api/session/second/confirm', ['code' => '12345'])->assertStatus(422)->assertJsonPath('path', '/code');
        $codes = (array) $this->postJson('/api/session/second/confirm', ['code' => Totp::code($secret, intdiv(time(), 30))])->assertOk()->json('codes');

        return [$secret, array_values(array_map(strval(...), $codes))];
    }

    private function signedOut(): void
    {
        $this->deleteJson('/api/session')->assertNoContent();
        $this->app['auth']->forgetGuards();
    }
}
