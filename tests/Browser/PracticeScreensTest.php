<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** The screens of practice, for a learner and for a trainer: worked by keys, read by axe, at every size. */
final class PracticeScreensTest extends BrowserCase
{
    public function testTheBenchIsWorkedByKeysAndTellsNothing(): void
    {
        $browser = $this->browser;
        $this->signIn();
        $browser->visit('/practice');
        $browser->find('[data-testid=free-car]');
        $this->assertAccessible('practice');
        self::assertSame([], $this->smallTargets());
        $browser->find('[data-testid=lesson-behind-the-zero] button')->click();
        $browser->find('[data-testid=bench-questions]');
        $this->assertAccessible('the bench');
        self::assertSame([], $this->smallTargets());
        $this->part('Measure');
        $browser->driver->executeScript('document.querySelector("[data-testid=bench-height] button").click()');
        $browser->find('#bench-typed');
        $browser->keys('m');
        $this->until('document.getElementById("bench-typed").value !== ""');
        $browser->keys(WebDriverKeys::ENTER);
        $this->until('document.getElementById("bench-typed") === null');
        $this->assertAccessible('readings on the bench');
        foreach (['Move', 'Tool', 'Causes'] as $part) {
            $this->part($part);
            $this->assertAccessible("$part on the bench");
            self::assertSame([], $this->smallTargets(), $part);
        }
        foreach (['Holds', 'Unproven', 'barred', 'disagree'] as $verdict) {
            self::assertStringNotContainsString($verdict, $browser->text('body'));
        }
        foreach ([[1024, 768], [768, 1024]] as [$width, $height]) {
            $browser->size($width, $height);
            self::assertLessThanOrEqual($width, $browser->driver->executeScript('return document.documentElement.scrollWidth'), "$width px");
        }
        $browser->size(1280, 800);
    }

    public function testAnAnswerIsReckonedAndThePlanIsReplayedByKeys(): void
    {
        $browser = $this->browser;
        $this->signIn();
        $browser->visit('/practice');
        $browser->find('[data-testid=lesson-the-weak-echo] button')->click();
        $browser->find('[data-testid=advice]');
        $browser->press('Ask what to do now');
        $browser->waitForText('[data-testid=advice]', 'The next step');
        $browser->visit($this->exercise() . '/answer');
        $browser->find('[data-testid=answer]');
        $this->assertAccessible('the answer');
        // What is ticked outlives a reload.
        $browser->driver->executeScript('document.querySelector("[data-testid=answer] input[value=holds]").click()');
        $browser->driver->navigate()->refresh();
        $browser->find('[data-testid=answer]');
        self::assertTrue($browser->driver->executeScript('return document.querySelector("[data-testid=answer] input[value=holds]").checked'));
        $browser->press('This is my answer');
        $browser->find('[data-testid=scores]');
        $browser->waitForText('[data-testid=faults]', 'You did not name it.');
        foreach (['light', 'dark'] as $scheme) {
            $browser->media('screen', $scheme);
            $this->assertAccessible("the reckoning, $scheme");
        }
        self::assertSame([], $this->smallTargets());
        foreach ([[768, 1024], [390, 844]] as [$width, $height]) {
            $browser->size($width, $height);
            self::assertLessThanOrEqual($width, $browser->driver->executeScript('return document.documentElement.scrollWidth'), "$width px");
        }
        $browser->size(1280, 800);
        $browser->press('The best plan');
        $browser->waitForText('[data-testid=replay]', 'Step 1 of');
        $browser->keys('n');
        $browser->waitForText('[data-testid=replay]', 'Step 2 of');
        $browser->keys('b');
        $browser->waitForText('[data-testid=replay]', 'Step 1 of');
        $this->assertAccessible('the replay');
    }

    public function testATrainerMakesACarOnTheDrawingSetsItAndSeesWhoIsWhere(): void
    {
        $browser = $this->browser;
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/practice/trainer/cars/new');
        $browser->find('[data-testid=mark-front]');
        // The front mark is drawn aside by the arrow keys, a mm at a time.
        $browser->driver->executeScript('document.querySelector("[data-testid=mark-front]").focus()');
        foreach (range(1, 12) as $ignored) {
            $browser->keys(WebDriverKeys::ARROW_UP);
        }
        $browser->waitForText('[data-testid=made-faults]', 'A mark stands aside of the car’s middle: 12 mm');
        $this->assertAccessible('the maker');
        self::assertSame([], $this->smallTargets());
        $browser->type('#make-title', 'Twelve aside');
        $browser->press('Keep this car');
        $browser->waitForText('[data-testid=own-cars]', 'Twelve aside');
        $browser->press('Set it');
        $browser->driver->executeScript('[...document.querySelectorAll("[data-testid=own-cars] label")].find((one) => one.textContent === "Bram Tolley").click()');
        $browser->press('Set it to them');
        $browser->waitForText('[data-testid=own-cars]', 'Bram Tolley, Guided: not begun');
        $this->assertAccessible('the trainer');
        self::assertSame([], $this->smallTargets());
        $browser->driver->executeScript('[...document.querySelectorAll("[data-testid=own-cars] a")].find((one) => one.textContent.startsWith("Bay sheet")).click()');
        $browser->waitForText('[data-testid=trainers-sheet]', 'Front mark (not where the drawing has it)');
        self::assertStringNotContainsString('not where', $browser->text('[data-testid=learners-sheet]'));
        $this->assertAccessible('the bay sheet');
        $browser->press('Sign out');
        $browser->find('#email');
        $this->signIn('bram@copperlane.example');
        $browser->visit('/practice');
        $browser->waitForText('[data-testid=set-to-you]', 'By Oda Merrin');
        self::assertStringNotContainsString('Twelve aside', $browser->text('main'));
        $browser->driver->executeScript('document.querySelector("[data-testid=set-to-you] button").click()');
        $browser->find('[data-testid=answer]');
        $browser->press('Sign out');
        $browser->find('#email');
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/practice/trainer');
        $browser->waitForText('[data-testid=watched]', 'Bram Tolley');
        self::assertStringContainsString('12 mm', $browser->text('[data-testid=watched]'));
    }

    private function part(string $words): void
    {
        $this->browser->driver->executeScript('[...document.querySelectorAll("main [role=group] button")].find((one) => one.textContent === arguments[0]).click()', [$words]);
    }

    private function exercise(): string
    {
        return (string) preg_replace('#^.*(/practice/runs/[0-9a-f-]+).*$#', '$1', $this->browser->driver->getCurrentURL());
    }
}
