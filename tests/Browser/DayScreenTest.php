<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Str;
use Tests\Support\ApiClient;

/** The demo shop's hardest day: a drive before sunset, one target for three cars, a car sent back at noon. */
final class DayScreenTest extends BrowserCase
{
    /** Minutes of the sunset of the demo's place at the end of its shortest days, and some more. */
    private const SUNSET_AT_THE_LATEST = 21 * 60;

    public function testTheHardestDay(): void
    {
        $browser = $this->browser;
        $api = $this->lead();
        // The second reflector is out of use; two cars come tomorrow, so that one with four sensors has its drive today.
        $this->withoutTheSmallReflector($api);
        foreach (['2466', '2471'] as $number) {
            $this->detail($api, $number, 'promised', 'none');
            $this->detail($api, $number, 'ready', $this->at($api, '07:30', 1));
        }
        $this->clock($api, '10:10');
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/day');
        $browser->find('[data-testid=day-board] [data-block]');
        $this->assertAccessible('the day');
        $plan = $this->plan($api);

        // The drive ends while it is day.
        $drive = $this->slots($plan, '2474', 'drive')[0];
        self::assertLessThan(1_440, $drive['from'], 'the drive is today');
        self::assertLessThanOrEqual(self::SUNSET_AT_THE_LATEST, $drive['to']);
        self::assertLessThanOrEqual($this->sunset(substr($plan['now'], 0, 10)), $drive['to']);

        // One target, three cars: never two at once, as the lane shows it.
        self::assertSame(['2468', '2470', '2474'], $this->sorted(array_unique($this->lane('Corner reflector'))));
        $unit = array_column($plan['kit'], 'id', 'name')['Corner reflector'];
        $held = array_values(array_filter($plan['slots'], static fn(array $slot): bool => in_array($unit, $slot['units'], true) && $slot['state'] !== 'done'));
        foreach (array_slice($held, 1) as $i => $slot) {
            self::assertTrue($slot['from'] >= $held[$i]['to'], "{$slot['stage']} after {$held[$i]['stage']}");
        }

        // By keyboard: along the lanes, into a car, and one of its stages fixed.
        $browser->driver->executeScript('document.querySelector("[data-testid=day-board]").focus()');
        $browser->keys(WebDriverKeys::ARROW_RIGHT);
        $active = static fn(): mixed => $browser->driver->executeScript('const is = document.getElementById(document.activeElement.getAttribute("aria-activedescendant")); return [is.dataset.block, is.closest("[data-lane]").dataset.lane]');
        [$first, $lane] = $active();
        $browser->keys(WebDriverKeys::ARROW_DOWN);
        self::assertNotSame($lane, $active()[1]);
        $browser->keys(WebDriverKeys::ARROW_UP);
        self::assertSame([$first, $lane], $active());
        $browser->keys(WebDriverKeys::ENTER);
        $browser->waitForText('[data-testid=car-day]', (string) $first);
        $this->assertAccessible('a car of the day');
        $browser->visit('/day/cars/' . $api->order('2474'));
        $browser->waitForText('[data-testid=car-day]', 'Promised for 16:45');
        $browser->press('Send it out?');
        $browser->waitForText('[data-testid=in-or-out]', 'Hollow Reach Calibration');
        self::assertMatchesRegularExpression('/\d+ EUR/', $browser->text('[data-testid=in-or-out]'));
        $browser->driver->executeScript('[...document.querySelectorAll("[data-testid=car-day] ol button")].find((b) => b.textContent.includes("drive")).click()');
        $browser->find('#pin-person')->click();
        $browser->driver->findElement(WebDriverBy::xpath('//li[@role="option"][.="Ilse Corrant"]'))->click();
        $browser->press('Fix this');
        $browser->waitForText('[data-testid=car-day]', 'fixed by hand');
        self::assertSame([$this->person($plan, 'Ilse Corrant')], array_column($this->slots($this->plan($api), '2474', 'drive'), 'person'));

        // At noon a car goes back to the body shop. Nobody asks for a new plan: it comes, and says why.
        $this->clock($api, '12:00');
        $browser->visit('/day');
        $browser->find('[data-testid=day-board] [data-block]');
        $before = $this->plan($api);
        self::assertNotSame([], $this->slots($before, '2470', 'run'));
        $task = $api->task('2470');
        [, $page] = $api->get("/api/tasks/$task");
        [$status, $answer] = $api->write($task, 'sent-back', $page['version'], ['fault' => 'bracket', 'name' => 'Oda Merrin', 'note' => 'The bracket is bent: back to the body shop.']);
        self::assertSame(200, $status, (string) json_encode($answer));
        $this->until('document.querySelector("[data-testid=changes]")?.innerText.includes("2470") && ![...document.querySelectorAll(\'[data-lane="Corner reflector"] [data-block="2470"]\')].some((b) => b.dataset.state === "planned")');
        $after = $this->plan($api);
        self::assertSame([], $this->slots($after, '2470', 'run'));
        self::assertGreaterThan($before['version'], $after['version']);
        // Nobody else is told later for it.
        self::assertLessThanOrEqual($before['reckoning']['late'], $after['reckoning']['late']);

        // From across the hall, and in the dark.
        $browser->keys('f');
        $browser->waitForText('[data-testid=far-view]', 'It is 12:0');
        $this->assertAccessible('the day from afar');
        $browser->keys(WebDriverKeys::ESCAPE);
        $browser->media('screen', 'dark');
        $this->assertAccessible('the day, dark');
        foreach ([[1024, 768], [768, 1024], [390, 844]] as [$width, $height]) {
            $browser->size($width, $height);
            self::assertFalse($browser->driver->executeScript('return document.documentElement.scrollWidth > document.documentElement.clientWidth + 1'), "$width px");
            $this->assertAccessible("the day at $width px");
        }
        $browser->size(1280, 800);
    }

