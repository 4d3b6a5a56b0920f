<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Live\News;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Answers;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\Listening;
use Tests\Support\TestDatabase;

/** Whoever watches a repair order hears what is new of it, of no other, and only while they may. */
#[Group('machine')]
final class LiveTest extends FeatureCase
{
    protected const DATABASE = 'lumbro_test_beside_live';

    private const OWN = 'lumbro_test_live';

    /** Much longer than it takes, s: what takes a while under load is not lost. */
    private const PATIENCE = 60.0;

    private static ?AppServer $server = null;

    private ApiClient $api;

    /** @var list<Listening> */
    private array $all = [];

    protected function setUp(): void
    {
        parent::setUp();
        if (self::$server === null) {
            TestDatabase::create(self::OWN, $this->app);
            self::$server = AppServer::start(self::OWN);
        }
        $this->api = (new ApiClient(self::$server->address()))->signIn();
    }

    protected function tearDown(): void
    {
        foreach ($this->all as $one) {
            $one->end();
        }
        parent::tearDown();
    }

    public static function tearDownAfterClass(): void
    {
        self::$server?->down();
        self::$server = null;
        parent::tearDownAfterClass();
    }

    public function testALineIsToldToWhoeverWatchesItsOrder(): void
    {
        [$mine, $other] = [$this->listening('2466'), $this->listening('2463')];
        $task = $this->api->task('2466');
        [$status, $state] = $this->api->write($task, 'reading', $this->version('2466'), ['call' => 'spot-offset', 'typed' => '14 mm right', 'confirmed' => true]);
        self::assertSame(200, $status, $this->api->body);
        self::assertTrue($mine->hears("event: lines\ndata: $task {$state['version']}\n\n", self::PATIENCE), $mine->heard());
        // Of the whole car, where it is not of one sensor's task.
        [$status, $state] = $this->api->write($task, 'answer', $state['version'], Answers::to('tyres'));
        self::assertSame(200, $status, $this->api->body);
        self::assertTrue($mine->hears("event: lines\ndata: {$this->api->order('2466')} ", self::PATIENCE), $mine->heard());
        // What is refused is no news.
        [$status] = $this->api->write($task, 'answer', $this->version('2466'), ['question' => 'none', 'answer' => 'yes']);
        self::assertSame(422, $status);
        self::owner()->exec("notify lumbro_news, '{$this->api->order('2466')} lines last 0'");
        self::assertTrue($mine->hears('last', self::PATIENCE));
        self::assertSame(1, substr_count($mine->heard(), $task));
        self::assertStringNotContainsString('lines', $other->heard());
    }

    public function testWhatIsTakenBackIsNotTold(): void
    {
        $order = $this->api->order('2466');
        $mine = $this->listening('2466');
        $owner = self::owner();
        $owner->beginTransaction();
        $owner->exec('select pg_notify(\'' . News::CHANNEL . "', '$order lines never 7')");
        $owner->rollBack();
        $owner->exec('select pg_notify(\'' . News::CHANNEL . "', '$order lines later 8')");
        self::assertTrue($mine->hears('later', self::PATIENCE));
        self::assertStringNotContainsString('never', $mine->heard());
    }

    public function testNobodyListensToWhatTheyMayNotSee(): void
    {
        $order = $this->api->order('2466');
        self::assertSame(401, (new ApiClient((string) self::$server?->address()))->get("/api/repair-orders/$order/live")[0]);
        self::assertSame(404, $this->api->get('/api/repair-orders/' . Str::uuid7() . '/live')[0]);
        // The process itself is reached through the application alone.
        self::assertSame(404, $this->api->get("/live-stream/$order")[0]);
    }

    public function testItComesBackAfterItDied(): void
    {
        $mine = $this->listening('2466');
        $pid = (int) file_get_contents(self::$server?->run . '/live.pid');
        exec("pgrep -s $pid -x php", $found);
        foreach ($found as $one) {
            posix_kill((int) $one, SIGKILL);
        }
        self::assertTrue($mine->hears('200', self::PATIENCE), 'it ended for those who listened');
        for ($until = microtime(true) + self::PATIENCE; microtime(true) < $until; usleep(100_000)) {
            $again = $this->listening('2466', false);
            if ($again->hears('event: open', 2)) {
                $this->addToAssertionCount(1);

                return;
            }
            $again->end();
        }
        self::fail('Nobody can listen any more.');
    }

    private function listening(string $number, bool $isThere = true): Listening
    {
        $one = new Listening((string) self::$server?->address(), $this->api->order($number), $this->api->cookies());
        $isThere && $this->all[] = $one;
        ! $isThere || self::assertTrue($one->hears('event: open', self::PATIENCE), $one->heard());

        return $one;
    }

    private function version(string $number): int
    {
        return $this->api->get("/api/tasks/{$this->api->task($number)}")[1]['version'];
    }

    private static function owner(): \PDO
    {
        return TestDatabase::owner(self::OWN);
    }
}
