<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\HiddenBay;

/** A school other than the first one, chosen and measured without a mouse. */
#[Group('long')]
final class KeyboardSchoolTest extends SetUpCase
{
    public function testASchoolIsChosenHungReadAndMovedByKeysAlone(): void
    {
        $this->tolerance('quillon-sable-front', 'across', 6);
        $task = $this->client()->task($this->order('9701', 'front-cover-removed'));
        $this->enter($task);
        $browser = $this->browser;
        $this->tab('Line');
        $this->tab('Measure another');
        // The way in use is given up and another taken.
        foreach (['plumb-and-line', 'split-from-stand'] as $school) {
            $browser->find("[data-testid=school-$school]");
            $this->tabInto("[data-testid=school-$school] input");
            $browser->keys(' ');
        }
        $this->tab('Measure so');
        $browser->waitForText('[data-testid=schools-in-use]', 'Split');
        $this->tab('Hang it on another arm');
        $browser->find('#stand-arm');
        $browser->keys(WebDriverKeys::CONTROL . 'a' . WebDriverKeys::NULL . 'aside' . WebDriverKeys::ENTER);
        $browser->waitForText('[role=alert]', 'aside');
        $browser->keys(WebDriverKeys::CONTROL . 'a' . WebDriverKeys::NULL . '0 mm' . WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=stand-set]', 'middle');
        $this->until('!document.getElementById("stand-arm")');
        $browser->keys('p');
        $bay = (new HiddenBay(self::SABLE))->stand(5655, 12, 179.2, 639);
        for ($step = 0; $step < 140 && ! $browser->has('[data-testid=step]'); $step++) {
            $this->settle();
            if ($browser->has('[data-testid=question]')) {
                $this->sayYes();
            } elseif ($browser->has('[data-testid=moves]')) {
                foreach ($browser->driver->findElements(WebDriverBy::cssSelector('[data-testid^=move-]')) as $move) {
                    $bay->obey(str_replace("\n", ' ', explode('then “', $move->getText())[0]));
                }
                $browser->keys('d');
                $this->until('!document.querySelector("[data-testid=moves]")');
            } elseif ($browser->has('#floor-reading')) {
                $place = (string) $browser->find('#floor-reading')->getAttribute('data-reading');
                $browser->keys($bay->staff($place) . WebDriverKeys::ENTER);
                $this->until('document.getElementById("floor-reading")?.dataset.reading !== ' . json_encode($place) . ' || document.querySelector("[data-testid=asked]") !== null');
                if ($browser->has('[data-testid=asked]')) {
                    $this->tabTo('It does show');
                    $browser->keys(WebDriverKeys::ENTER);
                }
                $this->until('document.getElementById("floor-reading")?.dataset.reading !== ' . json_encode($place));
            } elseif ($browser->has('#typed')) {
                $call = (string) $browser->find('#typed')->getAttribute('data-reading');
                $browser->keys($bay->read($call) . WebDriverKeys::ENTER);
                $this->until('document.getElementById("typed")?.dataset.reading !== ' . json_encode($call) . ' || document.querySelector("[data-testid=moves], [data-testid=asked]") !== null');
                if ($browser->has('[data-testid=asked]')) {
                    $this->tabTo('It does show');
                    $browser->keys(WebDriverKeys::ENTER);
                }
                $this->until('document.getElementById("typed")?.dataset.reading !== ' . json_encode($call) . ' || document.querySelector("[data-testid=moves]")');
            }
        }
        $this->assertHolds('along', 'across', 'yaw', 'height');
        $browser->find('[data-testid=step]');
    }

    /** Goes to a button by the tab key and presses it. */
    private function tab(string $words): void
    {
        $this->browser->button($words);
        $this->tabTo($words);
        $this->browser->keys(WebDriverKeys::ENTER);
    }

    private function tabInto(string $css): void
    {
        for ($i = 0; $i < 120; $i++) {
            if ($this->browser->driver->executeScript('return document.activeElement === document.querySelector(arguments[0])', [$css]) === true) {
                return;
            }
            $this->browser->keys(WebDriverKeys::TAB);
        }
        self::fail("The tab key does not come to $css.");
    }
}
