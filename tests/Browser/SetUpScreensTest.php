<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** The screens of floor, line and place: for everybody, in light and dark, by keys and by touch, and smooth. */
final class SetUpScreensTest extends SetUpCase
{
    public function testTheyCanBeUsedByEverybodyInLightAndDark(): void
    {
        $browser = $this->browser;
        $task = $this->client()->task('2470');
        foreach (['light', 'dark'] as $scheme) {
            $browser->media('screen', $scheme);
            $this->enter($task);
            foreach (['Floor', 'Line', 'Place'] as $stage) {
                $this->stage($stage);
                $this->assertAccessible("$stage, $scheme");
                self::assertSame([], $this->smallTargets(), "$stage, $scheme");
            }
            $browser->press('How sure this is');
            $browser->waitForText('[data-testid=survey]', 'Azimuth before the run');
            $this->assertAccessible("how sure, $scheme");
            self::assertSame([], $this->smallTargets(), "how sure, $scheme");
            $this->stage('Line');
            $browser->press('Measure another');
            $browser->waitForText('[data-testid=schools]', 'Hub marks');
            $browser->press('Show');
            $browser->find('[data-testid=sketch]');
            $this->assertAccessible("schools, $scheme");
            self::assertSame([], $this->smallTargets(), "schools, $scheme");
            $browser->visit("/tasks/$task/stake-out");
            $browser->waitForText('main', 'Two tapes from the hubs');
            $this->assertAccessible("stake-out, $scheme");
            self::assertSame([], $this->smallTargets(), "stake-out, $scheme");
        }
        $browser->media('print');
        self::assertStringNotContainsString('Back to the car', $browser->text('main'));
    }

    public function testAMetersBurstGoesToTheReadingWhereverTheFocusIs(): void
    {
        $browser = $this->browser;
        $this->order('B-1', 'front-cover-removed');
        $this->begin('B-1', 'front', 'hub-marks');
        $browser->driver->executeScript('document.activeElement.blur()');
        $browser->driver->getKeyboard()->sendKeys('2831' . WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=ledger]', '2831');
        self::assertSame('bar-right', $browser->find('#typed')->getAttribute('data-reading'));
        // Into whatever has the focus it goes as ever.
        $browser->driver->getKeyboard()->sendKeys('2830' . WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=ledger]', '2830');
        $this->undo();
        $browser->waitForText('[data-testid=ledger]', 'struck');

        $browser->visit('/practice/meter');
        $browser->find('#practice-reading');
        $browser->driver->executeScript('document.activeElement.blur()');
        $browser->driver->getKeyboard()->sendKeys('1840' . WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=bursts]', 'This meter works here');
        $this->assertAccessible('trying a meter');
        self::assertSame([], $this->smallTargets());
    }

    public function testThePlanIsPushedAndEnlargedOneFrameToAnInput(): void
    {
        $browser = $this->browser;
        $this->order('P-1', 'front-cover-removed');
        $task = $this->begin('P-1', 'front', 'plumb-and-line', 'hub-marks', 'squares');
        $version = 1;
        foreach (['spot-offset' => '3 mm left', 'spot-along' => '1842', 'split' => '2 mm right', 'bar-left' => '2831', 'bar-right' => '2832', 'cross-left' => '3395', 'cross-right' => '3397', 'check-left' => '2217', 'check-right' => '2216', 'diagonal-left' => '6027', 'diagonal-right' => '6029'] as $call => $typed) {
            [$status] = $this->client()->write($task, 'reading', $version++, ['call' => $call, 'typed' => $typed, 'confirmed' => true]);
            self::assertSame(200, $status, $call);
        }
        $browser->visit("/tasks/$task");
        $browser->waitForText('[data-testid=floor-plan]', '6,027 mm');
        [$elements, $drawn] = $browser->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const plan = document.querySelector('[data-testid=floor-plan]');
            const box = plan.parentElement.getBoundingClientRect();
            const look = () => document.querySelector('[data-testid=spot] circle').getAttribute('cx') + document.querySelector('[data-testid=spot] circle').getAttribute('r');
            const frame = () => new Promise((next) => requestAnimationFrame(next));
            let drawn = 0;
            (async () => {
                for (let i = 0; i < 60; i++) {
                    const before = look();
                    await frame();
                    plan.parentElement.dispatchEvent(new WheelEvent('wheel', { deltaY: i < 30 ? -20 : 20, clientX: box.left + 60, clientY: box.top + 60, bubbles: true, cancelable: true }));
                    await frame();
                    await frame();
                    drawn += look() === before ? 0 : 1;
                }
                done([document.querySelectorAll('[data-testid=floor-plan] *').length, drawn]);
            })();
            JS);
        self::assertGreaterThanOrEqual(50, $elements);
        self::assertGreaterThanOrEqual(58, $drawn, 'Every input is drawn; the last steps back end at the whole bay.');

        // By keys, and back to the whole.
        $browser->driver->executeScript('document.querySelector("[aria-label^=Plan]").focus()');
        $browser->driver->getKeyboard()->sendKeys('+');
        $browser->press('Whole bay');
        $this->until('! [...document.querySelectorAll("button")].some((one) => one.textContent === "Whole bay")');
    }

    public function testTheNextNumberIsReadFromThreeMetres(): void
    {
        $browser = $this->browser;
        $this->order('F-1', 'front-cover-removed');
        $this->begin('F-1', 'front', 'hub-marks');
        $browser->driver->executeScript('document.activeElement.blur()');
        $browser->keys('f');
        $browser->waitForText('[role=dialog]', '2,831 mm');
        $high = $browser->driver->executeScript("return Math.max(...[...document.querySelectorAll('[role=dialog] *')].filter((e) => e.textContent === '2,831 mm').map((e) => parseFloat(getComputedStyle(e).fontSize)))");
        self::assertGreaterThanOrEqual(800 / 6, $high, 'A number is about a fifth of the screen high.');
        $this->assertAccessible('the far view');
    }
}
