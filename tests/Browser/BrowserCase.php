<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use PHPUnit\Framework\TestCase;
use Tests\Support\ApiClient;
use Tests\Support\AppServer;
use Tests\Support\Browser;
use Tests\Support\TestDatabase;

/** The served application with the demo shop, and a browser on it. */
abstract class BrowserCase extends TestCase
{
    /** Whether a test looks at what the page asks for. */
    protected const HOSTS = false;

    /** Whether its browser is one that can go on without the server, as everybody's can. */
    protected const CARRIES = false;

    /** Whether it begins without the demo shop. */
    protected const EMPTY = false;

    protected static AppServer $server;

    /** The last test's, for the next one of the class. */
    private static ?Browser $spare = null;

    protected Browser $browser;

    private ?ApiClient $api = null;

    public static function setUpBeforeClass(): void
    {
        $database = 'lumbro_test_' . strtolower((new \ReflectionClass(static::class))->getShortName());
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        assert($app instanceof Application);
        $app->make(Kernel::class)->bootstrap();
        static::EMPTY ? TestDatabase::createEmpty($database, $app) : TestDatabase::create($database, $app);
        $app->make('db')->purge('app');
        $app->flush();
        restore_error_handler();
        restore_exception_handler();
        self::$server = AppServer::start($database);
    }

    public static function tearDownAfterClass(): void
    {
        self::$spare?->close();
        self::$spare = null;
        self::$server->down();
    }

    protected function setUp(): void
    {
        $this->browser = self::$spare?->anew() ?? Browser::open(self::$server->address(), static::HOSTS, carries: static::CARRIES);
        self::$spare = null;
    }

    protected function tearDown(): void
    {
        if ($this->status()->isFailure() || $this->status()->isError()) {
            $folder = dirname(__DIR__, 2) . '/var/log';
            $this->browser->shot("$folder/failed-{$this->name()}.png");
        } elseif (! static::CARRIES && ! static::HOSTS) {
            self::$spare = $this->browser;

            return;
        }
        $this->browser->close();
    }

    /** A code for the set-up page of the server's database, as starting Lumbro prints one. */
    protected static function setUpCode(): string
    {
        return trim((string) shell_exec('DB_DATABASE=' . self::$server->database . ' ' . PHP_BINARY . ' ' . dirname(__DIR__, 2) . '/artisan lumbro:set-up-code'));
    }

    /** The technician, beside the browser; signed in once, for each costs as much as a reading. */
    protected function api(): ApiClient
    {
        return $this->api ??= (new ApiClient(self::$server->address()))->signIn();
    }

    /** Strikes the last reading, which is asked about first. */
    protected function undo(): void
    {
        $this->browser->keys('u');
        $this->browser->find('[data-testid=undo]');
        $this->browser->keys("\n");
    }

    /** Signs in and opens the workspace of a demo order's front sensor. */
    protected function openTask(string $number, string $email = 'ilse@copperlane.example', string $password = 'plumb-and-line'): void
    {
        $this->comeIn($email, $password);
        $this->browser->visit('/tasks/' . $this->api()->task($number));
        $this->browser->find('[data-testid=floor-plan], h1');
    }

    /** Signs in and opens a demo order from the list. */
    protected function openOrder(string $number, string $email = 'ilse@copperlane.example', string $password = 'plumb-and-line'): void
    {
        $this->comeIn($email, $password);
        $this->browser->visit('/orders/' . $this->api()->order($number));
        $this->browser->find('[data-testid=waits]');
    }

    protected function signIn(string $email = 'ilse@copperlane.example', string $password = 'plumb-and-line'): void
    {
        $this->comeIn($email, $password);
        $this->browser->visit('/');
        $this->browser->find('#search');
    }

