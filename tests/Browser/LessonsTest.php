<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Lumbro\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every lesson of the path, done badly and then well on the screens a learner has, and scored so. */
final class LessonsTest extends RunCase
{
    /** As the form has them. */
    private const FAULTS = [
        'mark' => 'A mark stands aside', 'floor' => 'The floor falls', 'rule' => 'The rule is short', 'slip' => 'One reading was slipped', 'word' => 'Somebody’s word', 'axis' => 'The sensor looks aside',
        'backlash' => 'The screws have play', 'zero' => 'A stored zero', 'bracket' => 'The bracket or the mounting', 'cover' => 'Too much paint', 'clutter' => 'Something else reflects', 'supply' => 'The supply sags',
    ];

    /** Those of a short run: a survey, an axis, a bench, a word. */
    private const SHORT = ['one line, one spot', 'read, turn, read', 'the weak echo', 'nothing but a word'];

    /** @return iterable<string, array{string, string, string, list<string>, list<string>}> lesson, what is answered well and badly, the faults named well, causes to look into on the bench */
    public static function lessons(): iterable
    {
        $lessons = iterator_to_array(self::all());

        return Draws::areLong() ? $lessons : array_intersect_key($lessons, array_flip(self::SHORT));
    }

    /** @return iterable<string, array{string, string, string, list<string>, list<string>}> */
    private static function all(): iterable
    {
        yield 'one line, one spot' => ['one-line-one-spot', 'holds', 'sent-back', [], []];
        yield 'the tape that slipped' => ['the-tape-that-slipped', 'holds', 'holds', ['slip'], []];
        yield 'the tool in the hand' => ['the-tool-in-the-hand', 'holds', 'holds', ['rule'], []];
        yield 'what one line is worth' => ['what-one-line-is-worth', 'holds', 'open', ['mark'], []];
        yield 'one floor or two' => ['one-floor-or-two', 'holds', 'sent-back', ['floor'], []];
        yield 'read, turn, read' => ['read-turn-read', 'holds', 'holds', ['axis', 'backlash'], []];
        yield 'it springs back' => ['it-springs-back', 'sent-back', 'holds', ['bracket', 'axis'], ['bracket']];
        yield 'the weak echo' => ['the-weak-echo', 'sent-back', 'holds', ['cover'], ['cover']];
        yield 'not alone in the zone' => ['not-alone-in-the-zone', 'holds', 'sent-back', ['clutter'], ['clutter']];
        yield 'behind the zero' => ['behind-the-zero', 'sent-back', 'holds', ['zero', 'bracket', 'axis'], []];
        yield 'nothing but a word' => ['only-a-word', 'holds', 'holds', ['word', 'supply'], []];
    }

    /**
     * @param list<string> $faults
     * @param list<string> $causes
     */
    #[DataProvider('lessons')]
    public function testALessonIsDoneBadlyAndWellAndScoredSo(string $lesson, string $well, string $badly, array $faults, array $causes): void
    {
        $this->signIn();
        $this->begin($lesson);
        $this->answer($badly, 'The sensor itself', []);
        [$badMethod, $badResult] = $this->scores();
        $this->begin($lesson);
        if ($this->browser->has('[data-testid=bench-questions]')) {
            $this->workAtTheBench($causes);
        } else {
            $this->browser->press('Work at the car');
            $this->browser->find('[data-testid=floor-plan]');
            if ($this->browser->driver->executeScript('return [...document.querySelectorAll("main button")].some((one) => one.textContent === "Begin")') === true) {
                $this->browser->press('Begin');
            }
            $this->work();
        }
        $this->answer($well, in_array('cover', $faults, true) ? 'Paint, filler' : 'The bracket', $faults);
        [$method, $result] = $this->scores();
        $said = "badly $badMethod and $badResult, well $method and $result";
        self::assertGreaterThanOrEqual(80, $method, $said);
        self::assertGreaterThanOrEqual(80, $result, $said);
        self::assertLessThanOrEqual(45, $badResult, $said);
        self::assertGreaterThan($badMethod + $badResult + 40, $method + $result, $said);
        self::assertStringContainsString('You said', $this->browser->text('[data-testid=truth]'));
        self::assertSame(count($faults) > 0, str_contains($this->browser->text('[data-testid=faults]'), 'You named it.'));
    }

