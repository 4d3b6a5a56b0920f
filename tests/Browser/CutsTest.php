<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Lumbro\Core\Tests\Support\Draws;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Answers;
use Tests\Support\ApiClient;
use Tests\Support\Browser;
use Tests\Support\HiddenBay;

/** Whatever is cut off while readings are taken, the record has each of them once and in the order they were typed. */
final class CutsTest extends SetUpCase
{
    protected const CARRIES = true;

    /** Cuts in a short run, and under --long. */
    private const CUTS = [6, 300];

    private const SEED = 20_261_129;

    /** Whoever moves a stand is asked to again where somebody else measured before it. */
    protected const ROUNDS = 40;

    private Randomizer $draw;

    private string $task = '';

    private bool $isServerUp = true;

    private bool $isNetworkThere = true;

    private ApiClient $second;

    /** @var list<string> what was typed at the screen, in order */
    private array $typed = [];

    /** @var list<string> what somebody else wrote meanwhile, in order */
    private array $others = [];

    /** @var list<string> what was cut, in order */
    private array $cuts = [];

    public function testNoCutLosesDoublesOrReordersALine(): void
    {
        $this->draw = new Randomizer(new Mt19937(self::SEED));
        $this->second = (new ApiClient(self::$server->address()))->signIn('bram@copperlane.example', 'plumb-and-line');
        $most = Draws::of(self::CUTS[1], self::CUTS[0]);
        for ($order = 1; count($this->cuts) < $most; $order++) {
            $this->typed = $this->others = [];
            $bay = (new HiddenBay(self::SABLE))->stand(5635 + $this->draw->getInt(-40, 40), $this->draw->getInt(-30, 30), 180.0 + $this->draw->getInt(-15, 15) / 10, 641 + $this->draw->getInt(-25, 25));
            $this->open("CUT-$order");
            $this->follow($bay);
            $this->mend();
            $this->arrive();
            $lines = array_values(array_filter($this->client()->get("/api/tasks/{$this->task}/carried")[1]['journal']['task'], static fn(array $line): bool => $line['kind'] === 'reading'));
            $of = static fn(string $person): array => array_map(
                static fn(array $line): string => "{$line['payload']['call']}: {$line['payload']['typed']}",
                array_values(array_filter($lines, static fn(array $line): bool => $line['person'] === $person)),
            );
            $story = "Order $order of seed " . self::SEED . ': ' . implode(', ', $this->cuts);
            self::assertSame($this->typed, $of('Ilse Corrant'), $story);
            self::assertSame($this->others, $of('Bram Tolley'), $story);
            self::assertSame(array_unique(array_column($lines, 'id')), array_column($lines, 'id'), $story);
        }
    }

    /** Types one reading, with or without something cut off before, while or after it is taken. */
    protected function take(string $typed): void
    {
        $asked = $this->asked();
        if ($this->draw->getInt(0, 2) === 0) {
            $this->cut('server', 'network', 'tab', 'device', 'writer', 'back');
            $this->reach();
            $this->settle();
            if ($this->asked() !== $asked) {
                // Since somebody else measured, something else is asked for.
                return;
            }
        }
        if ($this->draw->getInt(0, 2) !== 0) {
            $this->taken($typed);
        } elseif (! $this->isTakenWhileItIsCut($typed)) {
            return;
        }
        $this->typed[] = "$asked: $typed";
        if ($this->draw->getInt(0, 2) === 0) {
            $this->cut('server', 'network', 'tab', 'device', 'writer', 'back');
            $this->reach();
        }
    }

    /** A move decides something: where this device has not yet what somebody else wrote, it waits for its person to send it. */
    protected function moved(): void
    {
        $this->browser->keys('d');
        for ($deadline = microtime(true) + Browser::PATIENCE; $this->browser->has('[data-testid=moves]') && microtime(true) < $deadline; usleep(250_000)) {
            if ($this->browser->has('[data-testid=unsent]')) {
                $this->mend();
                $this->browser->driver->executeScript('[...document.querySelectorAll("[data-testid=unsent] button")].find((one) => /^(Send again|Yes, record it|Record it as well)/.test(one.innerText) && !one.disabled)?.click()');
            }
        }
        self::assertFalse($this->browser->has('[data-testid=moves]'), 'The move was not taken after ' . implode(', ', $this->cuts) . ': ' . $this->browser->text('main'));
    }

    /** Waits until nothing is on its way; what is asked about a line that waited is answered. */
    protected function settle(): void
    {
        $button = '[...document.querySelectorAll("[data-testid=unsent] button")].find((one) => /^(Yes, record it|Record it as well)/.test(one.innerText) && !one.disabled)';
        $says = 'document.querySelector("section[aria-label=Tally]")?.innerText ?? ""';
        for ($deadline = microtime(true) + Browser::PATIENCE; microtime(true) < $deadline;) {
            $this->until("$button !== undefined || /all saved|on this tablet only|not saved/.test($says)");
            if ($this->browser->driver->executeScript("const button = $button; button?.click(); return button === undefined && ! /not saved/.test($says)") === true) {
                return;
            }
            // Cut off before this device had what somebody else wrote: what is typed is kept until that is there.
            $this->mend();
            usleep(250_000);
        }
        self::fail('It asks again and again: ' . $this->browser->text('main'));
    }

