<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Hashing\HashManager;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Lines;

final class SessionTest extends FeatureCase
{
    public function testAPersonSignsInAndOut(): void
    {
        $this->getJson('/api/session')->assertStatus(401)->assertJson(['code' => 'signed-out']);
        $this->postJson('/api/session', ['email' => ' Oda@copperlane.example', 'password' => 'chalk-and-brass'])
            ->assertOk()
            ->assertJson([
                'name' => 'Oda Merrin', 'role' => 'lead', 'shop' => 'Copper Lane Body Works',
                'reader' => ['language' => 'en', 'unit' => 'mm', 'decimal' => '.', 'zone' => 'UTC'],
            ]);
        $this->getJson('/api/session')->assertOk();
        $this->deleteJson('/api/session')->assertNoContent();
        $this->getJson('/api/session')->assertStatus(401);
    }

    public function testARefusalForWantOfASessionPutsNoneInThePlaceOfANewerOne(): void
    {
        foreach (['/api/session', '/api/repair-orders', '/api/tasks/' . $this->task() . '/held'] as $path) {
            $refused = $this->getJson($path)->assertStatus(401);
            self::assertSame([], $refused->headers->getCookies(), $path);
        }
        self::assertNotSame([], $this->getJson('/api/csrf')->headers->getCookies());
    }

    public function testACookieIsGivenOnceAndNotWithEveryAnswer(): void
    {
        $names = static fn(\Illuminate\Testing\TestResponse $response): array => array_map(static fn($cookie): string => $cookie->getName(), $response->headers->getCookies());
        $first = $this->getJson('/api/csrf');
        self::assertEqualsCanonicalizing(['XSRF-TOKEN', 'lumbro_session'], $names($first));
        $signedIn = $this->withCredentials()->withUnencryptedCookies(self::jar($first))->postJson('/api/session', ['email' => 'oda@copperlane.example', 'password' => 'chalk-and-brass'])->assertOk();
        self::assertEqualsCanonicalizing(['XSRF-TOKEN', 'lumbro_session', 'lumbro_device'], $names($signedIn), 'a session of its own');
        foreach ($signedIn->headers->getCookies() as $cookie) {
            $cookie->getName() === 'lumbro_device' || self::assertEqualsWithDelta(time() + 16 * 3600, $cookie->getExpiresTime(), 60, 'it is not renewed later');
        }
        // An answer that comes late brings nothing back.
        $this->defaultCookies = $this->unencryptedCookies = [];
        self::assertSame([], $names($this->withCredentials()->withUnencryptedCookies(self::jar($signedIn))->getJson('/api/repair-orders')->assertOk()));
    }

    public function testNothingIsDoneInTheNameOfSomebodyElseThanThePageShows(): void
    {
        $this->actingAs($this->person('Bram Tolley'));
        $task = $this->task();
        $this->getJson("/api/tasks/$task", ['X-Lumbro-Person' => 'bram%40copperlane.example'])->assertOk();
        $other = ['X-Lumbro-Person' => 'ilse%40copperlane.example'];
        $this->getJson("/api/tasks/$task", $other)->assertStatus(401);
        $version = $this->getJson("/api/tasks/$task")->json('version');
        $this->postJson(...[...Lines::request($task, 'strike', $version, ['reading' => '01a21b9c-2d1d-72fd-9583-5afc23baa57b']), $other])
            ->assertStatus(401)->assertJson(['code' => 'signed-out']);
        self::assertSame($version, $this->getJson("/api/tasks/$task")->json('version'));
    }

    /**
     * @param \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> $response
     *
     * @return array<string, string>
     */
    private static function jar(\Illuminate\Testing\TestResponse $response): array
    {
        $jar = [];
        foreach ($response->headers->getCookies() as $cookie) {
            $jar[$cookie->getName()] = (string) $cookie->getValue();
        }

        return $jar;
    }

    public function testAWrongPasswordNamesTheFieldAndNotWhichHalfWasWrong(): void
    {
        $wrong = $this->postJson('/api/session', ['email' => 'oda@copperlane.example', 'password' => 'no'])->assertStatus(422);
        $nobody = $this->postJson('/api/session', ['email' => 'nobody@copperlane.example', 'password' => 'no'])->assertStatus(422);
        self::assertSame($wrong->json('title'), $nobody->json('title'));
        self::assertSame('/password', $wrong->json('path'));
        $this->postJson('/api/session', ['email' => 'oda@copperlane.example'])->assertStatus(422)->assertJson(['path' => '']);
    }

