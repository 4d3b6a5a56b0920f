<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Illuminate\Support\Str;
use Tests\Support\ApiClient;

/** What is entered at intake survives a reload, a lost connection and a second person; the screens work by touch and on a tablet. */
final class OrderResilienceTest extends BrowserCase
{
    public function testWhatIsTypedSurvivesAReloadAndALostConnection(): void
    {
        $browser = $this->browser;
        $this->openOrder('2474', 'bram@copperlane.example');
        $browser->type('#captured', 'L31K9');
        $browser->driver->navigate()->refresh();
        $this->until('document.getElementById("captured")?.value === "L31K9"');
        self::$server->kill();
        $browser->type('#captured', "\n");
        $browser->waitForText('[data-testid=unsent]', 'L31K9');
        $browser->waitForText('[aria-label=Tally]', 'one line not saved');
        self::$server->up();
        $browser->driver->navigate()->refresh();
        $browser->waitForText('[aria-label="To capture"]', 'L31K9');
        $browser->waitForText('[aria-label=Tally]', 'all saved');
        $captures = $this->api()->get('/api/repair-orders/' . $this->api()->order('2474'))[1]['captures'];
        self::assertContains('L31K9', array_column($captures, 'value'));
    }

    public function testTwoPeopleOnOneOrderSeeBothSides(): void
    {
        $browser = $this->browser;
        $this->openOrder('2471');
        $browser->press('Conditions');
        $browser->waitForText('[data-testid=condition]', 'Tyre pressures');
        $api = $this->api();
        $order = $api->order('2471');
        $version = $api->get("/api/repair-orders/$order")[1]['version'];
        $note = static fn(array $payload): array => ['id' => (string) Str::uuid7(), 'version' => $version, 'kind' => 'condition', 'payload' => $payload];
        // Another matter first: it holds nobody up.
        self::assertSame(200, $api->post('/api/lines', ['order' => $order] + $note(['item' => 'doors', 'answer' => 'yes']))[0]);
        self::assertSame(200, $api->post('/api/lines', ['order' => $order] + $note(['item' => 'tyres', 'answer' => 'no']))[0]);
        $browser->keys('y');
        $browser->waitForText('[data-testid=asked]', 'No values are given for');
        $browser->press('Yes, record it');
        $clash = $browser->waitForText('[data-testid=unsent]', 'Somebody else has recorded something about the same matter');
        self::assertStringContainsString('tyres, no', $clash);
        self::assertStringContainsString('tyres, yes', $clash);
        $browser->press('Record mine as well');
        $browser->waitForText('[aria-label=Tally]', 'all saved');
        $kept = array_column($api->get("/api/repair-orders/$order")[1]['conditions'], 'answer', 'item');
        self::assertSame(['yes', 'yes'], [$kept['tyres'], $kept['doors']]);
    }

    public function testEveryNewScreenIsAccessibleInBothSchemesOnDeskAndTabletAndByTouch(): void
    {
        $browser = $this->browser;
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $order = '/orders/' . $this->api()->order('2474');
        $cards = $this->api()->get('/api/cards?search=badge')[1]['cards'];
        $card = '/cards/' . $cards[0]['id'];
        $screens = [$order => '[data-testid=waits]', '/' => 'main li', '/orders/new' => '#vin', '/cards' => 'main li', $card => '[data-testid=dispute]', "$card/edit" => '#value-spot-along', '/kit' => 'main section'];
        foreach ([['light', 1280, 800], ['dark', 1024, 768]] as [$scheme, $width, $height]) {
            $browser->media('screen', $scheme);
            $browser->size($width, $height);
            foreach ($screens as $path => $sign) {
                $browser->visit($path);
                $browser->find($sign);
                $this->assertAccessible("$path, $scheme, $width");
                self::assertSame([], $this->smallTargets(), "$path, $width");
                self::assertLessThanOrEqual($width, $browser->driver->executeScript('return document.documentElement.scrollWidth'), $path);
            }
        }
        $browser->visit($order);
        $browser->find('[data-testid=waits]');
        foreach (['Work done', 'Owed', 'Before refit', 'Pre-scan', 'Conditions', 'Kit', 'Car', 'Bay', 'Photos'] as $part) {
            foreach ($browser->driver->findElements(WebDriverBy::cssSelector('nav button')) as $button) {
                if (str_starts_with($button->getText(), $part)) {
                    $button->click();
                    break;
                }
            }
            $browser->find("main[aria-label=\"$part\"]");
            $this->assertAccessible("$part, dark, tablet");
            self::assertSame([], $this->smallTargets(), $part);
        }
    }

