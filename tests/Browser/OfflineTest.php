<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Answers;
use Tests\Support\HiddenBay;

/** A set-up is worked through where no server answers, and is the server's own once it does. */
final class OfflineTest extends SetUpCase
{
    protected const CARRIES = true;

    /** After these readings the tab is closed, and the task opened in another. */
    private const CLOSED_AFTER = [2, 5];

    /** @var list<string> what was typed, in order */
    private array $typed = [];

    public function testATaskComesToHoldsWithNoServerFromTheFirstReadingOn(): void
    {
        $browser = $this->browser;
        $this->order('OFF-1', 'front-cover-removed');
        $bay = (new HiddenBay(self::SABLE))->stand(5635 + 26, -21, 181.3, 661);
        $task = $this->client()->task('OFF-1');
        [, $state] = $this->client()->get("/api/tasks/$task");
        foreach ($state['preparation'] as $question) {
            $this->client()->write($task, 'answer', $state['version'], Answers::to($question['id']));
        }
        $this->enter($task);
        $this->untilCarried($task);
        // The first page was there before anything kept it: a second one is.
        $browser->visit("/tasks/$task");
        $this->untilCarried($task);
        $before = count($this->lines($task));
        self::$server->kill();

        foreach (['Front mark plumbed', 'Rear mark plumbed', 'Laser line through both'] as $step) {
            $browser->waitForText('[data-testid=question]', $step);
            $browser->keys('y');
        }
        $browser->waitForText('[data-testid=away]', '3 entries are on this tablet only');
        self::assertGreaterThan(0, $this->follow($bay));
        $this->assertHolds('along', 'across', 'yaw', 'height');
        self::assertGreaterThan(6, count($this->typed));
        $shown = $this->shown();

        // A tool is moved by a server alone, and the screen says so.
        $browser->find('[data-testid=step]');
        $browser->keys('d');
        $browser->waitForText('[data-testid=refusal]', 'This needs the server');

        self::$server->up();
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        $this->until('document.querySelector("[data-testid=away], [data-testid=unsent]") === null');
        $browser->visit("/tasks/$task/place");
        $browser->find('section[aria-label=Tally]');
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        self::assertSame($shown, $this->shown());
        $lines = array_slice($this->lines($task), $before);
        $readings = array_values(array_filter($lines, static fn(array $line): bool => $line['kind'] === 'reading'));
        self::assertSame($this->typed, array_map(static fn(array $line): string => $line['payload']['typed'], $readings));
        self::assertSame(array_values(array_unique(array_column($lines, 'id'))), array_column($lines, 'id'));
        $moments = array_column($lines, 'at');
        $sorted = $moments;
        sort($sorted);
        self::assertSame($sorted, $moments, 'in the order they were typed');
        self::assertLessThan(microtime(true) - 5, (float) (new \DateTimeImmutable($moments[0]))->format('U.v'), 'when they were typed');
        self::assertSame('Ilse Corrant', $lines[0]['person']);
    }

    public function testWhatIsAskedAndRefusedIsSoWithoutAServerToo(): void
    {
        $browser = $this->browser;
        $task = $this->client()->task('2470');
        $this->enter($task);
        $browser->find('[data-testid=moves]');
        $this->untilCarried($task);
        self::$server->kill();
        try {
            $browser->keys('d');
            $browser->waitForText('[data-testid=away]', 'One entry is on this tablet only');
            $browser->type('#typed', "near enough\n");
            $browser->waitForText('[data-testid=read]', 'it is not a length');
            self::assertSame('near enough', $browser->find('#typed')->getAttribute('value'));
            $browser->clear('#typed');
            $browser->type('#typed', "900 mm left\n");
            $browser->waitForText('[data-testid=asked]', '900 mm');
            $browser->press('It does show');
            $browser->waitForText('[data-testid=away]', '2 entries are on this tablet only');
        } finally {
            self::$server->up();
        }
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        $readings = array_values(array_filter($this->lines($task), static fn(array $line): bool => $line['kind'] === 'reading'));
        self::assertSame(['900 mm left', true], [end($readings)['payload']['typed'] ?? null, end($readings)['payload']['confirmed'] ?? null]);
    }

    public function testTwoPeopleAtOneTaskAreShownBothSides(): void
    {
        $browser = $this->browser;
        $this->order('OFF-2', 'front-cover-removed');
        $task = $this->begin('OFF-2', 'front');
        $this->untilCarried($task);
        self::$server->kill();
        $this->take('14 mm right');
        $this->take('1849');
        $this->undo();
        $browser->waitForText('[data-testid=away]', '3 entries are on this tablet only');
        self::$server->up();
        // Somebody else was first: a strike decides something, and has not seen that.
        [, $state] = $this->client()->get("/api/tasks/$task");
        $this->client()->write($task, 'reading', $state['version'], ['call' => 'split', 'typed' => '2 mm left', 'confirmed' => true]);
        $browser->waitForText('section[aria-label=Tally]', 'saved');
        $this->until('document.querySelector("[data-testid=unsent]") !== null || document.querySelector("[data-testid=ledger]")?.innerText.includes("2 mm left")');
        if ($browser->has('[data-testid=unsent]')) {
            $browser->press('Record it as well');
        }
        $browser->waitForText('section[aria-label=Tally]', 'all saved');
        $kinds = array_column(array_slice($this->lines($task), -4), 'kind');
        sort($kinds);
        self::assertSame(['reading', 'reading', 'reading', 'strike'], $kinds);
    }

    public function testWhatWaitsGoesThoughItsCarIsNotOpenAnyMore(): void
    {
        $browser = $this->browser;
        $this->order('OFF-3', 'front-cover-removed');
        $task = $this->begin('OFF-3', 'front');
        $this->untilCarried($task);
        $before = count($this->lines($task));
        self::$server->kill();
        $this->take('14 mm right');
        $browser->waitForText('[data-testid=away]', 'is on this tablet only');
        $browser->visit('/');
        $browser->waitForText('[data-testid=left-here]', 'OFF-3');
        self::$server->up();
        $this->until('document.querySelector("[data-testid=left-here]") === null');
        self::assertCount($before + 1, $this->lines($task));
    }

    protected function setUp(): void
    {
        parent::setUp();
        // Whatever became of the test before.
        self::$server->up();
    }

    protected function take(string $typed): void
    {
        parent::take($typed);
        $this->typed[] = $typed;
        if (in_array(count($this->typed), self::CLOSED_AFTER, true) && $this->name() === 'testATaskComesToHoldsWithNoServerFromTheFirstReadingOn') {
            self::assertSame(1, preg_match('~/tasks/[0-9a-f-]+~', $this->browser->driver->getCurrentURL(), $address));
            $this->browser->changeTab();
            $this->browser->visit($address[0]);
            $this->browser->find('[data-testid=floor-plan]');
        }
    }

    protected function settle(): void
    {
        $this->until('/all saved|on this tablet only/.test(document.querySelector("section[aria-label=Tally]")?.innerText ?? "")');
    }

    /** @return list<string> what the screen makes of it: each verdict with its figures */
    private function shown(): array
    {
        return array_map(static fn($cell): string => $cell->getText(), $this->browser->driver->findElements(WebDriverBy::cssSelector('[data-testid^=verdict-], [data-testid=if-run-now]')));
    }

    /** @return list<array<string, mixed>> the task's own lines */
    private function lines(string $task): array
    {
        return $this->client()->get("/api/tasks/$task/carried")[1]['journal']['task'];
    }
}
