<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\Browser;
use Tests\Support\TestDatabase;

/** What takes long is done by workers of its own: asked about, called off, bounded, and done by another where one is gone. */
#[Group('machine')]
final class QueueTest extends FeatureCase
{
    protected const DATABASE = 'lumbro_test_beside_queue';

    private const OWN = 'lumbro_test_queue';

    private static ?AppServer $server = null;

    private ApiClient $api;

    protected function setUp(): void
    {
        parent::setUp();
        if (self::$server === null) {
            TestDatabase::create(self::OWN, $this->app);
            self::$server = AppServer::start(self::OWN);
        }
        $this->workersAreThere();
        $this->api = $this->signedIn();
    }

    public static function tearDownAfterClass(): void
    {
        self::$server?->down();
        self::$server = null;
        parent::tearDownAfterClass();
    }

    public function testAReportIsMadeAsideAndKept(): void
    {
        $report = "/api/repair-orders/{$this->api->order('2463')}/report/insurer.pdf";
        $first = $this->answered($this->api->later('GET', $report));
        self::assertStringStartsWith('%PDF', $first);
        self::assertSame('application/pdf', $this->api->headers['content-type']);
        self::assertStringContainsString('lumbro-2463-insurer.pdf', $this->api->headers['content-disposition']);
        // Nothing that it shows has changed: byte for byte the one that was made.
        self::assertSame($first, $this->answered($this->api->later('GET', $report)));
        self::owner()->exec("update shops set paper = 'Letter'");
        self::assertNotSame($first, $this->answered($this->api->later('GET', $report)));
        self::owner()->exec("update shops set paper = 'A4'");
        self::assertSame($first, $this->answered($this->api->later('GET', $report)));
    }

    public function testWhoDoesNotPreferItWaitsForTheAnswerItself(): void
    {
        [$status] = $this->api->get("/api/repair-orders/{$this->api->order('2463')}/report/customer.pdf");
        self::assertSame(200, $status);
        self::assertStringStartsWith('%PDF', $this->api->body);
    }

    public function testANewPlanOfTheDayIsLookedForWhileOthersGoOnWithTheOld(): void
    {
        // The first plan takes seconds too: workers held back for as long would count as gone.
        [$status] = $this->api->get('/api/day');
        self::assertSame(200, $status);
        // A new one is looked for aside, whatever whoever asks prefers.
        $id = $this->heldBack(fn(): array => $this->api->post('/api/day/anew', ['id' => '01a2280e-fb74-7253-b3c0-83b8412d0c35', 'version' => 0]));
        // Whoever looks at the day, as every screen does now and then, waits for nobody's search.
        while ($this->api->get("/api/chores/$id")[1]['state'] !== 'done') {
            self::assertSame(200, $this->api->get('/api/day')[0]);
            usleep(200_000);
        }
        [$status, $plan] = $this->api->get("/api/chores/$id/answer");
        self::assertSame(200, $status, $this->api->body);
        self::assertSame('day.cause.asked', $plan['changed']['causes'][0]['say'] ?? null, $this->api->body);
    }

    public function testARefusalIsAnsweredAsItWouldHaveBeenAtOnce(): void
    {
        [$status, $problem] = $this->signedIn('oda@copperlane.example', 'chalk-and-brass')->raw('POST', '/api/bay-outlines', '0', 'application/octet-stream');
        $lead = $this->signedIn('oda@copperlane.example', 'chalk-and-brass');
        [$kept, $chore] = $lead->later('POST', '/api/bay-outlines', '0');
        self::assertSame(202, $kept);
        self::assertSame("/api/chores/{$chore['id']}", $lead->headers['location']);
        self::assertSame('done', $lead->ended($chore['id']));
        self::assertSame([$status, $problem], $lead->get("/api/chores/{$chore['id']}/answer"));
        self::assertSame(422, $status);
    }

    public function testWhoMayNotIsRefusedBeforeAnythingIsKept(): void
    {
        self::assertSame(403, $this->api->later('POST', '/api/bay-outlines', '0')[0]);
        self::assertSame('0', TestDatabase::one(self::owner(), "select count(*) from chores where kind = 'drawing' and user_id = (select id from users where email = 'ilse@copperlane.example')"));
    }

    public function testNobodyElseSeesOrEndsIt(): void
    {
        $id = $this->heldBack(fn(): array => $this->api->later('GET', $this->report()));
        $other = $this->signedIn('bram@copperlane.example', 'plumb-and-line');
        foreach ([['GET', ''], ['GET', '/answer'], ['DELETE', '']] as [$method, $part]) {
            self::assertSame(404, $other->raw($method, "/api/chores/$id$part", null, 'application/json')[0], "$method $part");
        }
        self::assertSame('done', $this->api->ended($id));
    }

