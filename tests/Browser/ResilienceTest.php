<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\WebDriverBy;
use Tests\Support\ApiClient;
use Tests\Support\TestDatabase;

/** Power cuts, a stopped database, an ended session, a lost connection: nothing acknowledged is lost. */
final class ResilienceTest extends BrowserCase
{
    protected const CARRIES = true;

    public function testAKilledServerLosesNoReadingThatItAcknowledged(): void
    {
        $api = $this->api();
        $task = $api->task('2471');
        [$status] = $api->write($task, 'reading', 0, ['call' => 'spot-along', 'typed' => '1849']);
        self::assertSame(200, $status);
        self::$server->kill();
        self::assertSame(0, $api->get('/api/ping')[0]);
        self::$server->up();
        [, $state] = $api->get("/api/tasks/$task");
        self::assertSame(['1849', 1], [$state['ledger'][0]['typed'], $state['version']]);
        [$status] = $api->write($task, 'reading', 1, ['call' => 'spot-offset', 'typed' => '3 left']);
        self::assertSame(200, $status);
    }

    public function testWhileTheServerIsAwayAReadingIsKeptAndSentLater(): void
    {
        $browser = $this->browser;
        $task = $this->api()->task('2470');
        $typed = $this->corrected($task);
        $this->openTask('2470');
        $browser->find('[data-testid=moves]');
        $this->undo();
        $browser->find('#typed');
        $this->untilCarried($task);
        self::$server->kill();
        $browser->keys("$typed\n");
        $browser->waitForText('[data-testid=away]', 'One entry is on this tablet only');
        $browser->waitForText('[data-testid=ledger]', $typed);
        $browser->waitForText('section[aria-label=Tally]', 'one on this tablet only');
        self::$server->up();
        // Over a reload too, and without another word.
        $browser->driver->navigate()->refresh();
        $browser->waitForText('[data-testid=ledger]', $typed);
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        self::assertFalse($browser->has('[data-testid=unsent], [data-testid=away]'));
    }

    public function testAStoppedDatabaseIsSaidAndServesAgainWhenItIsBack(): void
    {
        $api = $this->api();
        $task = $api->task('2466');
        TestDatabase::stop(self::$server->database);
        try {
            [$status, $problem] = $api->write($task, 'answer', 0, ['item' => 'load', 'answer' => 'yes']);
        } finally {
            TestDatabase::start(self::$server->database);
        }
        self::assertSame([503, 'database-away'], [$status, $problem['code']]);
        self::assertStringNotContainsString('SQLSTATE', (string) json_encode($problem));
        [$status] = $this->api()->write($task, 'answer', 0, ['item' => 'load', 'answer' => 'yes']);
        self::assertSame(200, $status);
    }

    public function testAnEndedSessionIsRenewedOverTheScreenAndKeepsWhatWasTyped(): void
    {
        $browser = $this->browser;
        $this->openTask('2471');
        $browser->press('Begin');
        $browser->waitForText('[data-testid=question]', 'Tyre');
        // At the server: an answer that is still on its way would give a deleted cookie back.
        $owner = TestDatabase::owner(self::$server->database);
        self::assertGreaterThan(0, $owner->exec('delete from sessions'));
        $browser->keys('w');
        $browser->type('#word', "Wen Harrow\n");
        try {
            $browser->waitForText('[role=dialog]', 'Sign in again');
        } catch (TimeoutException $failure) {
            // Whether one that was ended has come back.
            throw new \RuntimeException(TestDatabase::one($owner, 'select json_agg(json_build_array(id, user_id, to_timestamp(last_activity), user_agent)) from sessions'), 0, $failure);
        }
        self::assertSame('ilse@copperlane.example', $browser->find('[role=dialog] #email')->getAttribute('value'));
        $browser->type('[role=dialog] #password', "plumb-and-line\n");
        // Whose session it is, is told: what was kept for them goes.
        $this->until('document.querySelector("[role=dialog]") === null');
        // It goes by itself, without another word.
        $browser->waitForText('main', 'Wen Harrow');
        $this->until('document.querySelector("[data-testid=unsent]") === null');
        self::assertStringNotContainsString('not saved', $browser->text('section[aria-label=Tally]'));
    }

