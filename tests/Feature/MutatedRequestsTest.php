<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Lumbro\Core\Tests\Support\Chance;
use Lumbro\Core\Tests\Support\Draws;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\MutatedRequests;
use Tests\Support\TestDatabase;

/** The whole API, asked as nobody should: 100,000 requests with every draw, some of them on every push. */
final class MutatedRequestsTest extends TestCase
{
    private const DATABASE = 'lumbro_test_mutated';

    private const SEED = 1911;

    private static ?AppServer $server = null;

    public function createApplication(): Application
    {
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        assert($app instanceof Application);
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        TestDatabase::create(self::DATABASE, $this->app);
        self::$server = AppServer::start(self::DATABASE);
    }

    protected function tearDown(): void
    {
        self::$server?->down();
        parent::tearDown();
    }

    public function testNothingBreaksAndWhatIsRefusedIsNotStored(): void
    {
        $owner = TestDatabase::owner(self::DATABASE);
        $requests = new MutatedRequests(new Chance(self::SEED), $this->ids($owner));
        self::assertGreaterThan(130, $requests->operations());
        $client = self::client();
        $count = Draws::of(100_000, 600);
        $seen = [];
        $refused = [];
        $slowest = [0.0, ''];
        for ($i = 0; $i < $count; $i++) {
            $request = $requests->next();
            $began = hrtime(true);
            [$status, $answer, $isWhole] = $client->raw($request['method'], $request['path'], $request['body'], $request['type']);
            $seconds = (hrtime(true) - $began) / 1e9;
            $slowest = $seconds > $slowest[0] ? [$seconds, "{$request['method']} {$request['path']}"] : $slowest;
            $what = sprintf("draw %d: %s %s\n%s\n%s", $i, $request['method'], $request['path'], mb_strcut((string) $request['body'], 0, 1_500), json_encode($answer));
            self::assertGreaterThan(199, $status, $what);
            self::assertLessThan(500, $status, $what);
            self::assertTrue($isWhole, "An answer that breaks off. $what");
            $seen[$status] = ($seen[$status] ?? 0) + 1;
            $body = json_decode((string) $request['body']);
            if ($status >= 400) {
                self::assertIsString($answer['title'] ?? null, "A refusal without words. $what");
                if ($body instanceof \stdClass && is_string($body->id ?? null) && preg_match('/^[0-9a-f-]{36}$/', $body->id) === 1) {
                    $refused[$body->id] = $what;
                }
                if ($status === 401 || $status === 419) {
                    $client = self::client();
                }
            } elseif ($body instanceof \stdClass && is_string($body->id ?? null)) {
                unset($refused[$body->id]);
            }
            if (count($refused) > 500 || $i === $count - 1) {
                foreach ($this->stored($owner, array_keys($refused)) as $table => $id) {
                    self::fail("Refused, and in $table all the same. {$refused[$id]}");
                }
                $refused = [];
            }
        }
        ksort($seen);
        file_put_contents(dirname(__DIR__, 2) . '/var/log/mutated.txt', sprintf("%d requests, seed %d; answers by status %s; the slowest %.2f s: %s\n", $count, self::SEED, json_encode($seen), ...$slowest));
        self::assertGreaterThan($count / 50, $seen[200] ?? 0, 'some of them are right');
    }

    private static function client(): ApiClient
    {
        return (new ApiClient(self::$server?->address() ?? ''))->signIn('oda@copperlane.example', 'chalk-and-brass');
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, string> table → id that is in it, and is none of the demo's
     */
    private function stored(\PDO $owner, array $ids): array
    {
        $known = array_merge(...array_values($this->ids($owner)));
        $found = [];
        foreach (['readings', 'record_events', 'order_events', 'repair_orders', 'sealed_records', 'procedure_cards', 'kit_items', 'bays', 'reader_links', 'feed_links', 'photos', 'archives', 'imports', 'practice_runs', 'users'] as $table) {
            $query = $owner->prepare("select id::text from $table where id::text = any(?) limit 1");
            $query->execute(['{' . implode(',', array_diff($ids, $known)) . '}']);
            $id = $query->fetchColumn();
            if (is_string($id)) {
                $found[$table] = $id;
            }
        }

        return $found;
    }

    /** @return array<string, list<string>> */
    private function ids(\PDO $owner): array
    {
        static $ids = null;
        if ($ids !== null) {
            return $ids;
        }
        $all = static function (string $query) use ($owner): array {
            $found = $owner->query($query);

            return $found === false ? [] : array_values(array_map(strval(...), $found->fetchAll(\PDO::FETCH_COLUMN)));
        };

        return $ids = [
            '{order}' => $all('select id from repair_orders'), '{task}' => $all('select id from sensor_tasks'), '{card}' => $all('select id from procedure_cards'), '{other}' => $all('select id from procedure_cards'),
            '{bay}' => $all('select id from bays'), '{person}' => $all("select id from users where role <> 'lead'"), '{item}' => $all('select id from kit_items'), '{family}' => $all('select distinct family from vehicle_sheets'),
            '{run}' => $all('select id from practice_runs'), '{kind}' => ['customer', 'insurer', 'shop'], '{sensor}' => ['front', 'rear-left'], '{register}' => ['vehicles', 'cards', 'kit', 'bays'],
            '{form}' => ['csv', 'json', 'svg', 'dxf'], '{call}' => ['split', 'spot-along'], '{cause}' => ['bracket'], '{place}' => ['papers'], '{hash}' => [str_repeat('a', 64)], '{number}' => ['1'],
        ];
    }
}
