<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Lumbro\Core\Practice\SampleDrive;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\Placing;
use Tests\Support\TestDatabase;

/** The demo's hardest order, a front pair and both rear sensors, from intake to three reports. */
#[Group('long')]
final class HardestOrderTest extends RunCase
{
    use Intaking;
    protected const HOSTS = true;

    /** What is true of each sensor: one is corrected electronically, one looks aside and has no adjuster. */
    private const TRUTH = [
        'front-left' => ['mount' => ['azimuth' => 0.78, 'elevation' => -0.2], 'seed' => 41],
        'front-right' => ['mount' => ['azimuth' => 0.06, 'elevation' => 0.05], 'seed' => 42],
        'rear-left' => ['mount' => ['azimuth' => -0.04, 'elevation' => 0.06], 'seed' => 43],
        'rear-right' => ['mount' => ['azimuth' => 1.3, 'elevation' => 0.1], 'seed' => 44, 'fault' => 'bracket'],
    ];

    public function testFromIntakeToThreeReports(): void
    {
        $browser = $this->browser;
        $owner = TestDatabase::owner(self::$server->database);
        $owner->exec("update procedure_cards set document = regexp_replace(document::text, '\"seconds\": [0-9]+', '\"seconds\": 1', 'g')::jsonb");
        $api = $this->api();
        $order = $api->order('2474');
        foreach (self::TRUTH as $sensor => $truth) {
            $whole = [
                'shifts' => ['frontMark' => [1.1, 0.6], 'rearMark' => [-1.2, -0.5], 'sensor' => [0.7, 0.9]], 'stand' => ['along' => -12, 'across' => 8, 'turn' => -0.4],
                'targetHeight' => str_starts_with($sensor, 'front') ? 507 : 689, 'sensorHeight' => str_starts_with($sensor, 'front') ? 505 : 642,
                'echoLevel' => 23.5, 'hands' => ['mm' => 0.7, 'degrees' => 0.03], 'name' => 'The hardest order', ...$truth,
            ];
            $owner->exec("update sensor_tasks set scenario = '" . json_encode($whole) . "' where repair_order_id = '$order' and sensor = '$sensor'");
        }

        $this->openOrder('2474', 'oda@copperlane.example', 'chalk-and-brass');
        $this->captureAll('110');
        foreach (['front', 'rear'] as $cover) {
            $browser->press('Before refit');
            $browser->find("[data-testid=cover-line-$cover] button[aria-label^='It went back on']")->click();
            $browser->waitForText("[data-testid=cover-$cover]", 'on');
            $this->settle();
        }
        $browser->press('Back to what it waits for');
        $this->answerQuestions();
        $this->answerConditions();
        $browser->waitForText('[data-testid=waits]', 'The sensors are ready to be set up');
        [, $page] = $api->get("/api/repair-orders/$order");
        self::assertSame(['owed', 'owed', 'owed', 'owed'], array_column((array) $page['tasks'], 'owed'));

        $placing = new Placing($api);
        foreach (array_keys(self::TRUTH) as $sensor) {
            $task = $api->task('2474', $sensor);
            $placing->place($task);
            $browser->visit("/tasks/$task");
            $browser->find('[data-testid=floor-plan]');
            $seen = $this->follow();
            [, $state] = $api->get("/api/tasks/$task");
            self::assertSame($sensor === 'rear-right', $state['run']['sentBack'] !== null, "$sensor: " . implode(', ', $seen));
            self::assertSame($sensor !== 'rear-right', $state['run']['proven'], $sensor);
            $browser->waitForText('[data-testid=close], [data-testid=sent-back]', '');
            $browser->visit("/tasks/$task");
            $browser->press('Close');
            $browser->press('Seal the record');
            $browser->waitForText('[data-testid=sealed]', 'Nothing more can be added');
        }

        $browser->visit("/orders/$order");
        $browser->waitForText('[data-testid=waits]', 'its card asks for a drive');
        $browser->waitForText('[data-testid=closing]', 'things keep it open');
        $this->assertAccessible('what keeps it open');
        self::assertSame([], $this->smallTargets());
        $this->drive();
        $browser->press('Post-scan');
        $browser->press('Scan with the tool');
        $browser->waitForText('[data-testid=comparison]', '');
        $this->roadTest();
        $this->leaveTheRest($order);
        $browser->waitForText('[data-testid=waits]', 'it is closed');
        $browser->waitForText('[data-testid=closing]', 'Closed');
        $browser->media('screen', 'dark');
        $this->assertAccessible('closed, dark');
        $browser->media('screen');

        $this->reports($order);
        $this->link();
        $browser->visit('/');
        $browser->find('#search');
        self::assertStringNotContainsString('2474', $browser->text('main'));
        $browser->visit('/records?search=halyard');
        $browser->waitForText('main', 'closed');
        $browser->find('main li button')->click();
        $browser->waitForText('section[aria-label=History]', 'One visit');
        self::assertStringContainsString('Sent back', $browser->text('section[aria-label=History]'));
        $this->assertAccessible('history of a car');
        self::assertSame([], $this->smallTargets());
        $browser->press('CLR-2474-031');
        $browser->waitForText('section[aria-label=History]', 'Electronic zeros so far');
        $this->assertAccessible('history of a sensor');
        $errors = array_filter($browser->consoleErrors(), static fn(string $line): bool => preg_match('/status of (401|403|422)/', $line) !== 1);
        self::assertSame([], array_values($errors));
        self::assertSame(['127.0.0.1'], $browser->hosts());
    }

