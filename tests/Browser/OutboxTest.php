<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Answers;
use Tests\Support\Browser;

/** What is typed while nothing can be sent waits on the device, in order, and goes as soon as it can. */
final class OutboxTest extends BrowserCase
{
    protected const CARRIES = true;

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
                $call = (string) $browser->find('#typed')->getAttribute('data-reading');
                [$about] = array_values(array_filter($state['calls'], static fn(array $one): bool => $one['id'] === $call));
                // As exact as a tape, each with a figure of its own.
                $text = ['length' => sprintf('%d mm', round($about['expected'])), 'height' => sprintf('%d mm', round($about['expected'])), 'sided' => '0 mm', 'turn' => '0'][$about['reads']];
                $browser->type('#typed', "$text\n");
                $typed[] = [$call, $text];
                $count = count($typed) === 1 ? 'one on this tablet only' : count($typed) . ' on this tablet only';
                $this->until('document.querySelector("[data-testid=asked]") !== null || document.querySelector("section[aria-label=Tally]").innerText.includes(' . json_encode($count) . ')');
                if ($browser->has('[data-testid=asked]')) {
                    // Nobody measures as quickly as a test types.
                    $browser->press('It does show');
                }
                $browser->waitForText('section[aria-label=Tally]', $count);
                $this->until('document.getElementById("typed")?.dataset.reading !== ' . json_encode($call));
            }
        };
        $this->untilCarried($task);
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
        $this->undo();
        $browser->find('#typed');
        $this->untilCarried($task);
        self::$server->kill();
        $browser->keys("$typed\n");
        $browser->waitForText('[data-testid=away]', 'One entry is on this tablet only');
        self::$server->up();
        // Somebody else signs in on this device before it could go.
        $this->leave();
        $this->openTask('2470', 'bram@copperlane.example');
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        self::assertFalse($browser->has('[data-testid=unsent], [data-testid=away]'));
        self::assertSame($before, $count(), 'it is not sent in another name');
        $this->leave();
        $this->openTask('2470');
        $browser->waitForText('[data-testid=ledger]', $typed);
        self::assertSame($before + 1, $count());
        $readings = array_column($api->get("/api/tasks/$task")[1]['ledger'], 'person', 'typed');
        self::assertSame('Ilse Corrant', $readings[$typed]);
    }

    public function testAPageThatStillShowsAnotherPersonWritesNothingInTheNewOnesName(): void
    {
        $browser = $this->browser;
        $api = $this->api();
        $task = $api->task('2470');
        $typed = $this->corrected($task);
        $this->openTask('2470');
        $this->undo();
        $browser->find('#typed');
        $before = $api->get("/api/tasks/$task")[1]['ledger'];
        // Somebody else signs in at another tab of this device.
        $first = $browser->driver->getWindowHandle();
        $browser->driver->switchTo()->newWindow();
        $second = $browser->driver->getWindowHandle();
        $browser->visit('/');
        $browser->find('#search');
        $browser->press('Sign out');
        $browser->signIn('bram@copperlane.example', 'plumb-and-line');
        $browser->find('#search');
        $browser->driver->switchTo()->window($first);
        $browser->keys("$typed\n");
        $browser->waitForText('[role=dialog]', 'Somebody else has signed in on this device');
        self::assertSame($before, $api->get("/api/tasks/$task")[1]['ledger']);
        // Signed in again, it is there in the name of whoever typed it.
        $browser->signIn('ilse@copperlane.example', 'plumb-and-line');
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        $browser->waitForText('[data-testid=ledger]', $typed);
        self::assertSame('Ilse Corrant', array_column($api->get("/api/tasks/$task")[1]['ledger'], 'person', 'typed')[$typed]);
        $browser->driver->switchTo()->window($second)->close();
        $browser->driver->switchTo()->window($first);
    }

    public function testPhotosTakenWithoutANetworkAreKeptOverAClosedTabAndArriveOnce(): void
    {
        $browser = $this->browser;
        $order = $this->api()->order('2470');
        $count = fn(): int => count($this->api()->get("/api/repair-orders/$order")[1]['photos']);
        $before = $count();
        $this->openTask('2470');
        $browser->visit("/orders/$order/photos");
        $browser->waitForText('main', 'Take or pick a photo');
        $files = [];
        foreach ([[200, 40, 40], [40, 40, 200]] as $i => [$red, $green, $blue]) {
            $picture = imagecreatetruecolor(80, 60) ?: self::fail('There is no picture.');
            imagefill($picture, 0, 0, (int) imagecolorallocate($picture, $red, $green, $blue));
            imagejpeg($picture, $files[] = getenv('LUMBRO_SCRATCH') . "/photo-$i.jpg");
        }
        $pick = fn(string $file): mixed => $browser->driver->findElement(WebDriverBy::cssSelector('[data-testid=photo-input]'))->sendKeys($file);
        $browser->network(false);
        $pick($files[0]);
        $browser->waitForText('[data-testid=waiting-photos]', '1 photo is on this tablet only');
        $pick($files[1]);
        $browser->waitForText('[data-testid=waiting-photos]', '2 photos are on this tablet only');
        self::assertSame([], $browser->axe());
        self::assertSame($before, $count());
        $browser->changeTab();
        // In any screen, as soon as there is a server.
        $browser->visit('/');
        $browser->find('#search');
        for ($until = microtime(true) + Browser::PATIENCE; $count() < $before + 2 && microtime(true) < $until; usleep(200_000)) {
        }
        self::assertSame($before + 2, $count());
        $this->until('document.querySelector("[data-testid=waiting-photos]") === null');
        $browser->visit("/orders/$order/photos");
        $browser->find('main');
        self::assertSame($before + 2, $count(), 'once each');
    }

    public function testAPhotoThatIsNoneSaysSoAndHoldsNothingUp(): void
    {
        $order = $this->api()->order('2470');
        $this->openTask('2470');
        $this->browser->visit("/orders/$order/photos");
        $this->browser->waitForText('main', 'Take or pick a photo');
        file_put_contents($file = getenv('LUMBRO_SCRATCH') . '/no-photo.jpg', 'no photo');
        $this->browser->driver->findElement(WebDriverBy::cssSelector('[data-testid=photo-input]'))->sendKeys($file);
        $this->browser->waitForText('main [role=alert]', 'JPEG');
        self::assertFalse($this->browser->has('[data-testid=waiting-photos]'));
    }

    /** Nobody is signed in on this device any more. An answer that is still on its way gives a deleted cookie back. */
    private function leave(): void
    {
        for ($tries = 0; $tries < 10; $tries++) {
            $this->browser->driver->manage()->deleteAllCookies();
            $this->browser->visit('/');
            $this->browser->find('#email, #search');
            if ($this->browser->has('#email')) {
                return;
            }
        }
        self::fail('The session outlives its cookie.');
    }
}