    public function testALessonOfTheOrderIsDoneBadlyAndWellAndScoredSo(): void
    {
        $this->signIn();
        $this->begin('not-on-the-order');
        $this->owed(['Front radar']);
        [$badMethod, $badResult] = $this->scores();
        $this->begin('not-on-the-order');
        foreach (['rear-paint', 'papers', 'behind-rear'] as $place) {
            $this->click("[data-testid=place-$place] button");
            $this->until("document.querySelector('[data-testid=place-$place]').children.length > 1");
            while ($this->browser->driver->executeScript('const note = [...document.querySelectorAll("main button")].find((one) => one.textContent === "Note it" && !one.disabled); const left = [...document.querySelectorAll("main button")].filter((one) => one.textContent === "Note it").length; note?.click(); return left') > 0) {
                usleep(100_000);
            }
        }
        $this->owed(['Front radar', 'Left rear radar', 'Right rear radar']);
        self::assertSame([100, 100], $this->scores());
        self::assertSame(0, $badResult);
        self::assertLessThan(60, $badMethod);
        self::assertStringContainsString('umper cover repainted', $this->browser->text('[data-testid=order-truth]'));
    }

    public function testAnOrderThatCannotBeClosedIsKeptOpenForWhatWasSeen(): void
    {
        $this->signIn();
        $this->browser->visit('/practice');
        $this->browser->find('[data-testid=practice-cars] button');
        $this->browser->driver->executeScript('[...document.querySelectorAll("[data-testid=practice-cars] button")].at(-1).click()');
        $this->browser->find('[data-testid=order-answer]');
        // By what is written it can be closed.
        self::assertStringNotContainsString('Front radar: neither', $this->browser->text('[data-testid=order-advice]'));
        foreach (['around', 'papers', 'scan'] as $place) {
            $this->click("[data-testid=place-$place] button");
            $this->until("document.querySelector('[data-testid=place-$place]').children.length > 1");
        }
        $this->browser->press('Note it');
        $this->browser->waitForText('[data-testid=order-advice]', 'rear bumper cover is off');
        while ($this->browser->driver->executeScript('const left = [...document.querySelectorAll("main button")].filter((one) => one.textContent === "Note it"); left.find((one) => !one.disabled)?.click(); return left.length') > 0) {
            usleep(100_000);
        }
        $this->browser->waitForText('[data-testid=order-advice]', 'Front radar: neither');
        $this->browser->driver->executeScript('document.querySelector("[data-testid=order-answer] input[value=no]").click()');
        foreach (['Front radar', 'The rear bumper cover'] as $thing) {
            $this->browser->driver->executeScript('[...document.querySelectorAll("[data-testid=order-answer] label")].find((one) => one.textContent.startsWith(arguments[0])).click()', [$thing]);
        }
        $this->browser->press('This is my answer');
        $this->browser->find('[data-testid=scores]');
        self::assertSame([100, 100], $this->scores());
    }

    /** @param list<string> $sensors that are said to be owed; the others are not */
    private function owed(array $sensors): void
    {
        foreach (['Front radar', 'Left rear radar', 'Right rear radar'] as $sensor) {
            $this->browser->driver->executeScript('[...document.querySelectorAll("[data-testid=order-answer] [role=radiogroup]")].find((one) => document.getElementById(one.getAttribute("aria-labelledby")).textContent === arguments[0]).querySelector(`input[value=${arguments[1]}]`).click()', [$sensor, in_array($sensor, $sensors, true)]);
        }
        $this->browser->press('Covers on, and answer');
        $this->browser->find('[data-testid=scores]');
    }

    private function begin(string $lesson): void
    {
        $this->browser->visit('/practice');
        $this->browser->find("[data-testid=lesson-$lesson] button")->click();
        $this->browser->find('[data-testid=answer], [data-testid=bench-questions], [data-testid=order-answer]');
    }

    /**
     * @param list<string> $faults
     */
    private function answer(string $outcome, string $cause, array $faults): void
    {
        $run = (string) preg_replace('#^.*/practice/runs/([0-9a-f-]+).*$#', '$1', $this->browser->driver->getCurrentURL());
        if (! str_contains($this->browser->driver->getCurrentURL(), '/practice/runs/')) {
            $this->browser->driver->executeScript('[...document.querySelectorAll("[data-testid=exercise-band] a")].at(-1).click()');
        } elseif (! $this->browser->has('[data-testid=answer]')) {
            $this->browser->visit("/practice/runs/$run/answer");
        }
        $this->browser->find('[data-testid=answer]');
        $this->browser->driver->executeScript('document.querySelector(`[data-testid=answer] input[value=${arguments[0]}]`).click()', [$outcome]);
        if ($outcome === 'sent-back') {
            $this->browser->find('#answer-cause')->click();
            $this->browser->driver->executeScript('[...document.querySelectorAll("[role=option]")].find((one) => one.textContent.startsWith(arguments[0])).click()', [$cause]);
        }
        foreach ($faults as $fault) {
            $this->browser->driver->executeScript('[...document.querySelectorAll("[data-testid=answer] label")].find((one) => one.textContent.startsWith(arguments[0])).click()', [self::FAULTS[$fault]]);
        }
        $this->browser->press('This is my answer');
        $this->browser->find('[data-testid=scores]');
    }