    /** What the maker's information says of operations that no rule speaks of. */
    private function answerQuestions(): void
    {
        $browser = $this->browser;
        for ($i = 0; $i < 12; $i++) {
            $this->settle();
            $waits = $browser->text('[data-testid=waits]');
            if (! $browser->has('#owed-word')) {
                return;
            }
            if ($browser->has('#owed-source')) {
                $browser->type('#owed-source', 'Tessara service sheet T-58 (invented), section 4');
                $browser->press('Not owed');
            } else {
                $browser->press('No');
            }
            $this->until('document.querySelector("[data-testid=waits]").innerText !== ' . json_encode($waits));
        }
    }

    private function drive(): void
    {
        $browser = $this->browser;
        $browser->press('Drive');
        $browser->find('#driver');
        $path = $this->file('hardest.gpx', SampleDrive::gpx((float) gmmktime(9, 40, 0, 6, 18, 2026)));
        $browser->driver->executeScript('document.querySelector("[data-testid=track-file]").hidden = false');
        $browser->driver->findElement(WebDriverBy::cssSelector('[data-testid=track-file]'))->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $browser->waitForText('[data-testid=drive-front-left]', 'Enough counted');
    }

    private function roadTest(): void
    {
        $browser = $this->browser;
        $browser->press('Road test');
        $browser->find('[data-testid=road-function]');
        $this->assertAccessible('road test');
        self::assertSame([], $this->smallTargets());
        $browser->type('#road-route', 'Copper Lane to the river bridge');
        $browser->type('#road-weather', 'dry, overcast');
        for ($i = 0; $i < 8 && $browser->has('[data-testid=road-function]'); $i++) {
            $asked = $browser->text('[data-testid=road-function] h1');
            $browser->driver->executeScript('document.activeElement.blur()');
            if (str_contains($asked, 'alongside on the right')) {
                $browser->keys('u');
                $browser->type('#road-reason', 'The sensor is not proven; its warning is switched off.');
                $browser->find('[data-testid=road-function] button[type=submit]')->click();
            } else {
                $browser->keys('y');
            }
            $this->until('document.querySelector("[data-testid=road-function] h1")?.innerText !== ' . json_encode($asked));
            $this->settle();
        }
        $browser->waitForText('main', 'All looked for');
    }