    public function testStoredScriptStaysText(): void
    {
        $script = '<img src=x onerror="window.stored=1"><script>window.stored=1</script>';
        $lead = (new ApiClient(self::$server->address()))->signIn('oda@copperlane.example', 'chalk-and-brass');
        $id = static fn(): string => (string) Str::uuid7();
        $choices = $lead->get('/api/intake')[1];
        $sheet = array_column($choices['sheets'], 'id', 'name')['Quillon Sable'];
        [, $order] = $lead->post('/api/repair-orders', ['id' => $id(), 'version' => 0, 'number' => 'X <b>1', 'vehicle' => "Sable $script", 'plate' => '<i>P</i>', 'sheet' => $sheet, 'operations' => ['rear-cover-removed', 'knock-front']]);
        $notes = [
            ['detail', ['field' => 'note', 'value' => $script]],
            ['cover', ['cover' => 'rear', 'off' => true]],
            ['capture', ['sensor' => 'rear-left', 'item' => 'serial', 'value' => $script, 'word' => substr($script, 0, 70)]],
            ['capture', ['sensor' => 'rear-left', 'item' => 'photo', 'reason' => $script]],
            ['condition', ['item' => 'load', 'answer' => 'on-word', 'word' => substr($script, 0, 70)]],
            ['owed-answer', ['sensor' => 'front', 'operation' => 'knock-front', 'answer' => 'owed', 'source' => $script, 'word' => substr($script, 0, 70)]],
            ['scan', ['phase' => 'pre', 'origin' => substr($script, 0, 100), 'scan' => ['tool' => $script, 'readAt' => '<b>now</b>', 'codes' => [['unit' => '<b>u</b>', 'code' => '<b>c</b>', 'text' => $script, 'status' => '<b>s</b>']]]]],
        ];
        foreach ($notes as [$kind, $payload]) {
            [$status, $answer] = $lead->post('/api/lines', ['order' => $order['id'], 'id' => $id(), 'version' => $order['version'], 'kind' => $kind, 'payload' => $payload]);
            self::assertSame(200, $status, (string) json_encode($answer));
            $order = $answer;
        }
        $card = $lead->get('/api/cards/' . $lead->get('/api/cards?search=inclinometer')[1]['cards'][0]['id'])[1];
        $document = ['id' => 'script-card', 'title' => $script, 'source' => $script, 'cautions' => [$script]] + $card['document'];
        $document['sensor']['name'] = substr($script, 0, 50);
        $document['steps'][0]['text'] = $script;
        [$status, $entered] = $lead->post('/api/cards', ['id' => $id(), 'version' => 0, 'document' => $document]);
        self::assertSame(200, $status, (string) json_encode($entered));
        $item = $lead->get('/api/kit')[1]['items'][0];
        self::assertSame(200, $lead->post('/api/kit', ['id' => $id(), 'version' => 0, 'document' => ['id' => 'script-item', 'name' => $script, 'note' => $script] + $item['document']])[0]);

        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        foreach (['/' => '<img src=x', "/orders/{$order['id']}" => '<img src=x', '/cards' => '<img src=x', "/cards/{$entered['id']}" => '<img src=x', "/cards/{$entered['id']}/edit" => null, '/kit' => '<img src=x'] as $path => $shown) {
            $this->browser->visit($path);
            $shown === null ? $this->browser->find('#value-title') : $this->browser->waitForText('body', $shown);
            self::assertNull($this->browser->driver->executeScript('return window.stored ?? null'), $path);
        }
        $this->browser->visit("/orders/{$order['id']}");
        foreach (['Owed', 'Before refit', 'Pre-scan', 'Conditions', 'Car'] as $part) {
            $this->browser->press($part);
            $this->browser->find("main[aria-label=\"$part\"]");
            self::assertNull($this->browser->driver->executeScript('return window.stored ?? null'), $part);
        }
    }
}
