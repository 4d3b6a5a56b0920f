<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Browser;

/** The shop's people, one's own account, and archives of other installations, on the screen. */
final class PeopleAndArchivesTest extends BrowserCase
{
    public function testSomebodyIsLetInChangesTheirPasswordAndIsShutOut(): void
    {
        $browser = $this->browser;
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/people');
        $browser->waitForText('main', 'Fenna Ostrel');
        $this->assertAccessible('people');
        self::assertSame([], $this->smallTargets());
        $browser->type('#new-name', 'Nell Varga');
        $browser->type('#new-email', "ilse@copperlane.example\n");
        $browser->waitForText('form[aria-label="Let somebody in"]', 'signs in with this e-mail address already');
        $browser->clear('#new-email');
        $browser->type('#new-email', "nell@copperlane.example\n");
        $password = $browser->waitForText('[data-testid=first-password]', '-');
        $this->assertAccessible('a first password');
        $there = Browser::open(self::$server->address());
        try {
            $there->visit('/');
            $there->signIn('nell@copperlane.example', $password);
            // The password that was made up is good for one thing.
            $there->waitForText('[data-testid=due]', 'Choose your own password');
            $there->type('#old-password', 'not this');
            $there->type('#new-password', "a-new-password-of-mine\n");
            $there->waitForText('main', 'This is not your present password.');
            $there->clear('#old-password');
            $there->type('#old-password', "$password\n");
            $there->find('#search');
            $there->visit('/people');
            $there->waitForText('main', 'Your account');
            self::assertStringNotContainsString('Shut out', $there->text('main'));
            $there->press('Sign out everywhere else');
            $there->waitForText('main', 'signed in nowhere else');
            $browser->driver->executeScript('[...document.querySelectorAll("main button")].find((b) => b.textContent === "Shut out" && b.parentElement.textContent.includes("Nell")).click()');
            $browser->waitForText('main', 'shut out');
            $there->visit('/');
            $there->find('#email');
        } finally {
            $there->close();
        }
        $browser->media('screen', 'dark');
        $this->assertAccessible('people, dark');
    }

    public function testAnArchiveIsTakenInAndAChangedOneIsFound(): void
    {
        $browser = $this->browser;
        $this->signIn('fenna@copperlane.example', 'ink-and-paper');
        $order = $this->api()->order('2463');
        $json = $browser->driver->executeAsyncScript('const done = arguments[arguments.length - 1]; fetch(arguments[0]).then((r) => r.text()).then(done);', ["/api/repair-orders/$order/archive.json"]);
        self::assertIsString($json);
        $browser->visit('/records');
        $browser->waitForText('main', 'Tap an order');
        $this->assertAccessible('records');
        self::assertSame([], $this->smallTargets());
        $browser->press('Archives from elsewhere');
        $browser->waitForText('main', 'None was taken in yet');
        $this->take('a letter');
        $browser->waitForText('[role=alert]', 'JSON');
        $this->take($json);
        $browser->waitForText('[data-testid=archive]', 'every record comes out as it was sealed');
        $this->take(str_replace('"CL 1902 S"', '"CL 1902 T"', $json));
        $this->until('document.querySelectorAll("[data-testid=archive]").length === 2');
        $browser->waitForText('[data-testid=archive]', 'Changed since it was sealed.');
        $this->assertAccessible('archives');
        $browser->media('screen', 'dark');
        $this->assertAccessible('archives, dark');
        self::assertSame([], $this->smallTargets());
    }

    public function testAReaderIsToldThatNothingCanBeWritten(): void
    {
        $browser = $this->browser;
        $this->signIn('jory@copperlane.example', 'glass-and-lamp');
        $browser->visit('/orders/' . $this->api()->order('2466'));
        $browser->waitForText('body', 'You may read this order; your role writes nothing to it.');
        $this->assertAccessible('an order, read');
        $browser->visit('/tasks/' . $this->api()->task('2471'));
        $browser->waitForText('body', 'You may read this record; work at a car is recorded by a technician or a lead.');
        $this->assertAccessible('a task, read');
    }

    private function take(string $content): void
    {
        $path = getenv('LUMBRO_SCRATCH') . '/archive-' . bin2hex(random_bytes(4)) . '.json';
        file_put_contents($path, $content);
        $this->browser->driver->executeScript('document.querySelector("[data-testid=archive-file]").hidden = false');
        $this->browser->driver->findElement(WebDriverBy::cssSelector('[data-testid=archive-file]'))->setFileDetector(new LocalFileDetector())->sendKeys($path);
    }
}