    /** @return array{int, int} method and result */
    private function scores(): array
    {
        return [(int) $this->browser->text('[data-testid=method]'), (int) $this->browser->text('[data-testid=result]')];
    }

    /** Does what the screen says, by its keys, until there is nothing more to do. */
    private function work(): void
    {
        for ($i = 0; $i < 90; $i++) {
            $this->browser->find('[data-testid=reference-asked], [data-testid=question], [data-testid=read], [data-testid=moves], [data-testid=floor-read], [data-testid=step], [data-testid=repeat], [data-testid=adjust], [data-testid=zero], [data-testid=cause], [data-testid=send-back], [data-testid=close], [data-testid=nudge]');
            $this->browser->waitForText('section[aria-label=Tally]', 'all saved');
            $before = $this->browser->text('main');
            if ($this->browser->has('[data-testid=reference-asked]')) {
                $this->browser->driver->executeScript('[...document.querySelectorAll("main form button")].find((one) => one.textContent.includes("own axis")).click()');
                $this->browser->clear('#reference-reason');
                $this->browser->type('#reference-reason', "The maker measures from the body.\n");
            } elseif ($this->browser->has('[data-testid=question]')) {
                $this->sayYes();
            } elseif ($this->browser->has('[data-testid=moves]')) {
                $this->browser->keys('d');
            } elseif ($this->browser->has('[data-testid=floor-read]')) {
                $this->meter('floor-reading');
            } elseif ($this->browser->has('[data-testid=read]')) {
                $this->meter('typed');
            } else {
                $last = $this->follow(null, 'read');
                if (end($last) !== 'read') {
                    return;
                }
                continue;
            }
            $this->until('document.querySelector("main").innerText !== ' . json_encode($before));
        }
        self::fail('It never ends.');
    }

    private function meter(string $field): void
    {
        $this->browser->keys('m');
        $this->until("document.getElementById('$field')?.value !== ''");
        $this->browser->keys(WebDriverKeys::ENTER);
    }

    /**
     * Looks at everything, goes through the card's steps and reads the axis as often as it takes, without a word of advice.
     *
     * @param list<string> $causes to look into once something is odd
     */
    private function workAtTheBench(array $causes): void
    {
        while ($this->browser->driver->executeScript('const look = document.querySelector("[data-testid=bench-questions] button"); look?.click(); return look !== null') === true) {
            $this->settled();
        }
        $this->part('Tool');
        if ($causes !== [] && $causes[0] !== 'bracket') {
            // The routine first shows that something is wrong.
            $this->steps(4);
            $this->look($causes);
            $this->part('Tool');
        }
        $this->steps(12);
        if ($causes === ['cover']) {
            return;
        }
        $this->read();
        if ($causes === ['bracket']) {
            $this->browser->press('Turned so');
            $this->settled();
            $this->steps(12);
            $this->read();
            $this->look($causes);
        }
        if ($this->browser->has('[data-testid=bench-log]')) {
            // The target went away and came back in between: it is measured once more where that tells.
            $this->part('Measure');
            $this->click('[data-testid=bench-spot-offset] button');
            $this->browser->find('#bench-typed');
            $this->meter('bench-typed');
            $this->until('document.getElementById("bench-typed") === null');
        }
    }

    private function part(string $words): void
    {
        $this->browser->driver->executeScript('[...document.querySelectorAll("main [role=group] button")].find((one) => one.textContent === arguments[0]).click()', [$words]);
    }

    private function steps(int $most): void
    {
        for ($i = 0; $i < $most && $this->browser->has('[data-testid=bench-step]'); $i++) {
            $before = $this->browser->text('[data-testid=bench-tool]');
            $this->click('[data-testid=bench-step]');
            $this->until('document.querySelector("[data-testid=bench-tool]").innerText !== ' . json_encode($before));
            $this->settled();
        }
    }

    /** Presses what may be drawn anew while it is looked at. */
    private function click(string $css): void
    {
        $this->browser->find($css);
        $this->browser->driver->executeScript('document.querySelector(arguments[0]).click()', [$css]);
    }

    private function read(): void
    {
        $before = $this->browser->text('[data-testid=bench-tool]');
        $this->browser->press('Read the axis');
        $this->until('document.querySelector("[data-testid=bench-tool]").innerText !== ' . json_encode($before));
        $this->settled();
    }

    /** @param list<string> $causes */
    private function look(array $causes): void
    {
        $this->part('Causes');
        foreach ($causes as $cause) {
            $this->click("[data-testid=cause-$cause] button");
            $this->browser->waitForText("[data-testid=cause-$cause] [role=status]", 'ound');
        }
    }

    /** Waits until nothing is on its way. */
    private function settled(): void
    {
        $this->until('document.querySelector("main [aria-busy=true], main button.MuiButton-loading") === null && document.querySelector("main button[disabled].MuiButton-outlined") === null');
    }
}
