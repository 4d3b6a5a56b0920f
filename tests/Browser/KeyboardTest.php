<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;

/** The thread again, without a mouse, and what the keys promise. */
final class KeyboardTest extends BrowserCase
{
    public function testTheKeyboardAloneCompletesTheThread(): void
    {
        $browser = $this->browser;
        $browser->media('screen', 'dark');
        $browser->visit('/');
        $browser->find('#email');
        $this->assertAccessible('sign-in, dark');
        $browser->keys('ilse@copperlane.example' . WebDriverKeys::TAB . 'plumb-and-line' . WebDriverKeys::ENTER);
        $browser->waitForText('li', '2471');
        $this->assertAccessible('today, dark');
        $browser->type('#search', '2471');
        $this->until('document.querySelectorAll("main li").length === 1');
        $this->tabTo('Quillon Sable');
        $browser->keys(WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=condition]', 'Tyre');
        $this->assertAccessible('preparation, dark');
        for ($i = 0; $i < 30 && $browser->has('[data-testid=condition]'); $i++) {
            $question = $browser->text('[data-testid=waits]');
            $this->sayYes();
            $this->until('document.querySelector("[data-testid=waits]").textContent !== ' . json_encode($question));
        }
        $this->tabTo('Set it up');
        $browser->keys(WebDriverKeys::ENTER);
        foreach (['Front mark', 'Rear mark', 'Laser'] as $question) {
            $browser->waitForText('[data-testid=question]', $question);
            // What stands there when a screen is opened is read anyway; what changes is told.
            $question === 'Front mark' || $this->assertTold($browser->text('[data-testid=question] h1'));
            $browser->keys('y');
        }
        for ($step = 0; $step < 120 && ! $browser->has('[data-testid=step]'); $step++) {
            $this->settle();
            if ($browser->has('[data-testid=moves]')) {
                $this->assertTold('Turn the stand', 'Move the');
                $browser->keys('d');
            } elseif ($browser->has('#floor-reading')) {
                $place = (string) $browser->find('#floor-reading')->getAttribute('data-reading');
                $browser->keys('m');
                $this->until('document.getElementById("floor-reading")?.value !== ""');
                $browser->keys(WebDriverKeys::ENTER);
                $this->until('document.getElementById("floor-reading")?.dataset.reading !== ' . json_encode($place));
            } elseif ($browser->has('#typed')) {
                $title = $browser->text('[data-testid=read] h1');
                $browser->keys('m');
                $this->untilFilled();
                $browser->keys(WebDriverKeys::ENTER);
                $this->untilPast($title);
                if ($browser->has('[data-testid=read] h1')) {
                    $this->assertTold($browser->text('[data-testid=read] h1'));
                }
            }
        }
        $this->assertTold($browser->text('[data-testid=step] h1'), 'Nobody within');
        $this->assertAccessible('run, dark');
        $this->throughTheSteps();
        $browser->find('[data-testid=repeat]');
        $browser->keys('r');
        // The reflector was away for the empty zone: one reading shows that it is back.
        $browser->waitForText('[data-testid=guards]', 'was brought back');
        $title = $browser->text('[data-testid=read] h1');
        $browser->keys('m');
        $this->untilFilled();
        $browser->keys(WebDriverKeys::ENTER);
        $this->untilPast($title);
        $browser->find('[data-testid=close]');
        $this->assertTold('Azimuth');
        $this->tabTo('Seal the record');
        $browser->keys(WebDriverKeys::ENTER);
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}$/', trim($browser->text('[data-testid=seal]')));
    }

    /** A screen reader hears one of these, and whatever it comes to on the page has a role and a name. */
    private function assertTold(string ...$words): void
    {
        $any = implode(' || ', array_map(static fn(string $one): string => 'document.querySelector("[data-testid=announced]").textContent.includes(' . json_encode($one) . ')', $words));
        $this->until($any);
        $nodes = (new ChromeDevToolsDriver($this->browser->driver))->execute('Accessibility.getFullAXTree')['nodes'];
        $shown = array_filter($nodes, static fn(array $node): bool => ! $node['ignored']);
        $of = static fn(string ...$roles): array => array_values(array_filter($shown, static fn(array $node): bool => in_array($node['role']['value'] ?? '', $roles, true)));
        $name = static fn(array $node): string => trim((string) ($node['name']['value'] ?? ''));
        $controls = $of('button', 'link', 'textbox', 'combobox', 'checkbox', 'radio', 'switch', 'tab', 'menuitem', 'img', 'image', 'dialog', 'navigation');
        self::assertGreaterThan(5, count($controls));
        self::assertSame([], array_values(array_filter($controls, static fn(array $node): bool => $name($node) === '')), $words[0]);
        self::assertCount(1, $of('main'), $words[0]);
        self::assertNotSame([], array_filter($of('heading'), static fn(array $node): bool => $name($node) !== ''));
        // The drawing says in words what it shows.
        self::assertNotSame([], array_filter($of('img', 'image', 'graphics-document', 'figure'), static fn(array $node): bool => strlen($name($node)) > 20), $words[0]);
    }

    public function testKeysTurnThePlanUndoAndHelp(): void
    {
        $browser = $this->browser;
        $this->openTask('2470');
        $browser->find('[data-testid=moves]');
        $browser->waitForText('[data-testid=floor-plan]', 'you stand on the car’s right');
        $browser->keys('v');
        $browser->waitForText('[data-testid=floor-plan]', 'facing the car');
        $browser->keys('?');
        $browser->waitForText('[role=dialog]', 'Keys');
        $this->assertAccessible('keys');
        $browser->keys(WebDriverKeys::ESCAPE);
        $before = count($browser->driver->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('[data-fate=counts]')));
        $this->undo();
        $browser->find('[data-fate=struck]');
        self::assertCount($before - 1, $browser->driver->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('[data-fate=counts]')));
        // A reading that says "f" or "v" types it, once the field holds something.
        $browser->find('#typed');
        $browser->keys('1f');
        self::assertSame('1f', $browser->find('#typed')->getAttribute('value'));
        self::assertFalse($browser->has('[data-testid=far-view]'));
        // What is half typed is still there after a reload.
        $browser->driver->navigate()->refresh();
        self::assertSame('1f', $browser->find('#typed')->getAttribute('value'));
    }

    public function testThePlanIsTrue(): void
    {
        $this->openTask('2470');
        $plan = $this->browser->find('[data-testid=floor-plan]');
        [, $state] = $this->api()->get('/api/tasks/' . $this->api()->task('2470'));
        $factor = (float) $plan->getAttribute('data-factor');
        self::assertGreaterThan(1, $factor);
        $place = fn(string $what): array => (array) $this->browser->driver->executeScript(
            'const b = document.querySelector(arguments[0]).getBBox(); return [b.x + b.width / 2, b.y + b.height / 2]',
            [$what],
        );
        [$spotX, $spotY] = $place('[data-testid=spot]');
        [$targetX, $targetY] = $place('[data-testid=stand] circle');
        // Seen from the car's right, forward is to the right and the car's left is up.
        $error = [$state['plan']['stand']['target'][0] - $state['plan']['spot']['at'][0], $state['plan']['stand']['target'][1] - $state['plan']['spot']['at'][1]];
        $scale = ($targetX - $spotX) / ($factor * $error[0]);
        self::assertEqualsWithDelta(-$scale * $factor * $error[1], $targetY - $spotY, 0.5);
        // And the scale is that of the car.
        $hubs = $this->browser->driver->executeScript(
            'return [...document.querySelectorAll("[data-testid=floor-plan] circle[r=\'2.4\']")].map((c) => +c.getAttribute("cx"))',
        );
        self::assertEqualsWithDelta($scale * $state['plan']['car']['wheelbase'], max($hubs) - min($hubs), 1.0);
    }

    private function settle(): void
    {
        $this->browser->waitForText('section[aria-label=Tally]', 'all saved');
    }

    private function untilFilled(): void
    {
        $this->until('document.getElementById("typed")?.value !== ""');
    }

    private function untilPast(string $title): void
    {
        $this->until('document.querySelector("[data-testid=read] h1")?.textContent !== ' . json_encode($title));
    }

}
