<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The registers from a file, the cars' register and the shop's rules, as a lead works them. */
final class RegistersTest extends BrowserCase
{
    use Intaking;

    private const CARS = "Manufacturer;Model;Model years;Radar;Wheelbase (mm);Rear track\nVossen;Ketch;2019 to 2023;front, rear-left;2.764 mm;1588\nVossen;Sloop;;roof;2650;1570\nVossen;Brig;2020;front;2700;15x\n";

    public function testACarsListOfForeignColumnsIsMappedMendedAndTakenInWhole(): void
    {
        $browser = $this->browser;
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/vehicles');
        $browser->press('From a file');
        $browser->waitForText('h1', 'Vehicles from a file');
        $this->upload('[data-testid=register-input]', 'their cars.csv', self::CARS);
        $browser->waitForText('[data-testid=needed]', 'Make');
        $this->choose('#map-make', 'Manufacturer');
        $this->until('!document.querySelector("[data-testid=needed]")');
        $browser->press('Look at the rows');
        $browser->waitForText('[data-testid=told]', '2 of 3');
        $this->assertAccessible('a file with bad rows');
        self::assertStringContainsString('Radar sensors', $browser->text('[data-testid=row-2]'));
        self::assertStringContainsString('Track, rear', $browser->text('[data-testid=row-3]'));
        // One is mended, the other set aside; none was taken in meanwhile.
        $browser->clear('#cell-3-trackRear');
        $browser->type('#cell-3-trackRear', '1574');
        $browser->driver->executeScript('document.querySelectorAll("[data-testid=row-2] button").forEach((button) => button.innerText === "Set aside" && button.click())');
        $browser->press('Look at the rows');
        $browser->waitForText('[data-testid=told]', 'All 2 rows are good');
        $browser->press('Take in 2 rows');
        $browser->waitForText('[data-testid=taken]', '2 rows are taken in');
        $browser->press('Done');
        $browser->type('#search', 'brig');
        $browser->waitForText('main', '1 car');
        $browser->press('Vossen Brig');
        $browser->find('#vehicle-wheelbase');
        self::assertSame('1574', $browser->find('#vehicle-trackRear')->getAttribute('value'));
        self::assertStringContainsString('their cars.csv', $browser->text('main'));
        $browser->clear('#vehicle-wheelbase');
        $browser->type('#vehicle-wheelbase', '2708');
        $browser->type('#vehicle-said', 'page 4');
        $browser->press('Keep as a new version');
        $browser->waitForText('main', 'from a document: page 4');
        $browser->waitForText('main ol', '2: Vossen Brig, 2020. Changed, Oda Merrin');
    }

    public function testRulesAreTriedChangedKeptInTheirHistoryAndPutBack(): void
    {
        $browser = $this->browser;
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $browser->visit('/rules/owed');
        $browser->type('#trial-operation', 'front bumper cover off');
        $browser->waitForText('[role=option]', 'ront bumper cover off');
        $browser->find('[role=option]')->click();
        $browser->waitForText('[data-testid=trial-front]', 'wed');
        $this->assertAccessible('rules tried');
        $browser->press('Preconditions');
        $browser->press('level-floor');
        $browser->find('#conditions-0-why');
        $browser->clear('#conditions-0-why');
        $browser->type('#conditions-0-why', 'Our floor falls to the drain.');
        $browser->type('#rules-reason', 'The drain');
        $browser->press('Keep these rules');
        $browser->waitForText('nav[aria-label="Parts of the rules"]', 'Preconditions · own');
        $browser->press('History');
        $browser->waitForText('[data-testid=rules-history]', 'The drain');
        $browser->press('Preconditions');
        $browser->press('Back to Lumbro');
        $this->until('!document.querySelector(\'nav[aria-label="Parts of the rules"]\').innerText.includes("own")');
    }

    public function testTheirScreensAreAccessibleInBothSchemesAtEverySize(): void
    {
        $browser = $this->browser;
        $this->signIn('oda@copperlane.example', 'chalk-and-brass');
        $family = $this->api()->get('/api/vehicles')[1]['vehicles'][0]['family'];
        $screens = ['/vehicles' => 'main li', "/vehicles/$family" => '#vehicle-wheelbase', '/rules' => '#rules-reason', '/rules/policy' => '#rules-policy-guard', '/rules/history' => 'main', '/registers/kit/file' => '[data-testid=register-input]'];
        foreach ([['light', 1280, 800], ['dark', 1024, 768], ['light', 768, 1024]] as [$scheme, $width, $height]) {
            $browser->media('screen', $scheme);
            $browser->size($width, $height);
            foreach ($screens as $path => $sign) {
                $browser->visit($path);
                $browser->waitForText('h1', '');
                $this->until('document.querySelector(' . json_encode($sign) . ') !== null');
                $this->assertAccessible("$path, $scheme, $width");
                self::assertSame([], $this->smallTargets(), "$path, $width");
                self::assertLessThanOrEqual($width, $browser->driver->executeScript('return document.documentElement.scrollWidth'), $path);
            }
        }
    }

    private function choose(string $css, string $option): void
    {
        $this->browser->find($css)->click();
        $this->browser->waitForText('[role=listbox]', $option);
        $this->browser->driver->executeScript('[...document.querySelectorAll("[role=option]")].find((one) => one.innerText === arguments[0]).click()', [$option]);
    }
}
