<?php

declare(strict_types=1);

namespace Tests\Browser;

/** From an estimate to a prepared order, as a person does it. */
final class IntakeTest extends BrowserCase
{
    use Intaking;

    protected const HOSTS = true;

    private const ESTIMATE = "order,vehicle,plate,vin,line,operation,state\n"
        . "3001,Quillon Sable,CL 3001,0CLSABL26R0002471,Rear bumper refinish,,done\n"
        . "3001,Quillon Sable,CL 3001,0CLSABL26R0002471,Tidy the wiring loom,,done\n";

    public function testFromAnEstimateToPrepared(): void
    {
        $browser = $this->browser;
        $this->signIn();
        $browser->press('Take in estimates');
        $this->upload('[data-testid=import-input]', 'estimate.csv', self::ESTIMATE);
        $browser->waitForText('[data-testid=import]', 'Not understood, will be asked: “Tidy the wiring loom”');
        $this->assertAccessible('an estimate, looked at');
        $browser->press('Take in 1 order');
        $browser->waitForText('[data-testid=import]', '1 order taken in');
        $browser->press('Done');
        $browser->type('#search', '3001');
        $browser->waitForText('main', 'line of the estimate not understood');
        $browser->button('Quillon Sable')->click();

        $browser->waitForText('[data-testid=estimate-line]', 'Tidy the wiring loom');
        $browser->press('It concerns no sensor');
        $browser->waitForText('[data-testid=cover-question]', 'Is the rear bumper cover off or on?');
        $this->assertAccessible('a cover in doubt');
        $browser->press('It is off');
        $this->captureAll();
        $browser->press('Before refit');
        $browser->waitForText('[aria-label="To capture"]', '180 µm is more than the 150 µm allowed here.');
        $browser->press('It went back on');
        $browser->press('Back to what it waits for');
        $browser->waitForText('[data-testid=waits]', 'The pre-scan');
        $browser->press('Scan with the tool');
        $browser->waitForText('[data-testid=codes-expected-before]', 'C2A52');

        // Wheels aligned after all: what is owed changes, and the screen says so.
        $browser->press('Work done');
        $browser->type('#operation', "wheel align\n");
        $change = $browser->waitForText('[data-testid=change]', 'Wheel alignment: done');
        self::assertStringContainsString('This changed what is owed', $change);
        self::assertStringContainsString('Front radar: not owed → unknown', $change);
        self::assertStringContainsString('the line the car drives along', $change);
        $browser->waitForText('[data-testid=waits]', 'Was the rear toe or thrust angle adjusted?');
        $browser->press('Back to what it waits for');
        $browser->type('#owed-word', 'Wen Harrow, alignment bay');
        $browser->press('Yes');
        $browser->waitForText('[aria-label=Tally]', '3 of 3');
        $browser->press('Work done');
        self::assertStringContainsString('Front radar: unknown → owed, static', $browser->text('[data-testid=change]'));
        $browser->press('Back to what it waits for');

        $this->answerConditions();
        $browser->waitForText('[data-testid=waits]', 'The sensors are ready to be set up');
        $this->assertAccessible('prepared');
        self::assertSame(['127.0.0.1'], $browser->hosts());
        $errors = array_filter($browser->consoleErrors(), static fn(string $line): bool => preg_match('/status of (401|422)/', $line) !== 1);
        self::assertSame([], array_values($errors));
        $browser->press('Set it up');
        $browser->waitForText('[data-testid=question]', 'Front mark plumbed');
    }

