<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\TestDatabase;

/** From an empty database to a shop with its lead signed in. */
final class FirstRunTest extends BrowserCase
{
    protected const EMPTY = true;

    public function testAShopIsSetUpOnOnePageByWhoeverHasTheCode(): void
    {
        $code = self::setUpCode();
        $this->browser->visit('/');
        $this->browser->type('#code', 'AAAA-BBBB-CCCC');
        $this->browser->type('#shop-name', 'Brasswater Panel & Paint');
        $this->browser->press('millimetres');
        $this->browser->press('2 275,5');
        $this->browser->press('A4');
        $this->browser->type('#lead-name', 'Wenna Calder');
        $this->browser->type('#lead-email', 'wenna@brasswater.example');
        $this->browser->type('#lead-password', 'tape-and-bob');
        $this->browser->type('#bay-length', '9,1 m');
        $this->browser->type('#bay-width', '4 700');
        $this->browser->press('Add something');
        foreach (['name' => 'lift post', 'fromBack' => '8.9 m', 'fromLeft' => '0', 'length' => '400', 'width' => '350'] as $field => $typed) {
            $this->browser->type("#obstacle-0-$field", $typed);
        }
        foreach (['Steel tape, 5 m', 'Steel rule', 'Height staff', 'Target stand', 'Corner reflector'] as $item) {
            $this->browser->tick($item);
        }
        $this->browser->type('#accuracy-tape-1', '2,5');
        $this->browser->type('#stand-1-targetAhead', '85 mm');
        $this->browser->type('#stand-1-halfWidth', '1,1 m');
        $this->browser->type('#corner-1-heights-top', '112');
        $this->assertAccessible('set-up page');
        $this->browser->press('Open the shop');
        $this->browser->waitForText('#code-helper-text', 'This is not the code');

        // Nothing typed is lost over a reload, the password aside.
        $this->browser->visit('/');
        self::assertSame('4 700', $this->browser->find('#bay-width')->getAttribute('value'));
        $this->browser->type('#lead-password', 'tape-and-bob');
        $this->browser->clear('#code');
        $this->browser->type('#code', strtolower($code));
        $this->browser->press('Open the shop');
        $this->browser->waitForText('#obstacle-0-fromBack-helper-text', 'would reach 9,300 mm where the bay has 9,100 mm');
        $this->browser->clear('#obstacle-0-fromBack');
        $this->browser->type('#obstacle-0-fromBack', '3 m');
        $this->browser->press('Open the shop');
        $this->browser->find('#search');
        self::assertStringNotContainsString('practice shop', $this->browser->text('header'));

        $this->browser->visit('/kit');
        $this->browser->waitForText('main', 'Steel tape, 5 m');
        self::assertStringNotContainsString('Film gauge', $this->browser->text('main'));
        $this->browser->visit('/bays');
        $this->browser->waitForText('main', 'lift post');
        self::assertSame('2.5', TestDatabase::one(TestDatabase::owner(self::$server->database), "select document->>'accuracy' from kit_items where item = 'tape-1'"));

        // The page is shut once there is a shop, whatever code somebody has.
        $this->browser->press('Sign out');
        $this->browser->find('#email');
        self::assertFalse($this->browser->has('#code'));
        $this->browser->signIn('wenna@brasswater.example', 'tape-and-bob');
        $this->browser->waitForText('main', 'lift post');
    }
}
