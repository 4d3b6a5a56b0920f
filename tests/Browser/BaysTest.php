<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\ApiClient;
use Tests\Support\Browser;

/** Bays are drawn by numbers and by hand, read from files, and cars are put into them. */
final class BaysTest extends BrowserCase
{
    public function testABayIsDrawnByHandByNumbersAndFromADrawing(): void
    {
        $browser = $this->browser;
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/bays');
        $browser->find('[data-testid=bay-drawing]');
        $this->assertAccessible('bays, light');
        $browser->press('New bay');
        $browser->type('#bay-name', 'Annexe');
        // By the keys: a corner pushed a metre and a bit.
        $browser->driver->executeScript('document.querySelector("[aria-label^=\'Corner 2\']").focus()');
        $browser->driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        self::assertSame('7410', $this->corner(2));
        // By hand.
        $handle = $browser->driver->findElement(WebDriverBy::cssSelector('[aria-label^="Corner 2"]'));
        $browser->driver->action()->dragAndDropBy($handle, 30, 0)->perform();
        $this->waitFor(fn(): bool => $this->isBeyond(2, 7500));
        $browser->press('Undo');
        $this->waitFor(fn(): bool => $this->corner(2) === '7410');
        // By a number.
        $field = $browser->driver->findElements(WebDriverBy::cssSelector('ol[aria-label=Corners] input'))[2];
        $field->sendKeys(WebDriverKeys::CONTROL . 'a');
        $field->sendKeys('9000' . WebDriverKeys::ENTER);
        self::assertStringContainsString('9000', (string) $browser->driver->findElement(WebDriverBy::cssSelector('[aria-label^="Corner 2"]'))->getAttribute('aria-label'));
        $browser->press('Add a thing in it');
        $browser->clear('#thing-name');
        $browser->type('#thing-name', 'the compressor');
        $browser->press('Save the bay');
        $browser->button('Annexe');
        $browser->waitForText('section[aria-label=Figures]', 'DXF');
        self::assertSame([], $this->smallTargets());

        // Its outline out of a drawing, in metres.
        $drawing = tempnam(sys_get_temp_dir(), 'bay') . '.dxf';
        file_put_contents($drawing, "0\nSECTION\n2\nHEADER\n9\n\$INSUNITS\n70\n6\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n90\n4\n70\n1\n10\n0\n20\n0\n10\n11\n20\n0\n10\n11\n20\n6\n10\n0\n20\n6\n0\nENDSEC\n0\nEOF\n");
        $browser->driver->findElement(WebDriverBy::cssSelector('[data-testid=bay-file]'))->sendKeys($drawing);
        $browser->press('11,000 × 6,000 mm, 4 corners');
        $browser->press('Save the bay');
        $browser->waitForText('[data-testid=bay-drawing]', '11,000 mm');
        unlink($drawing);
        $saved = array_column((new ApiClient(self::$server->address()))->signIn()->get('/api/bays')[1]['bays'], 'document', 'id');
        $annexe = array_values(array_filter($saved, static fn(array $bay): bool => $bay['name'] === 'Annexe'))[0];
        self::assertEquals([[0, 0], [11000, 0], [11000, 6000], [0, 6000]], $annexe['outline']);
        self::assertSame('the compressor', $annexe['obstacles'][0]['name']);
        $browser->media('screen', 'dark');
        $this->assertAccessible('bays, dark');
        self::assertSame([], array_filter($browser->consoleErrors(), static fn(string $error): bool => ! str_contains($error, '401')));
    }

    public function testACarIsPutWhereEverythingFitsAndThePlanFollows(): void
    {
        $browser = $this->browser;
        $this->openOrder('2474');
        $this->part('Bay');
        $before = $browser->waitForText('[data-testid=stance]', 'fit');
        $this->assertAccessible('stance, light');
        $browser->press('Where had it better stand?');
        $browser->waitForText('[data-testid=suggested]', 'to spare');
        // Shown on the plan first, and kept when somebody says so.
        $browser->driver->executeScript('document.querySelectorAll("[data-testid=suggested] button")[1].click()');
        $browser->waitForText('[data-testid=stance]', 'not kept yet');
        $browser->press('It stands there');
        $after = $browser->waitForText('[data-testid=stance]', 'Put here by Ilse Corrant');
        self::assertStringContainsString('Everything fits', $after);
        self::assertNotSame($before, $after);
        // By the keys, and back.
        $browser->driver->executeScript('document.querySelector("[data-testid=stance-car]").focus()');
        $browser->driver->getKeyboard()->sendKeys('t');
        $browser->waitForText('[data-testid=stance]', 'not kept yet');
        $browser->press('Leave it as it was');
        $browser->waitForText('[data-testid=stance]', 'Everything fits');
        self::assertSame([], $this->smallTargets());
        $browser->media('screen', 'dark');
        $this->assertAccessible('stance, dark');
    }

    /** @param \Closure(): bool $true */
    private function waitFor(\Closure $true): void
    {
        for ($deadline = microtime(true) + Browser::PATIENCE; ! $true() && microtime(true) < $deadline;) {
            usleep(40_000);
        }
        self::assertTrue($true());
    }

    private function isBeyond(int $corner, int $x): bool
    {
        return (int) $this->corner($corner) > $x;
    }

    private function corner(int $number): string
    {
        return (string) $this->browser->driver->findElements(WebDriverBy::cssSelector('ol[aria-label=Corners] input'))[2 * ($number - 1)]->getAttribute('value');
    }

    private function part(string $name): void
    {
        foreach ($this->browser->driver->findElements(WebDriverBy::cssSelector('nav button')) as $button) {
            if (str_starts_with($button->getText(), $name)) {
                $button->click();

                return;
            }
        }
        self::fail("There is no part $name.");
    }
}
