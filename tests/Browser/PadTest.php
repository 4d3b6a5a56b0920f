<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Answers;
use Tests\Support\Browser;
use Tests\Support\TestDatabase;

/** A phone in the hand and the screen on the trolley are at one task. */
final class PadTest extends BrowserCase
{
    protected const CARRIES = true;

    private ?Browser $phone = null;

    protected function setUp(): void
    {
        parent::setUp();
        // A browser that is ended here does not let go of its reading, as one that is closed by hand does.
        TestDatabase::owner('lumbro_test_padtest')->exec('delete from held_calls');
    }

    protected function tearDown(): void
    {
        $this->phone?->close();
        $this->phone = null;
        parent::tearDown();
    }

    public function testAPhoneTakesReadingsBesideTheScreenAndEachSeesTheOther(): void
    {
        $task = $this->ready('2471');
        $this->openTask('2471');
        $phone = $this->paired();
        self::assertSame([], $phone->axe());
        // What the screen asks for and what the phone asks for never disturb each other.
        $calls = $this->api()->get("/api/tasks/$task")[1]['calls'];
        $this->until('document.getElementById("typed").dataset.reading !== ' . json_encode($this->asked($phone)));
        [$hand] = array_values(array_filter($calls, fn(array $call): bool => $call['id'] === $this->asked($phone)));
        self::assertContains($this->asked($this->browser), $hand['beside']);
        $this->browser->waitForText('main', 'Ilse Corrant is at it');
        // By the pad's own keys, as gloves do it.
        foreach (['1', '4', 'mm'] as $key) {
            $phone->driver->findElement(WebDriverBy::xpath("//*[@role='group']/button[.='$key']"))->click();
        }
        self::assertSame('14 mm', $phone->find('#typed')->getAttribute('value'));
        $phone->find('button[aria-label=Erase]')->click();
        self::assertSame('14', $phone->find('#typed')->getAttribute('value'));
        $phone->clear('#typed');
        $typed = self::figure($hand);
        $phone->type('#typed', "$typed\n");
        $this->untilTaken($phone, $hand['id']);
        // The other has it without a look for it.
        $this->browser->waitForText('[data-testid=ledger]', $typed, 15);
        // And the other way round.
        $call = $this->settled($phone);
        [$due] = array_values(array_filter($calls, static fn(array $one): bool => $one['id'] === $call));
        $title = $this->browser->text('[data-testid=read] h1');
        $this->browser->type('#typed', self::figure($due));
        self::assertSame($call, $this->asked($this->browser), 'it stays what somebody is at');
        $this->browser->keys("\n");
        $this->untilTaken($this->browser, $call);
        $phone->waitForText('[data-testid=pad-last]', $title, 15);
        // One strikes, both know.
        $phone->press('Strike it');
        $phone->find('[data-testid=undo] .MuiButton-contained')->click();
        $this->browser->find('[data-testid=ledger] [data-fate=struck]');
        self::assertSame([], $phone->consoleErrors());
    }

    public function testAMetersReadingComesIntoTheFieldAndIsTakenByAPress(): void
    {
        $this->ready('2471');
        $this->openTask('2471');
        $before = (string) $this->browser->find('#typed')->getAttribute('data-reading');
        $this->browser->press('Menu');
        $this->browser->press('Stand-in');
        $this->browser->waitForText('[data-testid=meter]', 'Stand-in is connected, battery 100 %');
        $this->browser->press('Back');
        $say = fn(string $line): mixed => $this->browser->driver->executeScript('window.dispatchEvent(new CustomEvent("lumbro-meter", {detail: arguments[0]}))', [$line]);
        // However it is cut, and with noise before it.
        $say("?\nR 18");
        self::assertSame('', $this->browser->find('#typed')->getAttribute('value'));
        $say("49.5 mm\n");
        $this->until('document.getElementById("typed").value === "1849.5 mm"');
        self::assertSame($before, $this->browser->find('#typed')->getAttribute('data-reading'), 'it is looked at first');
        $say("B 12\nR 12 mm\n");
        $this->until('document.getElementById("typed").value === "12 mm"');
        $this->browser->press('Menu');
        $this->browser->waitForText('[data-testid=meter]', 'battery 12 %');
        self::assertSame([], $this->browser->axe());
        $this->browser->press('Let it go');
        $this->browser->waitForText('[data-testid=meter]', 'None is connected');
    }