    public function testAShopWithThirtyOrdersSeesWhatToBegin(): void
    {
        $browser = $this->browser;
        $api = $this->lead();
        $this->clock($api, '08:00');
        $sheet = $this->sheet($api, 'Quillon Sable');
        for ($i = 0; $i < 24; $i++) {
            [$status, $made] = $api->post('/api/repair-orders', ['id' => (string) Str::uuid7(), 'version' => 0, 'vehicle' => 'Quillon Sable', 'plate' => "CL $i Z", 'number' => (string) (3_000 + $i), 'sheet' => $sheet, 'operations' => [$i % 2 === 0 ? 'front-cover-removed' : 'rear-cover-removed']]);
            self::assertSame(200, $status, (string) json_encode($made));
        }
        $this->plan($api);
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/');
        $browser->waitForText('main', '30 open');
        $turns = $browser->find('[data-testid=turns]')->getText();
        foreach (['Bram Tolley', 'Ilse Corrant', 'Tolly Brask'] as $person) {
            self::assertStringContainsString($person, $turns);
        }
        self::assertStringContainsString('Begin now', $turns);
        // Readable from three metres: the number of the car is higher than 24 px where everybody looks first.
        self::assertGreaterThanOrEqual(24, (float) $browser->driver->executeScript('return parseFloat(getComputedStyle(document.querySelector("[data-testid=turns] a")).fontSize)'));
        self::assertNotSame('', $browser->text('[data-testid=will-be-late]'));
        $this->assertAccessible('today with thirty orders');
        self::assertSame([], $this->smallTargets());
    }