    /** Trouble codes that still stand are handed over by name. */
    private function leaveTheRest(string $order): void
    {
        $browser = $this->browser;
        $browser->visit("/orders/$order");
        $browser->press('Close');
        $browser->find('[data-testid=closing]');
        for ($i = 0; $i < 6 && str_contains($browser->text('[data-testid=closing]'), 'Hand over as it is'); $i++) {
            $before = $browser->text('[data-testid=closing]');
            $browser->press('Hand over as it is');
            $browser->type('[data-testid=closing] textarea', 'The customer was told in writing that it stands.');
            $browser->press('Hand it over');
            $this->until('document.querySelector("[data-testid=closing]").innerText !== ' . json_encode($before) . ' && document.querySelector("[data-testid=closing] textarea") === null');
            $this->settle();
        }
        if ($browser->has('[data-testid=others]')) {
            $browser->press('It has no others');
            $this->settle();
        }
        $browser->press('Close the order');
        $this->settle();
    }

    /** All three, on the screen and as PDF: drawn to pictures, none of them empty, the seals readable by a camera. */
    private function reports(string $order): void
    {
        $browser = $this->browser;
        $seals = (TestDatabase::owner(self::$server->database)->query("select s.hash from sealed_records s join sensor_tasks t on t.id = s.sensor_task_id where t.repair_order_id = '$order'") ?: self::fail('No seals.'))->fetchAll(\PDO::FETCH_COLUMN);
        self::assertCount(4, $seals);
        $folder = getenv('LUMBRO_SCRATCH') . '/hardest';
        @mkdir($folder);
        foreach (['customer' => 'What was done to your car', 'insurer' => 'evidence', 'shop' => 'whole record'] as $kind => $title) {
            $browser->find("button[value=$kind]")->click();
            $frame = $browser->find("iframe[title='Report for the $kind']");
            $browser->driver->switchTo()->frame($frame);
            $browser->waitForText('h1', $title);
            $text = $browser->text('body');
            foreach (['Left front radar', 'Right rear radar', 'Sent back', 'goes back to body repair', 'told in writing that it stands'] as $part) {
                self::assertStringContainsString($part, $text, $kind);
            }
            $browser->driver->switchTo()->defaultContent();
            $pdf = $browser->driver->executeAsyncScript('const done = arguments[arguments.length - 1]; fetch(arguments[0]).then((r) => r.arrayBuffer()).then((b) => { let s = ""; new Uint8Array(b).forEach((c) => { s += String.fromCharCode(c); }); done(btoa(s)); }, (e) => done(String(e)));', ["/api/repair-orders/$order/report/$kind.pdf"]);
            self::assertIsString($pdf);
            file_put_contents("$folder/$kind.pdf", (string) base64_decode($pdf, true));
            exec("pdftoppm -r 110 -png $folder/$kind.pdf $folder/$kind 2>&1", $said, $status);
            self::assertSame(0, $status, implode("\n", $said));
            $pages = glob("$folder/$kind-*.png") ?: [];
            self::assertNotSame([], $pages);
            $read = (string) shell_exec('zbarimg -q --raw ' . implode(' ', array_map(escapeshellarg(...), $pages)) . ' 2>/dev/null');
            foreach ($seals as $seal) {
                self::assertStringContainsString((string) $seal, $read, $kind);
            }
        }
        // A picture of them may be kept and looked at.
        if (is_string($keep = getenv('LUMBRO_KEEP_PDF'))) {
            exec('cp ' . escapeshellarg($folder) . '/*.pdf ' . escapeshellarg($keep));
        }
    }

    private function link(): void
    {
        $browser = $this->browser;
        $browser->type('#link-reader', 'Sandmoor Mutual');
        $browser->press('Link to the shop');
        $address = $browser->waitForText('[data-testid=link-address]', '/read/');
        $this->assertAccessible('a link, told once');
        $there = \Tests\Support\Browser::open(self::$server->address());
        try {
            $there->visit((string) parse_url($address, PHP_URL_PATH));
            $there->waitForText('h1', 'whole record');
            self::assertSame([], $there->axe());
            $browser->press('Take back');
            $browser->waitForText('section[aria-label^=Links]', 'Taken back by Oda Merrin');
            $there->driver->navigate()->refresh();
            $there->waitForText('h1', 'This link does not work');
        } finally {
            $there->close();
        }
    }
}