    /** A line that was on its way when something was cut off is there, or is still in its person's hand. */
    private function isTakenWhileItIsCut(string $typed): bool
    {
        [$before, $asked] = [$this->ledger(), $this->asked()];
        $this->typeAnew($typed);
        usleep(1000 * $this->draw->getInt(0, 250));
        $this->cut('server', 'network', 'tab', 'device', 'back');
        $this->reach();
        // It may still be on its way out of the page, or out of the device's queue.
        for ($looks = 0; $looks < 10; $looks++) {
            $this->settle();
            if ($this->browser->has('[data-testid=asked]')) {
                $this->browser->press('It does show');
                $this->until('document.querySelector("[data-testid=asked]") === null');
                continue;
            }
            // Both change at once: what is looked at last is not older.
            $now = $this->asked();
            if ($this->ledger() !== $before) {
                return true;
            }
            if ($now !== $asked) {
                return false;
            }
            usleep(200_000);
        }
        $this->taken($typed);

        return true;
    }

    private function typeAnew(string $typed): void
    {
        if ((string) $this->browser->find('#typed')->getAttribute('value') !== '') {
            $this->browser->clear('#typed');
        }
        $this->browser->type('#typed', $typed . WebDriverKeys::ENTER);
    }

    private function taken(string $typed): void
    {
        $before = $this->ledger();
        $this->typeAnew($typed);
        // A test types quicker than hands measure, and is asked whether it did.
        for ($deadline = microtime(true) + Browser::PATIENCE; $this->ledger() === $before && microtime(true) < $deadline; usleep(40_000)) {
            if ($this->browser->has('[data-testid=asked]')) {
                $this->browser->press('It does show');
                $this->until('document.querySelector("[data-testid=asked]") === null');
            } elseif ($this->browser->has('[data-testid=unsent]')) {
                $this->settle();
            }
        }
        self::assertContains($this->ledger(), [$before + 1, 0], "“{$typed}” was not taken after " . implode(', ', $this->cuts) . ': ' . $this->browser->text('main'));
    }

    /** The call that is asked for; empty where none is. */
    private function asked(): string
    {
        return (string) $this->browser->driver->executeScript('return document.getElementById("typed")?.dataset.reading ?? ""');
    }

    /** What this person has read: what somebody else wrote comes in at any time. */
    protected function ledger(): int
    {
        return (int) $this->browser->driver->executeScript('return [...document.querySelectorAll("[data-testid=ledger] > li")].filter((one) => one.innerText.includes("Ilse Corrant")).length');
    }

    private function cut(string ...$kinds): void
    {
        $kind = $kinds[$this->draw->getInt(0, count($kinds) - 1)];
        switch ($kind) {
            case 'server':
                $this->isServerUp ? self::$server->kill() : self::$server->up();
                $this->isServerUp = ! $this->isServerUp;
                break;
            case 'network':
                $this->isNetworkThere = ! $this->isNetworkThere;
                $this->browser->network($this->isNetworkThere);
                break;
            case 'tab':
                $this->browser->changeTab();
                $this->isNetworkThere = true;
                break;
            case 'device':
                $this->browser = $this->browser->crash();
                $this->isNetworkThere = true;
                break;
            case 'writer':
                if ($this->isServerUp) {
                    [, $state] = $this->second->get("/api/tasks/{$this->task}");
                    $typed = $this->draw->getInt(0, 3) . ' mm left';
                    [$status] = $this->second->write($this->task, 'reading', $state['version'], ['call' => 'split', 'typed' => $typed, 'confirmed' => true]);
                    $status === 200 && $this->others[] = "split: $typed";
                }
                break;
            default:
                $this->mend();
        }
        $this->cuts[] = $kind;
    }

    /** Server and network are there again. */
    private function mend(): void
    {
        if (! $this->isServerUp) {
            self::$server->up();
            $this->isServerUp = true;
        }
        if (! $this->isNetworkThere) {
            $this->browser->network(true);
            $this->isNetworkThere = true;
        }
    }

    /** The task is on the screen, in a tab that was just opened too. */
    private function reach(): void
    {
        if (str_contains($this->browser->driver->getCurrentURL(), $this->task)) {
            return;
        }
        $this->browser->visit("/tasks/{$this->task}");
        $this->browser->find('#email, [data-testid=floor-plan]');
        if ($this->browser->has('#email')) {
            $this->mend();
            $this->enter($this->task);
        }
    }

    /** All that waits has gone to the server. */
    private function arrive(): void
    {
        $this->reach();
        for ($deadline = microtime(true) + Browser::PATIENCE; microtime(true) < $deadline; usleep(200_000)) {
            $this->settle();
            if (str_contains($this->browser->text('section[aria-label=Tally]'), 'all saved') && ! $this->browser->has('[data-testid=away], [data-testid=unsent]')) {
                return;
            }
        }
        self::fail('What waits does not reach the server: ' . $this->browser->text('main'));
    }

    private function open(string $number): void
    {
        $this->order($number, 'front-cover-removed');
        $this->task = $this->client()->task($number);
        [, $state] = $this->client()->get("/api/tasks/{$this->task}");
        foreach ([...$state['preparation'], ...$state['lineSteps']] as $question) {
            $this->client()->write($this->task, 'answer', $state['version'], Answers::to($question['id']));
        }
        $this->enter($this->task);
        $this->untilCarried($this->task);
        // The first page was there before anything kept it: a second one is.
        $this->browser->visit("/tasks/{$this->task}");
        $this->untilCarried($this->task);
    }
}
