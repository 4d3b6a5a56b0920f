<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Lumbro\Core\Practice\SampleDrive;

/** A drive taken in on the screen, with what of it counted. */
final class DriveScreenTest extends BrowserCase
{
    public function testATrackIsTakenInDrawnAndJudgedAndABadOneSaysWhy(): void
    {
        $browser = $this->browser;
        $this->openOrder('2474');
        $browser->press('Drive');
        $browser->waitForText('main', 'Not driven yet');
        $this->assertAccessible('no drive');
        $this->file('a letter');
        $browser->waitForText('[role=alert]', 'is neither GPX nor a table');
        $this->file(SampleDrive::gpx((float) gmmktime(9, 40, 0, 6, 18, 2026)));
        $said = $browser->waitForText('[data-testid=drive-front-left]', 'Enough counted');
        self::assertStringContainsString('of 14.0 min', $said);
        self::assertStringContainsString('the receiver was silent', $said);
        self::assertStringContainsString('Left front radar, Right front radar', $said);
        $browser->waitForText('main', 'says nothing by itself about the axis');
        self::assertStringContainsString('counted; lost', (string) $browser->find('[data-testid=drive-drawing]')->getAttribute('aria-label'));
        $this->assertAccessible('a drive');
        self::assertSame([], $this->smallTargets());
        $browser->media('screen', 'dark');
        $this->assertAccessible('a drive, dark');
    }

    private function file(string $content): void
    {
        $path = sys_get_temp_dir() . '/lumbro-track-' . bin2hex(random_bytes(4)) . '.gpx';
        file_put_contents($path, $content);
        $this->browser->driver->executeScript('document.querySelector("[data-testid=track-file]").hidden = false');
        $field = $this->browser->driver->findElement(WebDriverBy::cssSelector('[data-testid=track-file]'));
        $field->setFileDetector(new LocalFileDetector())->sendKeys($path);
        unlink($path);
    }
}
