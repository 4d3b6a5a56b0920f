<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** A reading that cannot well be meant is asked about, once, and by keys alone. */
final class FarOffReadingTest extends BrowserCase
{
    public function testItIsAskedAboutAndTakenOnlyByAWordOfOnesOwn(): void
    {
        $browser = $this->browser;
        $this->openTask('2470');
        $browser->find('[data-testid=moves]');
        $browser->keys('d');
        $browser->waitForText('[data-testid=read] h1', 'Spot off the line');
        $browser->keys('0' . WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=read] h1', 'Tape along the line');
        $browser->keys('227.5' . WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=asked]', '2,275 mm would fit');
        $this->assertAccessible('a question about a reading');
        // Another Enter asks again and takes nothing.
        $browser->keys(WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=asked]', '2,275 mm would fit');
        self::assertStringContainsString('Tape along the line', $browser->text('[data-testid=read] h1'));
        $this->tabTo('It does show 227.5: take it');
        $browser->keys(WebDriverKeys::ENTER);
        // Whoever says so is believed, and what the tape shows then contradicts the others.
        $browser->waitForText('[data-testid=ledger]', '227.5');
        $browser->waitForText('section[aria-label=Tally]', 'readings disagree');
    }
}