    public function testHoursAbsencesACalendarAndAnAddress(): void
    {
        $browser = $this->browser;
        $api = $this->lead();
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/day/hours');
        $browser->waitForText('main', 'Hours and people');
        $this->assertAccessible('hours');
        self::assertSame([], $this->smallTargets());
        // A calendar is looked at, and taken.
        $date = substr($this->at($api, '09:00'), 0, 10);
        $file = sys_get_temp_dir() . '/away-' . getmypid() . '.csv';
        file_put_contents($file, "name,from,to,why\nBram Tolley,$date 15:00,$date 16:00,Dentist\nThe boiler,$date 09:00,$date 23:00,\n");
        $browser->driver->findElement(WebDriverBy::cssSelector('[data-testid=calendar-file]'))->setFileDetector(new LocalFileDetector())->sendKeys($file);
        $browser->waitForText('section[aria-label="From a calendar"]', 'The boiler');
        $browser->press('Take 1 entry');
        $browser->waitForText('section[aria-label="From a calendar"]', '1 entry was taken');
        $browser->waitForText('section[aria-label="Who is away"]', 'Bram Tolley');
        unlink($file);
        // An address for a telephone, read, and taken away.
        $browser->find('#feed-subject')->click();
        $browser->driver->findElement(WebDriverBy::xpath('//li[@role="option"][.="Long hall"]'))->click();
        $browser->type('#feed-reader', 'The screen in the hall');
        $browser->press('Give an address');
        $address = $browser->waitForText('[data-testid=feed-address]', '/read/');
        self::assertStringStartsWith("BEGIN:VCALENDAR\r\n", (string) file_get_contents(trim($address)));
        $browser->press('Take away');
        $browser->waitForText('section[aria-label="The plan as a calendar"]', 'over, or taken away');
        self::assertFalse(@file_get_contents(trim($address)));
        // Hours that end before they begin are refused where they stand; nothing typed is lost.
        $browser->driver->executeScript(<<<'JS'
            const field = document.querySelector('[aria-label="Monday, to"]');
            Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, '06:00');
            field.dispatchEvent(new Event('input', { bubbles: true }));
            JS);
        $browser->press('Keep these hours');
        $browser->waitForText('form[aria-label="Hours and people"]', 'It must end after 07:30');
        self::assertSame('06:00', $browser->find('[aria-label="Monday, to"]')->getAttribute('value'));
        $browser->visit('/day/estimates');
        $browser->waitForText('main', 'What drives the difference');
        $this->assertAccessible('estimates');
        $browser->media('screen', 'dark');
        $this->assertAccessible('estimates, dark');
    }

    private function lead(): ApiClient
    {
        return (new ApiClient(self::$server->address()))->signIn('oda@copperlane.example', 'chalk-and-brass');
    }

    /** @return array<string, mixed> the plan in force, once it is known where the cars fit */
    private function plan(ApiClient $api): array
    {
        for ($i = 0; $i < 40; $i++) {
            [$status, $plan] = $api->get('/api/day');
            self::assertSame(200, $status);
            if ($plan['searching'] === null) {
                return $plan;
            }
        }
        self::fail('Rooms are searched without an end.');
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return list<array<string, mixed>> that are still to be done
     */
    private function slots(array $plan, string $number, string $kind): array
    {
        $car = array_column($plan['cars'], 'id', 'number')[$number] ?? '';

        return array_values(array_filter($plan['slots'], static fn(array $slot): bool => $slot['car'] === $car && $slot['kind'] === $kind && $slot['state'] !== 'done'));
    }

    /** @param array<string, mixed> $plan */
    private function person(array $plan, string $name): string
    {
        return array_column($plan['people'], 'id', 'name')[$name];
    }

    /** @return list<string> numbers of the cars that are drawn in a lane */
    private function lane(string $name): array
    {
        return $this->browser->driver->executeScript('return [...document.querySelectorAll(`[data-lane="${arguments[0]}"] [data-block]`)].map((b) => b.dataset.block)', [$name]);
    }

    private function at(ApiClient $api, string $hour, int $days = 0): string
    {
        $today = substr($api->get('/api/day')[1]['now'], 0, 10);

        return (new \DateTimeImmutable($today))->modify("+$days days")->format('Y-m-d') . "T$hour";
    }

    private function clock(ApiClient $api, string $hour): void
    {
        [$status] = $api->post('/api/day/clock', ['id' => (string) Str::uuid7(), 'version' => 0, 'at' => $this->at($api, $hour)]);
        self::assertSame(200, $status);
    }

    private function detail(ApiClient $api, string $number, string $field, string $value): void
    {
        $order = $api->order($number);
        [, $page] = $api->get("/api/repair-orders/$order");
        [$status] = $api->post('/api/lines', ['order' => $order, 'id' => (string) Str::uuid7(), 'version' => $page['version'], 'kind' => 'detail', 'payload' => ['field' => $field, 'value' => $value]]);
        self::assertSame(200, $status);
    }

    private function withoutTheSmallReflector(ApiClient $api): void
    {
        [, $kit] = $api->get('/api/kit');
        foreach ($kit['items'] as $item) {
            if (($item['document']['name'] ?? '') === 'Corner reflector, small') {
                [$status, $answer] = $api->post('/api/kit', ['id' => $item['id'], 'version' => $item['version'], 'document' => $item['document'], 'retired' => true]);
                self::assertSame(200, $status, (string) json_encode($answer));
            }
        }
    }

    private function sheet(ApiClient $api, string $name): string
    {
        foreach ($api->get('/api/intake')[1]['sheets'] as $sheet) {
            if ($sheet['name'] === $name) {
                return $sheet['id'];
            }
        }
        self::fail("No $name.");
    }

    /** Minute of the day at which the sun's upper rim is gone at the demo's place, by a rule of its own: the almanac's formula to some minutes. */
    private function sunset(string $date): float
    {
        $day = (int) (new \DateTimeImmutable($date))->format('z') + 1;
        $declination = deg2rad(-23.44 * cos(2 * M_PI / 365 * ($day + 10)));
        $turn = 2 * M_PI * ($day - 81) / 364;
        $ahead = 9.87 * sin(2 * $turn) - 7.53 * cos($turn) - 1.5 * sin($turn);
        $hour = rad2deg(acos((sin(deg2rad(-0.833)) - sin(deg2rad(51.2)) * sin($declination)) / (cos(deg2rad(51.2)) * cos($declination))));

        return 720 - 4 * 6.4 - $ahead + 4 * $hour + 5;
    }

    /**
     * @param array<string> $list
     *
     * @return list<string>
     */
    private function sorted(array $list): array
    {
        sort($list);

        return $list;
    }
}
