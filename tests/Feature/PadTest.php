<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\TestDatabase;

/** A phone beside a task's screen: paired once, for its task alone, and two people are never at the same reading. */
final class PadTest extends FeatureCase
{
    private const OWN = 'lumbro_test_pads';

    private static ?AppServer $server = null;

    private ApiClient $screen;

    private string $task;

    protected function setUp(): void
    {
        parent::setUp();
        if (self::$server === null) {
            TestDatabase::create(self::OWN, $this->app);
            self::$server = AppServer::start(self::OWN);
        }
        $this->screen = $this->device()->signIn();
        $this->task = $this->screen->task('2466');
    }

    public static function tearDownAfterClass(): void
    {
        self::$server?->down();
        self::$server = null;
        parent::tearDownAfterClass();
    }

    public function testItWorksAtItsTaskInTheNameOfWhoeverShowedTheCode(): void
    {
        $pad = $this->paired();
        [$status, $person] = $pad->get('/api/session');
        self::assertSame([200, 'Ilse Corrant', $this->task], [$status, $person['name'], $person['pad']]);
        [, $state] = $pad->get("/api/tasks/$this->task");
        [$status, $after] = $pad->write($this->task, 'reading', $state['version'], ['call' => 'spot-offset', 'typed' => '14 mm right', 'confirmed' => true]);
        self::assertSame(200, $status, $pad->body);
        self::assertSame('Ilse Corrant', end($after['ledger'])['person']);
        self::assertSame(200, $pad->get("/api/tasks/$this->task/carried")[0]);
    }

    public function testItMayDoNothingElse(): void
    {
        $pad = $this->paired();
        $other = $this->screen->task('2470');
        [$order, $its] = [$this->screen->order('2466'), $this->screen->order('2470')];
        foreach (["/api/tasks/$other", "/api/tasks/$other/held", "/api/repair-orders/$order", "/api/repair-orders/$its/live", '/api/repair-orders', '/api/people', '/api/session/account', "/api/tasks/$this->task/record", '/api/day'] as $path) {
            self::assertSame(403, $pad->get($path)[0], $path);
        }
        $head = ['id' => (string) Str::uuid7(), 'version' => 0];
        foreach ([
            ["/api/tasks/$this->task/seal", $head],
            ["/api/tasks/$this->task/pads", $head],
            ["/api/tasks/$this->task/tool-outcome", $head],
            ['/api/session/password', ['old' => 'plumb-and-line', 'new' => 'chalk-and-plumb-bob']],
            ['/api/session/elsewhere', []],
            ['/api/lines', $head + ['task' => $other, 'kind' => 'reading', 'payload' => ['call' => 'spot-offset', 'typed' => '1']]],
            ['/api/lines', $head + ['order' => $order, 'kind' => 'answer', 'payload' => ['question' => 'tyres', 'answer' => 'yes']]],
        ] as [$path, $body]) {
            self::assertSame(403, $pad->post($path, $body)[0], $path);
        }
        self::assertSame(204, $pad->raw('DELETE', '/api/session', null, 'application/json')[0]);
        self::assertSame(401, $pad->get("/api/tasks/$this->task")[0]);
    }

    public function testACodeIsGoodOnceAndForAFewMinutes(): void
    {
        $token = $this->code();
        self::assertSame(200, $this->pair($this->device(), $token)[0]);
        self::assertSame('/token', $this->pair($this->device(), $token)[1]['path']);
        $token = $this->code();
        self::owner()->exec("update pads set made_at = now() - interval '4 minutes' where paired_at is null");
        [$status, $problem] = $this->pair($this->device(), $token);
        self::assertSame([422, '/token'], [$status, $problem['path']]);
        self::assertSame(422, $this->pair($this->device(), 'x')[0]);
        self::assertSame('0', TestDatabase::one(self::owner(), "select count(*) from pads where token = '$token'"), 'it is nowhere as it is');
    }