    public function testWhatWaitsIsCalledOff(): void
    {
        $id = $this->heldBack(function (): array {
            $kept = $this->api->later('GET', $this->report());
            self::assertSame(409, $this->api->get("/api/chores/{$kept[1]['id']}/answer")[0]);
            self::assertSame(204, $this->api->raw('DELETE', "/api/chores/{$kept[1]['id']}", null, 'application/json')[0]);

            return $kept;
        });
        self::assertSame('cancelled', $this->api->ended($id));
        self::assertSame('done', $this->api->ended($this->api->later('GET', $this->report())[1]['id']));
        self::assertSame('cancelled', $this->api->ended($id));
    }

    public function testWhatRunsIsEndedWithAllThatItBegan(): void
    {
        // Holds whatever it does next: it would be done too soon to be called off.
        $held = self::owner();
        $held->exec('begin; lock table sealed_records in access exclusive mode');
        [, $chore] = $this->api->later('GET', $this->report());
        $this->until(fn(): bool => $this->api->get("/api/chores/{$chore['id']}")[1]['state'] === 'running');
        $before = $this->children();
        self::assertNotSame([], $before);
        $this->api->raw('DELETE', "/api/chores/{$chore['id']}", null, 'application/json');
        $this->until(fn(): bool => array_intersect($before, $this->children()) === []);
        $held->exec('rollback');
        self::assertSame('cancelled', $this->api->ended($chore['id']));
        self::assertSame('done', $this->api->ended($this->api->later('GET', $this->report())[1]['id']));
    }

    public function testWhoseWorkerIsKilledIsDoneByAnother(): void
    {
        $held = self::owner();
        $held->exec('begin; lock table sealed_records in access exclusive mode');
        [, $chore] = $this->api->later('GET', $this->report());
        $this->until(fn(): bool => $this->api->get("/api/chores/{$chore['id']}")[1]['state'] === 'running');
        exec('kill -KILL ' . implode(' ', [...$this->children(), ...$this->workers()]));
        $held->exec('rollback');
        self::assertSame('done', $this->api->ended($chore['id']));
        $this->api->get("/api/chores/{$chore['id']}/answer");
        self::assertStringStartsWith('%PDF', $this->api->body);
    }

    public function testWhoIsShutOutMeanwhileGetsNothing(): void
    {
        $id = $this->heldBack(function (): array {
            $kept = $this->signedIn('tolly@copperlane.example', 'plumb-and-line')->later('GET', $this->report());
            self::owner()->exec("update users set active = false where email = 'tolly@copperlane.example'");

            return $kept;
        });
        $this->until(static fn(): bool => TestDatabase::one(self::owner(), "select state from chores where id = '$id'") === 'done');
        self::assertStringStartsWith('[401,', (string) file_get_contents(self::$server?->run . "/storage/chores/$id.answer"));
        self::owner()->exec("update users set active = true where email = 'tolly@copperlane.example'");
    }

    public function testOnePersonHasNoMoreUnderwayThanIsSensible(): void
    {
        $ids = [];
        $this->heldBack(function () use (&$ids): array {
            for ($i = 0; $i < 12; $i++) {
                $ids[] = $this->api->later('GET', $this->report())[1]['id'];
            }
            [$status, $problem] = $this->api->later('GET', $this->report());
            self::assertSame([409, 'chores-waiting'], [$status, $problem['code']]);

            return $this->signedIn('bram@copperlane.example', 'plumb-and-line')->later('GET', $this->report());
        });
        foreach ($ids as $id) {
            self::assertSame('done', $this->api->ended($id));
        }
    }

    /** @return iterable<string, array{string, string}> a body that costs more than there is, and how that is answered */
    public static function tooMuch(): iterable
    {
        // Twelve million lists take many times the memory that they take in the file.
        yield 'memory' => ['[' . str_repeat('[0],', 12_000_000) . '[0]]', 'chore-too-large'];
    }

    #[DataProvider('tooMuch')]
    public function testWhatNeedsTooMuchIsRefusedAndEndsNobody(string $body, string $code): void
    {
        $office = $this->signedIn('fenna@copperlane.example', 'ink-and-paper');
        [$status, $chore] = $office->later('POST', '/api/archives?id=01a2280e-fb74-7253-b3c0-83b8412d0c34', $body);
        self::assertSame(202, $status, $office->body);
        self::assertSame('done', $office->ended($chore['id']));
        [$status, $problem] = $office->get("/api/chores/{$chore['id']}/answer");
        self::assertSame([422, $code], [$status, $problem['code'] ?? $office->body]);
        self::assertSame('done', $this->api->ended($this->api->later('GET', $this->report())[1]['id']));
    }

    public function testWithoutAWorkerItIsDoneWhileItIsWaitedFor(): void
    {
        $run = self::$server?->run;
        exec("kill -STOP {$this->watcher()} " . implode(' ', $this->workers()));
        try {
            foreach (glob("$run/storage/workers/*") ?: [] as $file) {
                touch($file, time() - 60);
            }
            self::assertSame('none', $this->health()['queue']);
            self::assertSame(200, $this->api->later('GET', $this->report())[0]);
            self::assertStringStartsWith('%PDF', $this->api->body);
        } finally {
            exec("kill -CONT {$this->watcher()} " . implode(' ', $this->workers()));
        }
        $this->workersAreThere();
        self::assertSame('ok', $this->health()['queue']);
    }

