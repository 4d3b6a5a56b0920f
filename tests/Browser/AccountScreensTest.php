<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\People\Totp;

/** An account on the screen: a second factor, a PIN at a shared tablet, where one is signed in, and what leads read. */
final class AccountScreensTest extends BrowserCase
{
    public function testASecondFactorIsSetUpAndAskedFor(): void
    {
        $browser = $this->browser;
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/people');
        $browser->find('#second-password');
        $browser->tick('Leads must have a second factor');
        $browser->waitForText('main', 'Have a second factor yourself first');
        $browser->type('#second-password', "chalk-and-brass\n");
        $secret = str_replace(' ', '', $browser->waitForText('[data-testid=secret]', ' '));
        $this->assertAccessible('a second factor');
        $browser->type('#second-code', "123456\n");
        $browser->waitForText('main', 'That code is not good now');
        $browser->clear('#second-code');
        $browser->type('#second-code', Totp::code($secret, intdiv(time(), 30)) . "\n");
        $codes = $browser->waitForText('[data-testid=recovery-codes]', '-');
        self::assertSame(10, preg_match_all('/\b[a-z2-9]{4}-[a-z2-9]{4}-[a-z2-9]{4}\b/', $codes, $found));
        $this->assertAccessible('recovery codes');
        self::assertSame(1, $browser->driver->executeScript('return new Set([...document.querySelectorAll("[data-testid=recovery-codes] li")].map((one) => one.getBoundingClientRect().left)).size'), 'one below the other: no number over a code');
        $browser->press('I have them');
        $browser->waitForText('main', '10 recovery codes are left');
        self::assertSame([], $this->smallTargets());
        $browser->press('Sign out');
        $browser->find('#email');
        $browser->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->find('#code');
        $this->assertAccessible('a code that is asked for');
        $browser->type('#code', "{$found[0][4]}\n");
        $browser->find('#own-pin');
        $browser->visit('/installation');
        $browser->waitForText('main', 'Oda Merrin set up a second factor.');
        $browser->waitForText('[data-testid=check-signing]', 'sign');
        $this->assertAccessible('the installation');
        $browser->media('screen', 'dark');
        $this->assertAccessible('the installation, dark');
    }

    public function testPeopleTakeTurnsAtATablet(): void
    {
        $browser = $this->browser;
        $this->signIn('bram@copperlane.example', 'plumb-and-line');
        $browser->visit('/people');
        $browser->type('#own-pin', '12345');
        $browser->type('#pin-password', "plumb-and-line\n");
        $browser->waitForText('main', 'Others would try that first');
        $browser->clear('#own-pin');
        $browser->type('#own-pin', "70413\n");
        $browser->waitForText('main', 'You have a PIN');
        self::assertStringContainsString('Here', $browser->text('[data-testid=session]'));
        $browser->press('Sign out');
        $browser->waitForText('[data-testid=turns]', 'Who takes over?');
        $browser->press('Bram Tolley');
        $this->assertAccessible('taking turns');
        self::assertSame([], $this->smallTargets());
        $browser->type('#pin', "70414\n");
        $browser->waitForText('[data-testid=turns]', 'That is not the PIN');
        $browser->type('#pin', "70413\n");
        $browser->find('#own-pin');
    }
}
