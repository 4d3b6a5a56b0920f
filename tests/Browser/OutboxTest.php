<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Lumbro\Words\Words;
use Tests\Support\Answers;

/** What is typed while nothing can be sent waits on the device, in order, and goes as soon as it can. */
final class OutboxTest extends BrowserCase
{
    public function testTenReadingsTypedWithoutTheServerAndWithoutANetworkArriveInOrderOnce(): void
    {
        $browser = $this->browser;
        $api = $this->api();
        $task = $api->task('2471');
        [, $state] = $api->get("/api/tasks/$task");
        [$status, $state] = $api->write($task, 'schools', $state['version'], ['schools' => ['plumb-and-line', 'hub-marks', 'squares']]);
        self::assertSame(200, $status, (string) json_encode($state));
        foreach ([...$state['preparation'], ...$state['lineSteps']] as $item) {
            [$status, $state] = $api->write($task, 'answer', $state['version'], Answers::to($item['id']));
            self::assertSame(200, $status);
        }
        self::assertGreaterThanOrEqual(10, count($state['calls']));
        $this->openTask('2471');
        $typed = [];
        $type = function (int $readings) use ($browser, $state, &$typed): void {
            for ($i = 0; $i < $readings; $i++) {
                $title = $browser->text('[data-testid=read] h1');
                $calls = array_values(array_filter($state['calls'], static fn(array $call): bool => (new Words())->say($call['title']) === $title));
                self::assertCount(1, $calls, $title);
                // As exact as a tape, each with a figure of its own.
                $text = ['length' => sprintf('%d mm', round($calls[0]['expected'])), 'height' => sprintf('%d mm', round($calls[0]['expected'])), 'sided' => '0 mm', 'turn' => '0'][$calls[0]['reads']];
                $browser->type('#typed', "$text\n");
                $typed[] = [$calls[0]['id'], $text];
                $browser->waitForText('section[aria-label=Tally]', count($typed) === 1 ? 'one line not saved' : count($typed) . ' lines not saved');
            }
        };
        self::$server->kill();
        $type(5);
        $network = new ChromeDevToolsDriver($browser->driver);
        $network->execute('Network.enable');
        $network->execute('Network.emulateNetworkConditions', ['offline' => true, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
        self::$server->up();
        $type(5);
        // The tab is closed, and another is opened once the network is back.
        $closed = $browser->driver->getWindowHandle();
        $browser->driver->switchTo()->newWindow();
        $opened = $browser->driver->getWindowHandle();
        $browser->driver->switchTo()->window($closed)->close();
        $browser->driver->switchTo()->window($opened);
        [, $nothing] = $api->get("/api/tasks/$task");
        self::assertSame([], $nothing['ledger'], 'nothing has gone out yet');
        $browser->visit("/tasks/$task");
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        [, $after] = $api->get("/api/tasks/$task");
        $ledger = $after['ledger'];
        usort($ledger, static fn(array $one, array $other): int => $one['at'] <=> $other['at']);
        self::assertSame($typed, array_map(static fn(array $reading): array => [$reading['call'], $reading['typed']], $ledger));
    }

    public function testAQueuedReadingIsSentInItsPersonsSessionAlone(): void
    {
        $browser = $this->browser;
        $api = $this->api();
        $task = $api->task('2470');
        $count = fn(): int => count($api->get("/api/tasks/$task")[1]['ledger']);
        $before = $count();
        $typed = $this->corrected($task);
        $this->openTask('2470');
        $browser->find('[data-testid=moves]');
        $browser->keys('u');
        $browser->find('#typed');
        self::$server->kill();
        $browser->keys("$typed\n");
        $browser->waitForText('[data-testid=unsent]', $typed);
        self::$server->up();
        // Somebody else signs in on this device before it could go.
        $browser->driver->manage()->deleteAllCookies();
        $this->openTask('2470', 'bram@copperlane.example');
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        self::assertFalse($browser->has('[data-testid=unsent]'));
        self::assertSame($before, $count(), 'it is not sent in another name');
        $browser->driver->manage()->deleteAllCookies();
        $this->openTask('2470');
        $browser->waitForText('[data-testid=ledger]', $typed);
        self::assertSame($before + 1, $count());
        $readings = array_column($api->get("/api/tasks/$task")[1]['ledger'], 'person', 'typed');
        self::assertSame('Ilse Corrant', $readings[$typed]);
    }
}
