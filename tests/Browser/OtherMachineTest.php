<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Str;
use PHPUnit\Framework\TestCase;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\Browser;
use Tests\Support\Machine;
use Tests\Support\TestDatabase;

/** A tablet elsewhere on the shop's network works over TLS, and somebody outside reads what was given out. */
final class OtherMachineTest extends TestCase
{
    private const DATABASE = 'lumbro_test_othermachine';

    private ?Machine $machine = null;

    private ?AppServer $server = null;

    private ?Browser $browser = null;

    protected function tearDown(): void
    {
        $this->browser?->close();
        $this->server?->down();
        $this->machine?->gone();
    }

    public function testATabletWorksAndAReaderReads(): void
    {
        try {
            $this->machine = Machine::make();
        } catch (\RuntimeException $failure) {
            self::markTestSkipped($failure->getMessage());
        }
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        assert($app instanceof Application);
        $app->make(Kernel::class)->bootstrap();
        TestDatabase::create(self::DATABASE, $app);
        $app->make('db')->purge('app');
        $app->flush();
        restore_error_handler();
        restore_exception_handler();
        $this->server = AppServer::start(self::DATABASE, [Machine::HERE]);
        $authority = "{$this->server->run}/tls/authority.crt";

        // Nobody has told this one whom to trust.
        $this->browser = Browser::open($this->server->address(), false, $this->machine);
        $this->browser->visit('/');
        self::assertStringNotContainsString('id="root"', $this->browser->driver->getPageSource(), 'a certificate of nobody was taken');
        $this->browser->close();

        $this->browser = $browser = Browser::open($this->server->address(), false, $this->machine, $authority);
        $browser->visit('/');
        $browser->signIn('ilse@copperlane.example', 'plumb-and-line');
        $browser->find('#search');
        self::assertStringContainsString('id="root"', $browser->driver->getPageSource());
        $owner = TestDatabase::owner(self::DATABASE);
        $task = TestDatabase::one($owner, "select t.id from sensor_tasks t join repair_orders o on o.id = t.repair_order_id where o.number = '2470' and t.sensor = 'front'");
        $browser->visit("/tasks/$task");
        $browser->find('[data-testid=moves]');
        $browser->keys('d');
        $browser->waitForText('[data-testid=read] h1', 'Spot off the line');
        $before = TestDatabase::one($owner, 'select clock_timestamp()');
        $browser->keys('0' . WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=read] h1', 'Tape along the line');
        self::assertSame('1', TestDatabase::one($owner, "select count(*) from readings where sensor_task_id = '$task' and recorded_at > '$before'"));

        // By its address in the clear there is nothing.
        $browser->driver->get('http://' . Machine::HERE . ":{$this->server->port}/");
        self::assertStringNotContainsString('Lumbro', $browser->driver->getPageSource());

        $office = (new ApiClient($this->server->address(), $authority))->signIn('fenna@copperlane.example', 'ink-and-paper');
        [$status, $link] = $office->post("/api/repair-orders/{$office->order('2463')}/links", ['id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'insurer', 'reader' => 'Reader', 'days' => 14]);
        self::assertSame(200, $status, $office->body);
        $browser->driver->manage()->deleteAllCookies();
        $browser->driver->get($this->server->address() . $link['address']);
        $browser->waitForText('body', '2463');
        self::assertSame(Machine::THERE, TestDatabase::one($owner, 'select host(address::inet) from reader_visits order by at desc limit 1'));
    }
}