    public function testFiftyThousandRowsShowTheirProgressAndAreCancelled(): void
    {
        $browser = $this->browser;
        $this->signIn();
        $browser->press('Take in estimates');
        $csv = "order,vehicle,line\n";
        for ($i = 0; $i < 50_000; $i++) {
            $csv .= 'B-' . intdiv($i, 20) . ",Quillon Sable,Front bumper line $i\n";
        }
        $this->upload('[data-testid=import-input]', 'big.csv', $csv);
        $browser->waitForText('[data-testid=import]', '% read');
        $first = $browser->text('[data-testid=import] [aria-live]');
        $this->until('document.querySelector("[data-testid=import] [aria-live]").innerText !== ' . json_encode($first));
        $this->assertAccessible('an import on its way');
        $browser->press('Cancel, take in nothing');
        $this->until('document.querySelector("[data-testid=import]") === null');
        $owner = \Tests\Support\TestDatabase::owner(self::$server->database);
        for ($i = 0; $i < 40 && (int) ($owner->query("select count(*) from imports where state <> 'done'") ?: throw new \RuntimeException('No table.'))->fetchColumn() > 0; $i++) {
            usleep(100_000);
        }
        self::assertSame(0, (int) ($owner->query("select (select count(*) from imports where state <> 'done') + (select count(*) from import_rows)") ?: throw new \RuntimeException('No table.'))->fetchColumn());
        self::assertSame(0, (int) ($owner->query("select count(*) from repair_orders where number like 'B-%'") ?: throw new \RuntimeException('No table.'))->fetchColumn());
    }

    public function testACoverThatGoesBackTooEarlyIsHeldUpAndLeavesItsTrace(): void
    {
        $browser = $this->browser;
        $this->openOrder('2474', 'bram@copperlane.example');
        $browser->waitForText('[data-testid=capture]', 'Lot code on the label');
        self::assertStringContainsString('on your right as you stand ahead of the car', $browser->text('[data-testid=capture]'));
        $browser->find('[data-testid=cover-line-front] button')->click();
        $asked = $browser->waitForText('[data-testid=asked]', 'not captured');
        self::assertStringContainsString('Left front radar: Lot code on the label', $asked);
        $this->assertAccessible('a cover held up');
        $browser->press('No, leave it');
        $browser->waitForText('[data-testid=cover-front]', 'front bumper cover off');
        $browser->find('[data-testid=cover-line-front] button')->click();
        $browser->waitForText('[data-testid=asked]', 'not captured');
        $browser->press('Yes, record it');
        $browser->waitForText('[data-testid=cover-line-front]', 'It went back without: Left front radar: Lot code on the label');
        $browser->waitForText('[aria-label="To capture"]', 'Still to be had: Only from the label');
        $browser->waitForText('[data-testid=cover-front]', 'front bumper cover on');
    }

    public function testTheVinReaderAndAKnownCarFillTheOrder(): void
    {
        $browser = $this->browser;
        $this->signIn();
        $browser->press('New repair order');
        // A reader types at once and ends with Enter: the order is not opened by it.
        $browser->type('#vin', "*0CLSABL26R0002472*\n");
        self::assertSame('plate', $browser->driver->executeScript('return document.activeElement.id'));
        $browser->type('#find-car', '1902');
        $browser->find('[role=option]')->click();
        $this->until('document.getElementById("plate").value === "CL 1902 S"');
        $browser->clear('#vin');
        $browser->type('#vin', '0CLSABL27R0002464');
        $browser->type('#operation', "rear bumper cover off\n");
        $this->assertAccessible('a new order');
        // What is filled in is there after a reload.
        $browser->driver->navigate()->refresh();
        $this->until('document.getElementById("vin")?.value === "0CLSABL27R0002464"');
        // The lists come after it and move the button: one that is pressed meanwhile is missed.
        $this->until('document.body.innerText.includes("Front radar, Left rear radar")');
        $browser->press('Open the order');
        $browser->waitForText('[role=alert]', 'The check digit of 0CLSABL27R0002464 is 7');
        $browser->clear('#vin');
        $browser->type('#vin', '0CLSABL27R0002463');
        $browser->press('Open the order');
        $browser->waitForText('[data-testid=waits]', 'Is the rear bumper cover off or on?');
    }

    /** Writes down whatever the screen asks for, until nothing is due. */
}
