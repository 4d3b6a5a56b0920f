<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Sheets have addresses: Back, reload and a link that was sent open what was open. */
final class AddressesTest extends BrowserCase
{
    public function testBackAndReloadKeepToTheSheetOfATask(): void
    {
        $browser = $this->browser;
        $this->openTask('2471');
        $task = $this->api()->task('2471');
        $browser->press('Line');
        $browser->press('Measure another way');
        $browser->find('[data-testid=schools]');
        self::assertStringEndsWith("/tasks/$task/line/ways", $browser->driver->getCurrentURL());
        $browser->driver->navigate()->refresh();
        $browser->find('[data-testid=schools]');
        $browser->driver->navigate()->back();
        $browser->find('[data-testid=schools-in-use]');
        self::assertStringEndsWith("/tasks/$task/line", $browser->driver->getCurrentURL());
        $browser->press('Back to the present call');
        self::assertStringEndsWith("/tasks/$task", $browser->driver->getCurrentURL());
        $browser->driver->navigate()->back();
        $browser->find('[data-testid=schools-in-use]');
    }

    public function testALinkOpensThePartOfAnOrderAndTheKitItemItNames(): void
    {
        $browser = $this->browser;
        $this->signIn();
        $order = $this->api()->order('2471');
        $browser->visit("/orders/$order/owed/front");
        $browser->waitForText('main', 'Owed');
        $browser->press('Back to what it waits for');
        self::assertStringEndsWith("/orders/$order", $browser->driver->getCurrentURL());
        $browser->driver->navigate()->back();
        $browser->waitForText('main', 'Owed');
        $browser->visit('/records?show=archives');
        $browser->find('[aria-pressed=true]');
    }

    public function testWhatTheFirstScreenShowsIsAskedForOnceAndEarly(): void
    {
        $this->signIn();
        $this->until('document.querySelector("main a[href^=\"/orders/\"]") !== null');
        self::assertSame([0, 1, 1], $this->browser->driver->executeScript(<<<'JS'
            const asked = (address) => performance.getEntriesByName(location.origin + address).length;
            return [window.askedEarly.size, asked('/api/session'), asked('/api/repair-orders')];
            JS));
        // Nobody is asked for the list who opens something else.
        $this->browser->visit('/kit');
        $this->browser->find('main h1');
        self::assertSame([1, 0], $this->browser->driver->executeScript(<<<'JS'
            const asked = (address) => performance.getEntriesByName(location.origin + address).length;
            return [asked('/api/session'), asked('/api/repair-orders')];
            JS));
    }

    public function testTheKitsFormAndABayHaveTheirAddresses(): void
    {
        $browser = $this->browser;
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/kit/new-stand');
        $browser->find('#kit-targetAhead');
        $browser->press('Leave it');
        self::assertStringEndsWith('/kit', $browser->driver->getCurrentURL());
        $browser->driver->navigate()->back();
        $browser->find('#kit-targetAhead');
        $browser->visit('/bays');
        $browser->press('Bay 2');
        self::assertMatchesRegularExpression('~/bays/[0-9a-f-]{36}$~', $browser->driver->getCurrentURL());
        $browser->driver->navigate()->refresh();
        $browser->find('button[aria-pressed=true]');
        self::assertStringContainsString('Bay 2', $browser->text('button[aria-pressed=true]'));
    }
}