    public function testItsTimeIsBounded(): void
    {
        TestDatabase::create(self::OWN . '_short', $this->app);
        putenv('LUMBRO_CHORE_SECONDS=1');
        $server = AppServer::start(self::OWN . '_short');
        putenv('LUMBRO_CHORE_SECONDS');
        try {
            $this->until(static fn(): bool => (glob("{$server->run}/storage/workers/*") ?: []) !== []);
            $api = (new ApiClient($server->address()))->signIn();
            $held = TestDatabase::owner(self::OWN . '_short');
            $held->exec('begin; lock table sealed_records in access exclusive mode');
            [, $chore] = $api->later('GET', "/api/repair-orders/{$api->order('2463')}/report/customer.pdf");
            self::assertSame('done', $api->ended($chore['id']));
            $held->exec('rollback');
            [$status, $problem] = $api->get("/api/chores/{$chore['id']}/answer");
            self::assertSame([422, 'chore-too-long'], [$status, $problem['code']]);
        } finally {
            $server->down();
        }
    }

    public function testNoneOutlivesTheServer(): void
    {
        TestDatabase::create(self::OWN . '_down', $this->app);
        $server = AppServer::start(self::OWN . '_down');
        $watcher = trim((string) file_get_contents("{$server->run}/queue.pid"));
        $this->until(static fn(): bool => (glob("{$server->run}/storage/workers/*") ?: []) !== []);
        // Begun again where it was killed: none is left beside the new ones.
        $signer = trim((string) file_get_contents("{$server->run}/signer.pid"));
        $server->kill();
        $server->up();
        self::assertSame('', trim((string) shell_exec("pgrep -s $watcher -r D,I,R,S,T")));
        $this->until(static fn(): bool => trim((string) shell_exec("pgrep -s $signer -r D,I,R,S,T")) === '');
        $watcher = trim((string) file_get_contents("{$server->run}/queue.pid"));
        $server->down();
        self::assertSame('', trim((string) shell_exec("pgrep -s $watcher -r D,I,R,S,T")));
    }

    private function signedIn(string $email = 'ilse@copperlane.example', string $password = 'plumb-and-line'): ApiClient
    {
        return (new ApiClient((string) self::$server?->address()))->signIn($email, $password);
    }

    private function report(): string
    {
        static $order = null;
        $order ??= $this->api->order('2463');

        return "/api/repair-orders/$order/report/customer.pdf";
    }

    /** @param array{int, array<string, mixed>} $kept */
    private function answered(array $kept): string
    {
        self::assertSame(202, $kept[0], $this->api->body);
        self::assertSame('done', $this->api->ended($kept[1]['id']));
        self::assertSame(200, $this->api->get("/api/chores/{$kept[1]['id']}/answer")[0]);

        return $this->api->body;
    }

    /**
     * Asked for while no worker moves.
     *
     * @param \Closure(): array{int, array<string, mixed>} $ask
     */
    private function heldBack(\Closure $ask): string
    {
        $workers = implode(' ', $this->workers());
        exec("kill -STOP $workers");
        try {
            [$status, $chore] = $ask();
            self::assertSame(202, $status);

            return $chore['id'];
        } finally {
            exec("kill -CONT $workers");
        }
    }

    private function workersAreThere(): void
    {
        $this->until(fn(): bool => count($this->workers()) === 2 && $this->health()['queue'] === 'ok');
    }

    /** @return array<string, string> */
    private function health(): array
    {
        $found = json_decode((string) file_get_contents(self::$server?->address() . '/health', false, stream_context_create(['http' => ['ignore_errors' => true]])), true);

        return is_array($found) ? $found['checks'] : ['queue' => 'no answer'];
    }

    private function watcher(): int
    {
        return (int) file_get_contents(self::$server?->run . '/queue.pid');
    }

    /** @return list<int> the processes that take from the queue */
    private function workers(): array
    {
        $found = [];
        foreach ($this->below($this->watcher()) as $one) {
            array_push($found, ...array_filter($this->below($one), static fn(int $pid): bool => str_contains((string) @file_get_contents("/proc/$pid/cmdline"), 'queue:work')));
        }

        return $found;
    }

    /** @return list<int> the processes that do what was taken */
    private function children(): array
    {
        return array_merge(...array_map($this->below(...), $this->workers()));
    }

    /** @return list<int> */
    private function below(int $pid): array
    {
        return array_map(intval(...), array_values(array_filter(explode("\n", (string) shell_exec("pgrep -P $pid")))));
    }

    /** @param \Closure(): bool $is */
    private function until(\Closure $is): void
    {
        for ($i = 0; $i < 10 * Browser::PATIENCE; $i++) {
            if ($is()) {
                return;
            }
            usleep(100_000);
        }
        self::fail('It did not come: ' . file_get_contents(self::$server?->run . '/queue.log'));
    }

    private static function owner(): \PDO
    {
        return TestDatabase::owner(self::OWN);
    }
}