    public function testWhoIsSignedInStaysSignedIn(): void
    {
        $own = $this->device()->signIn('bram@copperlane.example', 'plumb-and-line');
        [$status, $answer] = $this->pair($own, $this->code());
        self::assertSame([200, $this->task], [$status, $answer['task']]);
        [, $person] = $own->get('/api/session');
        self::assertSame(['Bram Tolley', null], [$person['name'], $person['pad']]);
    }

    public function testItEndsWithItsSessionAndItsPerson(): void
    {
        $pad = $this->paired();
        [, $account] = $this->screen->get('/api/session/account');
        self::assertGreaterThan(1, count($account['sessions']));
        self::assertSame(200, $this->screen->post('/api/session/elsewhere', [])[0]);
        self::assertSame(401, $pad->get("/api/tasks/$this->task")[0]);
        [$status] = $this->device()->signIn('fenna@copperlane.example', 'ink-and-paper')->post("/api/tasks/$this->task/pads", ['id' => (string) Str::uuid7(), 'version' => 0]);
        self::assertSame(403, $status, 'whoever may not work shows no code');
    }

    public function testTwoDevicesAreNeverAtOneReading(): void
    {
        $pad = $this->paired();
        self::assertSame([['call' => 'split', 'person' => 'Ilse Corrant', 'own' => true]], $this->hold($this->screen, 'split'));
        self::assertSame([['call' => 'split', 'person' => 'Ilse Corrant', 'own' => false]], $this->hold($pad, 'split'), 'who was first has it');
        self::assertSame([['split', false], ['height', true]], self::short($this->hold($pad, 'height')), 'in the order in which they were taken');
        self::assertSame([['split', true], ['height', false]], self::short($this->hold($this->screen, 'split')), 'held on to, it keeps its place');
        // Another one in its place lets go of the first.
        self::assertSame([['height', false], ['spot-along', true]], self::short($this->hold($this->screen, 'spot-along')));
        self::assertSame([['spot-along', false]], self::short($this->hold($pad, null)));
        // Whoever went away holds nobody up for long.
        self::owner()->exec("update held_calls set held_at = now() - interval '3 minutes'");
        self::assertSame([], $pad->get("/api/tasks/$this->task/held")[1]['held']);
        self::assertSame([['spot-along', true]], self::short($this->hold($pad, 'spot-along')));
    }

    /** @return list<array{call: string, person: string, own: bool}> */
    private function hold(ApiClient $device, ?string $call): array
    {
        [$status, $answer] = $device->post("/api/tasks/$this->task/held", ['id' => (string) Str::uuid7(), 'version' => 0] + ($call === null ? [] : ['call' => $call]));
        self::assertSame(200, $status, $device->body);

        return $answer['held'];
    }

    /**
     * @param list<array{call: string, person: string, own: bool}> $held
     *
     * @return list<array{string, bool}>
     */
    private static function short(array $held): array
    {
        return array_map(static fn(array $one): array => [$one['call'], $one['own']], $held);
    }

    private function paired(): ApiClient
    {
        $pad = $this->device();
        self::assertSame([200, ['task' => $this->task]], $this->pair($pad, $this->code()), $pad->body);

        return $pad;
    }

    /** @return array{int, array<string, mixed>} */
    private function pair(ApiClient $phone, string $token): array
    {
        $phone->get('/api/csrf');

        return $phone->post('/api/session/pad', ['token' => $token]);
    }

    private function code(): string
    {
        [$status, $code] = $this->screen->post("/api/tasks/$this->task/pads", ['id' => (string) Str::uuid7(), 'version' => 0]);
        self::assertSame(200, $status, $this->screen->body);
        self::assertStringContainsString('<svg', $code['qr']);
        self::assertFalse($code['isReached'], 'this machine alone is served');

        return basename($code['address']);
    }

    private function device(): ApiClient
    {
        return new ApiClient((string) self::$server?->address());
    }

    private static function owner(): \PDO
    {
        return TestDatabase::owner(self::OWN);
    }
}