    public function testGuessingIsSlowedDown(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => "guess $i"])->assertStatus(422);
        }
        $this->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => 'plumb-and-line'])
            ->assertStatus(429)
            ->assertJson(['code' => 'throttled']);
    }

    public function testAGuessCostsTheSameWhetherThereIsSuchAnAccountOrNot(): void
    {
        $hash = new class ($this->app) extends HashManager {
            public int $looked = 0;

            /** @param array<array-key, mixed> $options */
            public function check(#[\SensitiveParameter] $value, $hashedValue, array $options = []): bool
            {
                $this->looked++;

                return parent::check($value, $hashedValue, $options);
            }
        };
        Hash::swap($hash);
        foreach (['oda@copperlane.example' => 1, 'nobody@copperlane.example' => 2, str_repeat('o', 300) . '@copperlane.example' => 2] as $email => $looked) {
            $this->postJson('/api/session', ['email' => $email, 'password' => 'no'])->assertStatus(422)->assertJson(['path' => '/password']);
            self::assertSame($looked, $hash->looked, $email);
        }
        // What nobody can have is looked at no further.
        $this->postJson('/api/session', ['email' => 'oda@copperlane.example', 'password' => str_repeat('n', 1_001)])->assertStatus(422)->assertJson(['path' => '/password']);
        self::assertSame(2, $hash->looked);
    }

    public function testSomebodyWhoGuessesKeepsNobodyOut(): void
    {
        $right = ['email' => 'bram@copperlane.example', 'password' => 'plumb-and-line'];
        $device = $this->postJson('/api/session', $right)->assertOk()->getCookie('lumbro_device');
        self::assertNotNull($device);
        self::assertTrue($device->isHttpOnly());
        $this->deleteJson('/api/session')->assertNoContent();
        // From one place, at many accounts, until it is refused there.
        $refused = 0;
        for ($i = 0; $i < 45; $i++) {
            $refused += $this->postJson('/api/session', ['email' => "guess$i@copperlane.example", 'password' => 'no'])->status() === 429 ? 1 : 0;
        }
        self::assertSame(15, $refused);
        // And at one account, from many places.
        for ($i = 0; $i < 12; $i++) {
            $this->withServerVariables(['REMOTE_ADDR' => "10.0.0.$i"])->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => "guess $i"]);
        }
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.1.1'])->postJson('/api/session', $right)->assertStatus(429);
        // On the device that they use, that person is let in from anywhere.
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1'])->withCredentials()->withCookie('lumbro_device', (string) $device->getValue());
        $this->postJson('/api/session', $right)->assertOk();
        $this->deleteJson('/api/session')->assertNoContent();
        // Where guesses are made on that device, it is slowed down too; nobody else's account is opened to it.
        for ($i = 0; $i < 10; $i++) {
            $this->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => "guess $i"])->assertStatus(422);
        }
        $this->postJson('/api/session', $right)->assertStatus(429);
        $this->postJson('/api/session', ['email' => 'tolly@copperlane.example', 'password' => 'plumb-and-line'])->assertStatus(429);
    }

    /** @return iterable<string, array{string, string}> */
    public static function badPasswords(): iterable
    {
        yield 'short' => ['three-words', 'password.too-short'];
        yield 'long' => [str_repeat('long word ', 8), 'password.too-long'];
        yield 'what everybody tries' => ['Password1234!', 'password.common'];
        yield 'twice' => ['qwertyqwerty', 'password.common'];
        yield 'other signs for letters' => ['P@$$w0rd2026', 'password.common'];
        yield 'a row of keys' => ['Qwertyuiop[]1', 'password.common'];
        yield 'figures alone' => ['123456789012', 'password.common'];
        yield 'two characters' => ['abababababab', 'password.common'];
        yield 'their own name' => ['merrin-and-brass', 'password.personal'];
        yield 'the account' => ['CopperLane-2026-x', 'password.personal'];
        yield 'the shop' => ['a copper kettle', 'password.personal'];
    }

    #[DataProvider('badPasswords')]
    public function testAPasswordThatOthersWouldTryIsRefused(string $password, string $code): void
    {
        $said = $this->actingAs($this->person('Oda Merrin'))->postJson('/api/session/password', ['old' => 'chalk-and-brass', 'new' => $password])->assertStatus(422)->getContent();
        $problem = json_decode((string) $said, true);
        self::assertSame(['/new', $code], [$problem['path'], $problem['says']['say']]);
    }

    public function testAPasswordOfWordsOrOfSignsIsTaken(): void
    {
        [$old, $lead] = ['chalk-and-brass', $this->person('Oda Merrin')];
        foreach (['four plain words here', '!#%&/()=?+*;:_', 'pässword-für-ödland', 'passwords are dull'] as $new) {
            $this->actingAs($lead)->postJson('/api/session/password', ['old' => $old, 'new' => $new])->assertNoContent();
            $old = $new;
        }
    }

    public function testNothingIsShownToSomebodyWhoHasNotSignedIn(): void
    {
        foreach (['repair-orders', 'ping', "tasks/{$this->task()}", "tasks/{$this->task()}/record", "tasks/{$this->task()}/meter/split"] as $path) {
            $this->getJson("/api/$path")->assertStatus(401);
        }
        foreach (['reading', 'strike', 'answer', 'move', 'release', 'run', 'seal'] as $what) {
            $this->postJson(...Lines::request($this->task(), $what, 0, []))->assertStatus(401);
        }
    }

    public function testAddressesThatDoNotExistAreSaidAsSuch(): void
    {
        $this->actingAs($this->person())->getJson('/api/nothing')->assertStatus(404)->assertJson(['code' => 'not-found']);
        $this->actingAs($this->person())->putJson('/api/session', [])->assertStatus(405);
    }
}
