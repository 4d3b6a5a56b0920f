<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** Every main screen on a trolley's screen, a tablet both ways, a phone, and enlarged to four times its size. */
final class WidthsTest extends BrowserCase
{
    private const SIZES = [[1280, 800], [1024, 768], [768, 1024], [390, 844], [320, 640]];

    /** @return array<string, array{list<string>}> */
    public static function screens(): array
    {
        return [
            'today and the day' => [['/', '/day', '/day/hours', '/day/estimates']],
            'the shop' => [['/records', '/vehicles', '/cards', '/kit', '/bays', '/rules']],
            'practice and people' => [['/practice', '/people', '/installation']],
            'a pad' => [['/tasks/{task}/pad']],
            'an order' => [['/orders/{order}', '/orders/{order}/owed', '/orders/{order}/bay', '/orders/{order}/closing']],
            'a task' => [['/tasks/{task}/prepare', '/tasks/{task}/floor', '/tasks/{task}/line', '/tasks/{task}', '/tasks/{task}/run', '/tasks/{task}/prove']],
        ];
    }

    /** @param list<string> $paths */
    #[DataProvider('screens')]
    public function testAScreenFitsEveryWidth(array $paths): void
    {
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $ids = ['{order}' => $this->api()->order('2470'), '{task}' => $this->api()->task('2470')];
        foreach ($paths as $path) {
            $this->browser->size(1280, 800);
            $this->browser->visit(strtr($path, $ids));
            $this->browser->find('main');
            $this->until('document.querySelector(".MuiCircularProgress-root") === null');
            if ($path === '/day') {
                // With its plan, which is searched for first.
                $this->browser->find('#practice-clock');
            }
            foreach (self::SIZES as [$width, $height]) {
                $this->browser->size($width, $height);
                $this->until("innerWidth === $width");
                $where = "$path at $width";
                // Drawings take their new size once the page has taken its own.
                for ($looks = 0; $looks < 20 && $this->sideways() !== []; $looks++) {
                    usleep(100_000);
                }
                self::assertSame([], $this->sideways(), $where);
                self::assertSame([], $this->smallText(), $where);
                self::assertSame([], $this->smallTargets(), $where);
                if (in_array($width, [1280, 390], true) || getenv('LUMBRO_LONG') === '1') {
                    self::assertSame([], $this->browser->axe(), $where);
                }
            }
        }
    }

    public function testAPhoneHasTheCallFirstAndATabletUprightThePlan(): void
    {
        $this->openTask('2470');
        $top = fn(string $css): float => (float) $this->browser->driver->executeScript("return document.querySelector('$css').getBoundingClientRect().top");
        $this->browser->size(390, 844);
        $this->until('document.querySelector("button[aria-expanded]") !== null');
        self::assertLessThan($top('[data-testid=floor-plan]'), $top('[data-testid=moves]'));
        self::assertFalse($this->browser->has('nav[aria-label=Stages]'));
        $this->browser->press('Place');
        $this->browser->find('nav[aria-label=Stages]');
        $this->browser->press('Prepare');
        $this->browser->waitForText('main', 'Back to the present call');
        $this->browser->size(768, 1024);
        $this->browser->press('Back to the present call');
        $this->browser->find('[data-testid=moves]');
        self::assertLessThan($top('[data-testid=moves]'), $top('[data-testid=floor-plan]'));
        // What the bar has no room for is in its menu.
        $this->browser->press('Menu');
        $this->browser->press('Far view');
        $this->browser->waitForText('[data-testid=far-view]', '1 of 4');
        $this->browser->find('[data-testid=far-view] [data-testid=floor-plan]');
        self::assertSame([], $this->browser->axe());
    }

    public function testASleeveDoesNothingWhereTheScreenIsLocked(): void
    {
        $this->openTask('2470');
        $this->browser->press('Menu');
        self::assertSame([], $this->browser->axe());
        $this->browser->press('Lock against touches');
        $this->browser->find('[data-testid=lock]');
        $hit = fn(): mixed => $this->browser->driver->executeScript('const it = document.querySelector("[data-testid=moves] button").getBoundingClientRect(); return document.elementFromPoint(it.x + 5, it.y + 5).closest("[data-testid=lock]") !== null');
        self::assertTrue($hit());
        // A short touch is a sleeve's.
        $this->browser->button('Locked')->click();
        self::assertTrue($this->browser->has('[data-testid=lock]'));
        $this->browser->driver->executeScript('document.querySelector("[data-testid=lock] button").dispatchEvent(new PointerEvent("pointerdown", {bubbles: true}))');
        $this->until('document.querySelector("[data-testid=lock]") === null');
        self::assertFalse($hit());
    }

    public function testInTheSunThereAreNoGreys(): void
    {
        $this->openTask('2470');
        $this->browser->press('Menu');
        $this->browser->tick('For work in the sun');
        $this->browser->press('Back');
        $this->until('getComputedStyle(document.querySelector("main")).color === "rgb(0, 0, 0)"');
        self::assertSame([], $this->browser->axe());
        // It is this tablet's, over a reload.
        $this->browser->driver->navigate()->refresh();
        $this->browser->find('[data-testid=moves]');
        self::assertSame('rgb(0, 0, 0)', $this->browser->driver->executeScript('return getComputedStyle(document.querySelector("main")).color'));
    }

    /** @return list<string> what reaches over the edge of the window */
    private function sideways(): array
    {
        $found = $this->browser->driver->executeScript(<<<'JS'
            if (document.documentElement.scrollWidth <= innerWidth) return [];
            return [...document.querySelectorAll('body *')]
                .filter((one) => one.checkVisibility() && one.getBoundingClientRect().right > innerWidth + 1)
                .filter((one) => ![...one.children].some((inner) => inner.getBoundingClientRect().right > innerWidth + 1))
                .map((one) => one.tagName + ' ' + (one.textContent ?? '').slice(0, 40));
            JS);

        return is_array($found) ? array_values($found) : ['nothing was found out'];
    }

    /** @return list<string> text that is smaller than 12 px */
    private function smallText(): array
    {
        $found = $this->browser->driver->executeScript(<<<'JS'
            const size = (one) => {
                const px = parseFloat(getComputedStyle(one).fontSize);
                const drawing = one.closest('svg[viewBox]');
                return drawing === null ? px : px * drawing.getScreenCTM().a;
            };
            return [...document.querySelectorAll('body *')]
                .filter((one) => [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim() !== ''))
                .filter((one) => one.checkVisibility() && !['SCRIPT', 'STYLE', 'TITLE'].includes(one.tagName.toUpperCase()) && size(one) < 11.99)
                .map((one) => size(one).toFixed(1) + ' ' + one.textContent.slice(0, 40));
            JS);

        return is_array($found) ? array_values($found) : ['nothing was found out'];
    }
}