    public function testAPageThatDidNotComeWholeIsOpenedAgainAndSaysWhatItWaitsFor(): void
    {
        $browser = $this->browser;
        // As where a tablet goes from one network to another in the middle of it.
        foreach (['*/start-*.js', '*/first-*.js'] as $script) {
            $browser->without($script);
            $browser->visit('/');
            $this->until('Number(sessionStorage.getItem("opened-again")) > 0');
            $browser->without();
            $browser->find('#email');
            $this->until('sessionStorage.getItem("opened-again") === null');
        }
        $browser->without('*/en-*.json');
        $browser->visit('/');
        $browser->without();
        $browser->find('#email');
        // One that stays away.
        $browser->without('*/first-*.js');
        $browser->visit('/');
        $browser->waitForText('body', 'Lumbro has not loaded');
        $browser->without();
        $browser->driver->findElement(WebDriverBy::cssSelector('body a'))->click();
        self::assertSame('', $browser->find('#email')->getAttribute('value'));
    }

    public function testWhatIsDoneBeforeTheApplicationIsThereIsDone(): void
    {
        $browser = $this->browser;
        $this->signIn();
        $tools = new ChromeDevToolsDriver($browser->driver);
        $early = function (string $does) use ($tools): string {
            ['identifier' => $name] = $tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<JS
                new MutationObserver((_, all) => {
                    const early = document.querySelector('[data-early]');
                    if (early === null || window.did) return;
                    window.did = true;
                    $does
                }).observe(document, { childList: true, subtree: true });
                JS]);

            return $name;
        };
        // Nothing moves away from under a finger: what comes over the list later has its place from the beginning.
        $strip = 'document.querySelector(\'main section a[href="/day"]\') !== null';
        $this->until($strip);
        $top = 'Math.round([...document.querySelectorAll("main li")].find((one) => one.textContent.startsWith("2474")).getBoundingClientRect().top)';
        $script = $early("window.high = $top;");
        $browser->visit('/');
        $this->until("$strip && document.querySelector('[data-early]') === null");
        $this->until('window.did === true');
        self::assertSame($browser->driver->executeScript("return $top"), $browser->driver->executeScript('return window.high'));
        $tools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $script]);

        $script = $early(<<<'JS'
            const field = early.querySelector('input');
            field.focus();
            field.value = 'Tessara Hal';
            field.dispatchEvent(new Event('input', { bubbles: true }));
            JS);
        $browser->visit('/');
        self::assertSame('Tessara Hal', $browser->find('#search:focus')->getAttribute('value'));
        $this->until('[...document.querySelectorAll("main li")].length === 1');
        $tools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $script]);

        // A finger that is lifted only after the application has come presses what it was put on.
        $script = $early(<<<'JS'
            const row = [...early.querySelectorAll('li')].find((one) => one.textContent.includes('2474')).querySelector('a');
            row.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true }));
            setTimeout(() => {
                window.there = row.isConnected;
                row.dispatchEvent(new PointerEvent('pointerup', { bubbles: true }));
                row.click();
            }, 1200);
            JS);
        $browser->visit('/');
        $browser->waitForText('main', '2474');
        $this->until('window.there === true');
        self::assertStringStartsWith('/orders/', (string) parse_url($browser->driver->getCurrentURL(), PHP_URL_PATH));
        $tools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $script]);
        $browser->driver->navigate()->back();
        $browser->find('#search');
    }

    public function testTwoPeopleOnOneCarLoseNeitherSide(): void
    {
        $browser = $this->browser;
        $this->openTask('2468', 'bram@copperlane.example');
        $browser->find('[data-testid=prove]');
        $browser->driver->findElements(WebDriverBy::cssSelector('nav button'))[1]->click();
        $browser->press('Wheels straight ahead');
        $question = $browser->text('[data-testid=question] h1');
        $api = $this->api();
        $task = $api->task('2468');
        [, $state] = $api->get("/api/tasks/$task");
        [$status] = $api->write($task, 'reading', $state['version'], ['call' => 'bar-left', 'typed' => '2418 mm']);
        self::assertSame(200, $status);
        // An answer is put on top of what came in meanwhile; nobody has to say so.
        $browser->keys('n');
        $this->until('![...document.querySelectorAll("[data-testid=question] h1")].some((one) => one.textContent === ' . json_encode($question) . ')');
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        [, $state] = $api->get("/api/tasks/$task");
        self::assertContains('2418 mm', array_column($state['ledger'], 'typed'));
        $answered = array_column($state['preparation'], 'answer', 'question');
        self::assertSame('no', $answered[$question]);
    }

    public function testAWriteWithoutTheTokenIsRefusedAsAnEndedSession(): void
    {
        $api = $this->api();
        $api->forgetCookies();
        [$status, $problem] = $api->post('/api/session', ['email' => 'x', 'password' => 'y']);
        self::assertSame([419, 'session-expired'], [$status, $problem['code']]);
        self::assertSame(401, (new ApiClient(self::$server->address()))->get('/api/repair-orders')[0]);
    }
}