    public function testThePadGoesOnWithoutANetwork(): void
    {
        $task = $this->ready('2471');
        $this->openTask('2471');
        $phone = $this->paired();
        $before = count($this->api()->get("/api/tasks/$task")[1]['ledger']);
        $phone->driver->executeAsyncScript('const done = arguments[0]; setTimeout(done, 2500)');
        $phone->network(false);
        [$call] = array_values(array_filter($this->api()->get("/api/tasks/$task")[1]['calls'], fn(array $one): bool => $one['id'] === $this->asked($phone)));
        $phone->type('#typed', self::figure($call) . "\n");
        $phone->waitForText('[data-testid=pad-stands]', 'on this phone only');
        self::assertCount($before, $this->api()->get("/api/tasks/$task")[1]['ledger']);
        $phone->network(true);
        $phone->waitForText('[data-testid=pad-stands]', 'in the name of');
        self::assertCount($before + 1, $this->api()->get("/api/tasks/$task")[1]['ledger']);
    }

    public function testACodeThatIsUsedUpSaysSo(): void
    {
        $this->openTask('2470');
        $path = $this->code();
        $this->paired($path);
        $late = Browser::open(self::$server->address());
        try {
            $late->visit($path);
            $late->waitForText('main', 'used up');
            self::assertSame([], $late->axe());
        } finally {
            $late->close();
        }
    }

    /** Everything answered that comes before the readings. */
    private function ready(string $number): string
    {
        $task = $this->api()->task($number);
        [, $state] = $this->api()->get("/api/tasks/$task");
        foreach ([...$state['preparation'], ...$state['lineSteps']] as $item) {
            if ($item['answer'] === null) {
                self::assertSame(200, $this->api()->write($task, 'answer', $state['version'], Answers::to($item['id']))[0]);
            }
        }

        return $task;
    }

    private function code(): string
    {
        $this->browser->press('Pad');
        $this->browser->find('[data-testid=pair-qr]');
        $path = (string) parse_url($this->browser->text('[data-testid=pair-address]'), PHP_URL_PATH);
        self::assertSame([], $this->browser->axe());
        $this->browser->press('Back');

        return $path;
    }

    private function paired(?string $path = null): Browser
    {
        $path ??= $this->code();
        $this->phone = Browser::open(self::$server->address());
        $this->phone->size(390, 844);
        $this->phone->visit($path);
        $this->phone->find('#typed, [data-testid=pad-call]');

        return $this->phone;
    }

    private function untilTaken(Browser $at, string $call): void
    {
        $at->until('document.querySelector("[data-testid=asked]") !== null || document.getElementById("typed")?.dataset.reading !== ' . json_encode($call));
        if ($at->has('[data-testid=asked]')) {
            // Nobody measures as quickly as a test types.
            $at->press('It does show');
            $at->until('document.getElementById("typed")?.dataset.reading !== ' . json_encode($call));
        }
    }

    /** What the screen asks for once both know where the other is. */
    private function settled(Browser $phone): string
    {
        for ($deadline = microtime(true) + Browser::PATIENCE; microtime(true) < $deadline; usleep(300_000)) {
            $asked = [$this->asked($this->browser), $this->asked($phone)];
            $held = TestDatabase::owner('lumbro_test_padtest')->query('select call from held_calls')->fetchAll(\PDO::FETCH_COLUMN);
            if ($asked[0] !== $asked[1] && count($held) === 2 && array_diff($asked, $held) === []) {
                return $asked[0];
            }
        }
        self::fail('The two never come to two readings.');
    }

    private function asked(Browser $at): string
    {
        $at->find('#typed');

        // In one step: the field may be another by the next.
        return (string) $at->driver->executeScript('return document.getElementById("typed")?.dataset.reading ?? ""');
    }

    /** @param array<string, mixed> $call */
    private static function figure(array $call): string
    {
        return match ($call['reads']) {
            'turn' => '0',
            'sided' => '0 mm',
            default => sprintf('%d mm', round($call['expected'] ?? 500)),
        };
    }
}