    /**
     * As somebody who has signed in before; the door itself is tried by the tests of accounts. A browser that keeps what it was
     * answered goes through it: there it forgets what was somebody else's.
     */
    private function comeIn(string $email, string $password): void
    {
        if (static::CARRIES) {
            $this->browser->visit('/');
            $this->browser->signIn($email, $password);
            $this->browser->find('#search');
        } else {
            $this->browser->take((new ApiClient(self::$server->address()))->signIn($email, $password));
        }
    }

    /** What a task's last reading may be corrected to: a little more than it shows, of its own kind, whatever was asked for. */
    protected function corrected(string $task): string
    {
        $ledger = $this->api()->get("/api/tasks/$task")[1]['ledger'];

        return (string) preg_replace_callback('/^\d+/', static fn(array $figure): string => (string) ((int) $figure[0] + 3), $ledger[count($ledger) - 1]['typed']);
    }

    /** What axe-core finds serious on the page as it is now. */
    protected function assertAccessible(string $where): void
    {
        self::assertSame([], $this->browser->axe(), $where);
    }

    /** Presses Tab until the focus is on what says this. */
    protected function tabTo(string $words): void
    {
        for ($i = 0; $i < 60; $i++) {
            $focused = $this->browser->driver->executeScript('return document.activeElement?.textContent ?? ""');
            if (is_string($focused) && str_starts_with(trim($focused), $words)) {
                return;
            }
            $this->browser->keys(WebDriverKeys::TAB);
        }
        self::fail("Tab never comes to “{$words}”.");
    }

    /** Says yes to the question on the screen; where a gauge or a survey would be asked for, on somebody's word. */
    protected function sayYes(): void
    {
        $asked = $this->browser->text('[data-testid=question] h1, [data-testid=condition] h1');
        if (preg_match('/^(Tyre|Ride|Fuel|Supply|The bay)/', $asked) === 1) {
            $this->browser->keys('w');
            $this->browser->type('#word', "Wen Harrow\n");
        } else {
            $this->browser->keys('y');
        }
    }

    /** Does the card's steps as they come, the tool's by R and a person's by D, to the first reading of the axis. */
    protected function throughTheSteps(): void
    {
        for ($i = 0; $i < 20 && $this->browser->has('[data-testid=step]'); $i++) {
            $before = $this->browser->text('[data-testid=step]');
            $this->browser->keys(str_contains($this->browser->text('[data-testid=step] button kbd'), 'R') ? 'r' : 'd');
            $this->until('document.querySelector("[data-testid=step]")?.innerText !== ' . json_encode($before));
            $this->browser->waitForText('section[aria-label=Tally]', 'all saved');
        }
    }

    /** Waits until the open task can go on without the server. */
    protected function untilCarried(string $task): void
    {
        $this->until('document.documentElement.dataset.carried === ' . json_encode($task));
    }

    /** Waits until a condition in the page's own words holds. */
    protected function until(string $condition): void
    {
        $this->browser->until($condition);
    }

    /** @return list<string> what is to be pressed and is smaller than 48 px, though not a link within a text */
    protected function smallTargets(): array
    {
        $found = $this->browser->driver->executeScript(<<<'JS'
            return [...document.querySelectorAll('button, [role=button], [role=combobox], input:not([type=file]):not([type=checkbox]), a')]
                .filter((e) => e.offsetParent !== null || e instanceof SVGElement)
                .filter((e) => e.closest('header') === null || e.tagName === 'BUTTON')
                .map((e) => {
                    const field = e.closest('.MuiInputBase-root');
                    const box = (field ?? e).getBoundingClientRect();
                    // A link that covers its whole row is as large as the row.
                    const row = e.tagName === 'A' ? e.closest('li') : null;
                    const size = row === null ? box : row.getBoundingClientRect();
                    return [e.tagName, (e.getAttribute('aria-label') ?? e.textContent ?? '').slice(0, 40), Math.round(size.width), Math.round(size.height)];
                })
                .filter(([, , w, h]) => w > 0 && (w < 47 || h < 47))
                .map((e) => e.join(' '));
            JS);

        return is_array($found) ? array_values($found) : [];
    }
}
