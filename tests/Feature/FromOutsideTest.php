<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\AppServer;
use Tests\Support\TestDatabase;

/** What a browser, a watcher and a log see of the server: its headers, its health, the number of each request. */
final class FromOutsideTest extends FeatureCase
{
    private const OWN = 'lumbro_test_outside';

    private static ?AppServer $server = null;

    protected function setUp(): void
    {
        parent::setUp();
        if (self::$server === null) {
            TestDatabase::create(self::OWN, $this->app);
            self::$server = AppServer::start(self::OWN);
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$server?->down();
        self::$server = null;
        parent::tearDownAfterClass();
    }

    public function testAPageTakesNoStyleOrScriptButItsOwn(): void
    {
        $seen = [];
        foreach (['/', '/orders', '/'] as $path) {
            [$status, $headers, $page] = $this->ask($path);
            self::assertSame(200, $status);
            // PHP runs in the page as WebAssembly, which is compiled there; nothing else may be.
            self::assertStringContainsString("script-src 'self' 'wasm-unsafe-eval';", $headers['content-security-policy']);
            self::assertSame(1, substr_count($headers['content-security-policy'], 'unsafe'));
            self::assertSame(1, preg_match("/style-src 'self' 'nonce-([0-9a-f]{32})'/", $headers['content-security-policy'], $nonce));
            self::assertStringContainsString('<meta name="style-nonce" content="' . $nonce[1] . '"', $page);
            self::assertStringNotContainsString('__NONCE__', $page);
            self::assertSame('no-store', $headers['cache-control']);
            self::assertArrayNotHasKey('etag', $headers);
            $seen[] = $nonce[1];
        }
        self::assertCount(3, array_unique($seen), 'each answer has its own');
    }

    public function testEveryAnswerSaysHowItMayBeUsed(): void
    {
        preg_match('~/build/assets/[^"]+\.js~', $this->ask('/')[2], $script);
        foreach (['/', $script[0], '/build/assets/none.js', '/api/csrf', '/api/none', '/api/day', '/read/' . str_repeat('x', 30), '/health', '/index.php'] as $path) {
            [, $headers] = $this->ask($path);
            self::assertSame(
                ['nosniff', 'same-origin', 'same-origin', 'same-origin'],
                array_map(static fn(string $name): string => $headers[$name] ?? '', ['x-content-type-options', 'cross-origin-opener-policy', 'cross-origin-resource-policy', 'referrer-policy']),
                $path,
            );
            self::assertStringContainsString('camera=(self)', $headers['permissions-policy'], $path);
            self::assertMatchesRegularExpression('/^[0-9a-f]{32}$/', $headers['x-request-id'], $path);
            self::assertArrayNotHasKey('x-powered-by', $headers, $path);
        }
    }

    public function testAssetsAreSentAsTheyWereCompressedWhenTheyWereBuilt(): void
    {
        preg_match('~/build/assets/first-[^"]+\.js~', $this->ask('/')[2], $script);
        foreach (['br' => 'gzip, br', 'gzip' => 'gzip'] as $coding => $accepted) {
            [$status, $headers, $body] = $this->ask($script[0], accepted: $accepted);
            self::assertSame([200, $coding], [$status, $headers['content-encoding'] ?? '']);
            self::assertSame(file_get_contents(dirname(__DIR__, 2) . "/public{$script[0]}." . ['br' => 'br', 'gzip' => 'gz'][$coding]), $body, $coding);
        }
    }

    public function testAReportTakesItsOwnStylesAlone(): void
    {
        $answer = $this->actingAs($this->person())->get("/api/repair-orders/{$this->order('2463')}/report/shop")->assertOk();
        $policy = (string) $answer->headers->get('Content-Security-Policy');
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertGreaterThan(0, preg_match_all('~<style>(.*?)</style>~s', (string) $answer->getContent(), $styles));
        foreach ($styles[1] as $style) {
            self::assertStringContainsString("'sha256-" . base64_encode(hash('sha256', $style, true)) . "'", $policy);
        }
        self::assertStringNotContainsString('style=', (string) $answer->getContent(), 'no element has one of its own');
    }

    public function testWhatIsTooLargeIsRefusedInWords(): void
    {
        [$status, $headers, $said] = $this->ask('/api/repair-orders', str_repeat('x', 24_000_000));
        self::assertSame(413, $status);
        self::assertSame('application/problem+json', $headers['content-type']);
        $problem = json_decode($said, true);
        self::assertSame(['too-large', 413, 'problem.too-large', 22], [$problem['code'], $problem['status'], $problem['says']['say'], $problem['says']['with']['most']]);
        self::assertStringContainsString('22 MB', $problem['title']);
    }

    public function testAnAnswerThatNobodyGivesIsSaidInWords(): void
    {
        $server = AppServer::start(self::OWN);
        try {
            $server->kill('fpm');
            [$status, $headers, $said] = $this->ask('/api/day', null, $server);
            self::assertSame([502, 'application/problem+json', 'server-away'], [$status, $headers['content-type'], json_decode($said, true)['code'] ?? $said]);
        } finally {
            $server->down();
        }
    }

    public function testHealthReachesWhatTheWorkNeeds(): void
    {
        [$status, , $said] = $this->ask('/health');
        $health = json_decode($said, true);
        self::assertSame([200, 'ok', 'ok', 'ok'], [$status, $health['status'], $health['checks']['database'], $health['checks']['clock']]);
        TestDatabase::stop(self::OWN);
        try {
            [$status, , $said] = $this->ask('/health');
            self::assertSame([503, 'failing', 'away'], [$status, json_decode($said, true)['status'], json_decode($said, true)['checks']['database']]);
        } finally {
            TestDatabase::start(self::OWN);
        }
    }

    public function testALineAfterNowMeansAClockThatIsWrong(): void
    {
        $owner = TestDatabase::owner(self::OWN);
        $owner->exec("update shops set practice = false; insert into order_events (shop_id, id, repair_order_id, version, user_id, person, recorded_at, kind, payload)
            select shop_id, 'ffffffff-ffff-7fff-bfff-ffffffffffff', repair_order_id, 100000, user_id, person, now() + interval '1 hour', kind, payload from order_events limit 1");
        try {
            [$status, , $said] = $this->ask('/health');
            self::assertSame([503, 'wrong'], [$status, json_decode($said, true)['checks']['clock']]);
        } finally {
            $owner->exec("set session_replication_role = replica; delete from order_events where id = 'ffffffff-ffff-7fff-bfff-ffffffffffff'; update shops set practice = true");
        }
    }

    public function testAFailureIsFoundInTheLogByTheNumberItSays(): void
    {
        $owner = TestDatabase::owner(self::OWN);
        $owner->exec('alter table sessions rename to sessions_away');
        try {
            [$status, $headers, $said] = $this->ask('/api/csrf');
        } finally {
            $owner->exec('alter table sessions_away rename to sessions');
        }
        self::assertSame(500, $status);
        $number = json_decode($said, true)['says']['with']['request'];
        self::assertStringStartsWith($number, $headers['x-request-id']);
        self::assertStringContainsString($number, json_decode($said, true)['title']);
        $lines = array_filter(explode("\n", (string) file_get_contents(self::$server?->run . '/fpm.log')), static fn(string $line): bool => str_contains($line, $number));
        self::assertNotSame([], $lines);
        foreach ($lines as $line) {
            self::assertLessThan(6_000, strlen($line));
            self::assertStringContainsString('where \\"id\\" = ?', $line, 'what was bound to it is not written down');
            $logged = json_decode($line, true);
            self::assertSame([$number, 'api/csrf'], [$logged['context']['request'] ?? null, $logged['context']['path'] ?? null]);
        }
    }

    /** @return array{int, array<string, string>, string} status, headers and what came */
    private function ask(string $path, ?string $body = null, ?AppServer $server = null, string $accepted = ''): array
    {
        $headers = [];
        $handle = curl_init(($server ?? self::$server)?->address() . $path);
        self::assertNotFalse($handle);
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 180, CURLOPT_HEADERFUNCTION => static function ($handle, string $line) use (&$headers): int {
            [$name, $value] = [...explode(':', $line, 2), ''];
            $headers[strtolower(trim($name))] = trim($value);

            return strlen($line);
        }] + ($accepted === '' ? [] : [CURLOPT_HTTPHEADER => ["Accept-Encoding: $accepted"]]) + ($body === null ? [] : [CURLOPT_POSTFIELDS => $body, CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Expect:']]));
        $said = curl_exec($handle);

        return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $headers, is_string($said) ? $said : ''];
    }
}
