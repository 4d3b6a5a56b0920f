<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppServer;
use Tests\Support\TestDatabase;

/** Each kind of work has workers of its own: while all of one kind are busy, the others answer. */
final class PoolsTest extends FeatureCase
{
    private const OWN = 'lumbro_test_pools';

    private const OUTSIDE = '/read/aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa';
    private const SLOW = '/api/day';
    private const HAND = '/api/session';

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

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function pools(): iterable
    {
        yield 'outside readers' => ['outside', self::OUTSIDE, [self::SLOW, self::HAND]];
        yield 'what takes long' => ['slow', self::SLOW, [self::OUTSIDE, self::HAND]];
        yield 'a person\'s hand' => ['hand', self::HAND, [self::OUTSIDE, self::SLOW]];
    }

    /** @param list<string> $others */
    #[DataProvider('pools')]
    public function testWhileOneKindIsBusyTheOthersAnswer(string $pool, string $busy, array $others): void
    {
        $master = (int) file_get_contents(self::$server?->run . '/fpm.pid');
        // The server answers for its workers before each of them has begun.
        for ($until = microtime(true) + 120, $workers = ''; $workers === '' && microtime(true) < $until; usleep(50_000)) {
            $workers = implode(' ', array_filter(explode("\n", (string) shell_exec("pgrep -P $master -f 'pool $pool'"))));
        }
        self::assertNotSame('', $workers);
        // As busy as can be: they do nothing at all until they are let go on.
        exec("kill -STOP $workers");
        try {
            foreach ($others as $other) {
                self::assertGreaterThan(0, $this->asked($other, 120), $other);
            }
            self::assertSame(0, $this->asked($busy, 2), $busy);
        } finally {
            exec("kill -CONT $workers");
        }
        self::assertGreaterThan(0, $this->asked($busy, 120));
    }

    public function testFilesPhotosAndPdfsAreNoWorkForTheHandsWorkers(): void
    {
        $log = fn(string $path): string => $this->pool($path);
        $order = '01a2267d-7958-7342-82fb-5acdb6bf2207';
        foreach (['/api/archives', "/api/photos/$order", "/api/repair-orders/$order/report/shop.pdf", "/api/repair-orders/$order/report/shop", "/api/repair-orders/$order/archive.json", "/api/repair-orders/$order/photos", "/api/repair-orders/$order/drives", '/api/bay-outlines', "/api/imports/$order/steps", '/api/day/rules'] as $path) {
            self::assertSame('slow', $log($path), $path);
        }
        foreach (['/api/session', '/api/lines', "/api/repair-orders/$order", "/api/tasks/$order", '/api/repair-orders', '/health', '/api/csrf', '/api/people'] as $path) {
            self::assertSame('hand', $log($path), $path);
        }
    }

    /** Which pool's workers a path is for, by nginx's own settings. */
    private function pool(string $path): string
    {
        $settings = (string) file_get_contents(self::$server?->run . '/nginx.conf');
        preg_match_all('/location ~ (\S+) \{[^}]*?fastcgi_pass unix:\S+\.(\w+);/', $settings, $locations, PREG_SET_ORDER);
        foreach ($locations as [, $pattern, $pool]) {
            if (preg_match("~$pattern~", $path) === 1) {
                return $pool;
            }
        }

        return '';
    }

    private function asked(string $path, int $seconds): int
    {
        $handle = curl_init(self::$server?->address() . $path);
        self::assertNotFalse($handle);
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => $seconds]);
        curl_exec($handle);

        return (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
    }
}
