<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\TestDatabase;

/** What takes long is shown with how far it is, wherever one goes meanwhile, and called off by a button. */
final class UnderwayTest extends BrowserCase
{
    public function testAReportIsWaitedForAndCalledOff(): void
    {
        $browser = $this->browser;
        $this->signIn('fenna@copperlane.example', 'ink-and-paper');
        $owner = TestDatabase::owner(self::$server->database);
        $order = TestDatabase::one($owner, "select id from repair_orders where number = '2463'");
        $browser->visit("/orders/$order/closing");
        $browser->find('iframe');
        // Nothing comes of it until this lets go.
        $owner->exec('begin; lock table sealed_records in access exclusive mode');
        $browser->press('PDF');
        $browser->waitForText('[data-testid=underway]', 'Making the report');
        $browser->waitForText('[data-testid=underway]', 'lumbro-2463-customer.pdf');
        $this->assertAccessible('a report underway');
        $browser->press('Cancel');
        $browser->waitForText('[role=alert]', 'Cancelled. Nothing was changed.');
        self::assertFalse($browser->has('[data-testid=underway]'));
        $owner->exec('rollback');
        // Asked for again it comes, and the browser keeps it.
        $browser->press('PDF');
        $browser->until('document.querySelector("[role=alert]") === null && !document.querySelector("[data-testid=underway]") && !document.querySelector("button.MuiButton-loading")');
        self::assertSame('2', TestDatabase::one($owner, "select count(*) from chores where kind = 'report'"));
        self::assertSame('1', TestDatabase::one($owner, "select count(*) from chores where kind = 'report' and state = 'done'"));
    }
}
