<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\Actions;
use Tests\Support\HiddenCar;
use Tests\Support\TestDatabase;

/** A real shop's first day: from an empty database to a car of no table, sealed, closed and reported, by screens alone. */
final class FirstCarTest extends RunCase
{
    use Intaking;
    protected const EMPTY = true;

    private const LEAD = ['wenna@brasswater.example', 'tape-and-bob'];

    /** What a tape shows at this car. */
    private const TRUTH = [
        'Front radar, over the floor' => '508 mm', 'Front radar, off the middle' => '0 mm', 'Front radar, ahead of the front hubs' => '832', 'Front mark ahead of the front hubs' => '872 mm',
        'Wheelbase' => '2,764 mm', 'Track, front' => '1583', 'Track, rear' => '1 588', 'Rear mark behind the rear hubs' => '861', 'Overhang, front' => '905', 'Overhang, rear' => '930',
        'Rear left radar, over the floor' => '645', 'Rear left radar, off the middle' => '702 left', 'Rear left radar, behind the rear hubs' => '774', 'Front mark over the floor' => '694', 'Rear mark over the floor' => '905',
    ];

    private Actions $by;

    /** @var array<string, int> address of a card that was entered → how many actions it took */
    private array $cards = [];

    /** Whether the first car has taught the next, its floor too. */
    private bool $taught = false;

    /** Actions at the first car, and at the second. */
    private int $car = 0;

    private int $second = 0;

    public function testFromAnEmptyDatabaseToAReportedCar(): void
    {
        $this->by = new Actions($this->browser);
        $this->setShopUp();
        $technician = $this->letIn('Ivo Brandt', 'ivo@brasswater.example');
        $this->openOrderOfNoTable($technician);
        $order = (string) parse_url($this->browser->driver->getCurrentURL(), PHP_URL_PATH);
        $this->scan();
        $this->by->press('Back to what it waits for');
        $this->car += $this->by->lap();
        $this->card('Front radar', 'front', [
            '/spot/along' => ['1,840 mm', 0.62, 0.30], '/spot/height' => ['505', 0.62, 0.36], '/spot/tolerance/along' => ['15', 0.8, 0.30], '/spot/tolerance/across' => ['12', 0.8, 0.33],
            '/spot/tolerance/height' => ['12', 0.8, 0.36], '/spot/tolerance/yaw' => ['1', 0.8, 0.39], '/sensor/limits/azimuth' => ['0,8', 0.62, 0.5], '/sensor/limits/elevation' => ['0,9', 0.62, 0.53],
        ]);
        $this->browser->visit($order);
        $this->card('Rear left radar', 'rear-left', [
            '/spot/range' => ['2,610 mm', 0.62, 0.30], '/spot/bearing' => ['31', 0.62, 0.33], '/spot/height' => ['642', 0.62, 0.36], '/spot/tolerance/range' => ['15', 0.8, 0.30],
            '/spot/tolerance/bearing' => ['0.4', 0.8, 0.33], '/spot/tolerance/height' => ['6', 0.8, 0.36], '/sensor/limits/azimuth' => ['0,8', 0.62, 0.5], '/sensor/limits/elevation' => ['0,9', 0.62, 0.53],
        ]);
        $this->signInAs(self::LEAD);
        foreach ($this->cards as $address => $typed) {
            self::assertLessThanOrEqual(60, $typed + $this->check($address), 'a card with its check');
        }
        $this->signInAs($technician);
        $this->by->lap();
        $this->browser->visit($order);
        $this->conditions();
        $this->figures();
        $this->park();
        $this->work($order);
        $this->car += $this->by->lap();
        self::assertLessThanOrEqual(150, $this->car, 'the first car, besides the set-up page and its cards');
        $this->report();
        $this->by->press('Keep it for the next one');
        $this->browser->waitForText('[data-testid=teach]', 'begins with what one car showed');
        $this->browser->waitForText('[data-testid=teach]', 'The bay keeps its floor');
        $this->taught = true;
        $this->secondCar();
        $this->nothingIsSimulated();
        file_put_contents(dirname(__DIR__, 2) . '/var/log/first-day.txt', sprintf("First car: %d actions, its cards %s; second car: %d; %.0f s of waiting.\n", $this->car, implode(' and ', $this->cards), $this->second, $this->by->waited));
    }

    /** Another car of the kind: its sheet and its cards are there. */
    private function secondCar(): void
    {
        $by = $this->by;
        $by->lap();
        $this->browser->visit('/orders/new');
        $by->fill('#plate', 'BW 4712');
        $by->choose('#sheet', 'Vossen Ketch');
        foreach (['Front radar: sensor off and on', 'Rear left radar: sensor off and on'] as $operation) {
            $by->look('#operation', explode(':', $operation)[0], $operation);
        }
        $by->press('Open the order');
        $this->browser->find('[data-testid=waits]');
        $order = (string) parse_url($this->browser->driver->getCurrentURL(), PHP_URL_PATH);
        $this->scan();
        $by->press('Back to what it waits for');
        $this->conditions();
        $this->browser->visit("$order/car");
        $this->browser->waitForText('main', 'as the last such car');
        self::assertStringContainsString('702 mm left', $this->browser->text('main'));
        $this->park();
        $this->work($order);
        $this->second = $by->lap();
        self::assertLessThanOrEqual(90, $this->second, 'the second car of its kind');
    }

    private function report(): void
    {
        $browser = $this->browser;
        $browser->press('Close');
        $browser->find('button[value=shop]')->click();
        $browser->driver->switchTo()->frame($browser->find("iframe[title='Report for the shop']"));
        $text = $browser->waitForText('body', 'Vossen');
        foreach (['Front radar', 'Rear left radar', 'Hand tool 3'] as $part) {
            self::assertStringContainsString($part, $text);
        }
        $browser->driver->switchTo()->defaultContent();
    }

    /** Every line of the shop was typed by one of its people or is of its own cards. */
    private function nothingIsSimulated(): void
    {
        $owner = TestDatabase::owner(self::$server->database);
        self::assertSame('4', TestDatabase::one($owner, 'select count(*) from sealed_records'));
        foreach (['sealed_records' => 'record', 'order_events' => 'payload', 'record_events' => 'payload'] as $table => $column) {
            self::assertSame('0', TestDatabase::one($owner, "select count(*) from $table where lower($column::text) like '%simulated%' or lower($column::text) like '%bench scan%'"), $table);
        }
        self::assertSame('0', TestDatabase::one($owner, 'select count(*) from sensor_tasks where scenario is not null'));
        self::assertSame('0', TestDatabase::one($owner, "select count(*) from readings where person not in ('Ivo Brandt', 'Wenna Calder')"));
        self::assertSame('0', TestDatabase::one($owner, "select count(*) from order_events where kind = 'scan' and payload->>'origin' <> 'typed'"));
    }

    /** @param array{string, string} $account */
    private function signInAs(array $account): void
    {
        $this->browser->press('Sign out');
        $this->browser->signIn(...$account);
        $this->browser->waitForText('main', 'Vossen Ketch');
    }

    /** @return int how many actions it took to check a card against its page */
    private function check(string $address): int
    {
        $this->by->lap();
        $this->browser->visit($address);
        $this->by->press('Check it beside the page');
        for ($i = 0; $i < 8; $i++) {
            $this->browser->waitForText('section', "$i of 8 looked at");
            if ($i === 0) {
                $this->assertAccessible('a card checked beside its page');
            }
            $this->by->press('It stands so');
        }
        $this->by->press('I have checked it');
        $this->browser->waitForText('main', 'checked by Wenna Calder');

        return $this->by->lap();
    }

    private function setShopUp(): void
    {
        $this->browser->visit('/');
        $by = $this->by;
        $by->fill('#code', self::setUpCode());
        $by->fill('#shop-name', 'Brasswater Panel & Paint');
        $by->press('millimetres');
        $by->press('A4');
        $by->fill('#lead-name', 'Wenna Calder');
        $by->fill('#lead-email', self::LEAD[0]);
        $by->fill('#lead-password', self::LEAD[1]);
        $by->fill('#bay-length', '11,5 m');
        $by->fill('#bay-width', '5200');
        foreach (['Steel tape, 5 m', 'Second steel tape', 'Steel rule', 'Long rule', 'Height staff', 'Line laser', 'Spirit level', 'Charger', 'Scan tool', 'Target stand', 'Corner reflector'] as $item) {
            $by->tick($item);
        }
        $by->fill('#stand-1-targetAhead', '85');
        $by->fill('#stand-1-halfWidth', '1100');
        $by->fill('#corner-1-heights-top', '112');
        $by->press('Open the shop');
        $this->browser->find('#search');
        self::assertLessThanOrEqual(40, $this->by->lap(), 'the set-up page');
    }

    /** @return array{string, string} their account */
    private function letIn(string $name, string $email): array
    {
        $this->browser->visit('/people');
        $this->by->fill('#new-name', $name);
        $this->by->fill('#new-email', $email);
        $this->by->press('Let in');
        $password = $this->browser->waitForText('[data-testid=first-password]', '-');
        $this->by->press('Sign out');
        $this->by->lap();
        // They choose a password of their own before anything else.
        $own = 'ladder-in-the-rain';
        $this->browser->signIn($email, $password);
        $this->browser->type('#old-password', $password);
        $this->browser->type('#new-password', "$own\n");
        $this->browser->waitForText('main', 'Your account');
        $this->browser->press('Sign out');

        return [$email, $own];
    }

    private function scan(): void
    {
        // The tool of the last scan on this device stands there.
        if ($this->browser->find('#scan-tool')->getAttribute('value') === '') {
            $this->by->fill('#scan-tool', 'Hand tool 3');
        }
        $this->by->press('The tool shows no code');
        $this->settle();
    }

    /** Every precondition, as somebody answers it who has looked. */
    private function conditions(): void
    {
        $browser = $this->browser;
        $browser->find('[data-testid=condition]');
        for ($i = 0; $i < 30 && $browser->has('[data-testid=condition]'); $i++) {
            $this->settle();
            $waits = $browser->text('[data-testid=waits]');
            $asked = $browser->text('[data-testid=condition] h1');
            // Nobody has surveyed the floor before the first car.
            if (str_starts_with($asked, 'The bay')) {
                $this->by->press($this->taught ? 'Yes' : 'No');
            } elseif ($this->typed()) {
                // Enter in the last field says that it is so.
            } else {
                $this->by->press('I have looked');
            }
            $this->until('document.querySelector("[data-testid=waits]").innerText !== ' . json_encode($waits));
        }
    }

    /** The values that the present precondition has, as gauges show them. */
    private function typed(): bool
    {
        $fields = array_filter(['#value-front-left' => '2.3', '#value-front-right' => '2,3', '#value-rear-left' => '2.1', '#value-rear-right' => '2.1', '#value-volt' => '13.1', '#value-level' => '70', '#value-front' => '381', '#value-rear' => '386'], $this->browser->has(...), ARRAY_FILTER_USE_KEY);
        foreach ($fields as $field => $shown) {
            $field === array_key_last($fields) ? $this->by->send($field, $shown) : $this->by->fill($field, $shown);
        }

        return $fields !== [];
    }

    /**
     * A card typed from its page: figures, each with its place there.
     *
     * @param array<string, array{string, float, float}> $figures
     */
    private function card(string $sensor, string $id, array $figures): void
    {
        $by = $this->by;
        $by->press('Enter its card');
        $by->file('[data-testid=page-input]', $this->file("$id.pdf", self::pdf("Vossen Ketch: $sensor")));
        $this->browser->find('[data-testid=page-1] img');
        $this->assertAccessible('a card typed from its page');
        $by->fill('#source', 'Vossen sheet 12, section 3 (invented)');
        $by->fill('#edition', '2');
        $by->fill('#dated', '03022026');
        foreach ($figures as $pointer => [$typed, $x, $y]) {
            $by->fill('#short' . strtr($pointer, '/', '-'), $typed);
            $by->tapPage($x, $y);
        }
        $by->choose('#reported', 'how far');
        $by->choose('#way', 'nothing');
        $by->press('Enter this card');
        $this->browser->find('[data-testid=unchecked]');
        $this->cards[(string) parse_url($this->browser->driver->getCurrentURL(), PHP_URL_PATH)] = $by->lap();
    }

    private static function pdf(string $title): string
    {
        $process = proc_open(['weasyprint', '--quiet', '-', '-'], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes) ?: throw new \RuntimeException('No PDF.');
        fwrite($pipes[0], "<h1>$title</h1><p>Set the reflector 1,840 mm ahead of the front emblem, centre 505 mm over the floor.</p>");
        fclose($pipes[0]);
        $pdf = (string) stream_get_contents($pipes[1]);
        proc_close($process);

        return $pdf;
    }

    /** The figures of the car that the screen asks for, as a tape reads them. */
    private function figures(): void
    {
        $browser = $this->browser;
        $browser->press('Car');
        for ($i = 0; $i < 20; $i++) {
            $this->settle();
            $browser->waitForText('section[aria-label="Measure next"]', '');
            usleep(300_000);
            if (! $browser->has('section[aria-label="Measure next"] button')) {
                return;
            }
            $said = $browser->text('section[aria-label="Measure next"] button');
            $label = explode("\n", $said)[0];
            $this->by->tap('section[aria-label="Measure next"] button');
            if ($i === 0) {
                $this->by->choose('#figure-instrument', 'Steel tape, 5 m');
            }
            $this->by->send('#figure', self::TRUTH[$label] ?? self::fail("Nobody knows: $label"));
            $this->until('document.querySelector("#figure") === null');
        }
        self::fail('The figures never end.');
    }

    /** The rear target has no room behind the car where it stands at first: that is said, and where there is room. */
    private function park(): void
    {
        $this->browser->waitForText('[data-testid=no-room]', 'Rear left radar');
        $this->by->press('The target has no room');
        $this->browser->waitForText('main', 'does not fit');
        $this->by->press('Where had it better stand?');
        $this->by->press('It stands there');
        $this->settle();
        $this->browser->waitForText('main', 'Everything fits as it stands');
    }

    /** Both sensors from their lines to their seals, and the order closed. */
    private function work(string $order): void
    {
        $this->browser->press('Back to what it waits for');
        $this->setUpSensor(520.0, 511.0);
        $this->browser->visit($order);
        $this->setUpSensor(650.0, 648.0);
        $this->browser->visit($order);
        $this->closeIt();
    }

    /** One sensor from its line to its seal, with what the tape and the tool show. */
    private function setUpSensor(float $height, float $target): void
    {
        $browser = $this->browser;
        $car = new HiddenCar(self::$server->database, self::LEAD[0], [
            'name' => 'A first car', 'seed' => 77, 'shifts' => ['frontMark' => [1.1, 0.6], 'rearMark' => [-1.2, -0.5], 'sensor' => [0.7, 0.9]],
            'stand' => ['along' => -12, 'across' => 8, 'turn' => -0.4], 'targetHeight' => $target, 'sensorHeight' => $height,
            'mount' => ['azimuth' => 0.1, 'elevation' => -0.08], 'echoLevel' => 24, 'hands' => ['mm' => 0.7, 'degrees' => 0.03],
        ]);
        $this->by->press('Set it up');
        $browser->find('[data-testid=floor-plan]');
        $task = explode('/', (string) parse_url($browser->driver->getCurrentURL(), PHP_URL_PATH))[2];
        $told = '';
        for ($i = 0; $i < 90; $i++) {
            $browser->waitForText('section[aria-label=Tally]', 'all saved');
            usleep(300_000);
            $before = $browser->text('main');
            // Hands take longer than a test: the page's clock is put on, as somebody walks to the tape and back.
            $browser->driver->executeScript('const now = Date.now; Date.now = () => now() + 15000;');
            $what = $this->next($car, $task);
            $told .= "$what, ";
            if ($what === 'sealed') {
                $browser->waitForText('[data-testid=sealed]', 'Nothing more can be added');
                // What comes next is said: the other sensor, or what the order waits for.
                $browser->waitForText('[data-testid=next]', $height < 600 ? 'Rear left radar' : 'To the order');
                file_put_contents(dirname(__DIR__, 2) . '/var/log/first-day-steps.txt', $this->by->sum() . ": $told\n", FILE_APPEND);

                return;
            }
            $this->until('document.querySelector("main").innerText !== ' . json_encode($before));
        }
        self::fail($told . $browser->text('main'));
    }

    private function next(HiddenCar $car, string $task): string
    {
        $browser = $this->browser;
        $browser->find('[data-testid=read], [data-testid=question], [data-testid=moves], [data-testid=step], [data-testid=repeat], [data-testid=close], #floor-reading, [data-testid=reference-asked]');
        if (str_contains($browser->text('main'), 'It does show')) {
            $this->by->press('It does show');

            return 'confirmed';
        }
        if ($browser->has('#floor-reading')) {
            $place = (string) $browser->find('#floor-reading')->getAttribute('data-reading');
            $this->by->send('#floor-reading', $car->tape($task, "floor-$place"));

            return "staff $place";
        }
        if ($browser->has('[data-testid=signs]')) {
            $this->assertAccessible('a tool’s signs');
            $this->by->press('+');
            $this->by->press('+');
            // The question stands there until the server has kept the answer.
            $browser->until('document.querySelector("[data-testid=signs]") === null');

            return 'signs';
        }
        if ($browser->has('#typed-tool') && trim($browser->text('#typed-tool')) !== 'Scan tool') {
            $this->by->choose('#typed-tool', 'Scan tool');

            return 'tool';
        }
        if ($browser->has('#typed-azimuth')) {
            [$azimuth, $elevation] = $car->axis($task);
            $this->by->fill('#typed-azimuth', (string) $azimuth);
            $this->by->send('#typed-elevation', (string) $elevation);

            return 'run';
        }
        if ($browser->has('[data-testid=question]')) {
            $this->by->key('y');

            return 'answer';
        }
        if ($browser->has('[data-testid=read]') && $browser->has('#typed')) {
            $call = (string) $browser->find('#typed')->getAttribute('data-reading');
            $this->by->send('#typed', $car->tape($task, $call));

            return "read $call";
        }
        if ($browser->has('[data-testid=reference-asked]')) {
            $this->by->press('Take this plan');
            $browser->waitForText('section[aria-label=Tally]', 'all saved');
            // Of the last car with this card it stands there.
            if ($browser->find('#reference-reason')->getAttribute('value') === '') {
                $this->by->fill('#reference-reason', 'The page counts from the car’s middle.');
            }
            $this->by->press('Count from it');

            return 'reference';
        }
        if ($browser->has('[data-testid=moves]')) {
            $this->by->key('d');

            return 'move';
        }
        if ($browser->has('[data-testid=step]')) {
            $this->by->key('d');

            return 'step';
        }
        if ($browser->has('[data-testid=close]')) {
            $this->by->press('Seal the record');

            return 'sealed';
        }

        return '?';
    }

    /** After both seals: codes read again, the road test, and the order is closed. */
    private function closeIt(): void
    {
        $browser = $this->browser;
        $browser->press('Post-scan');
        $browser->find('#scan-tool');
        $this->scan();
        $this->by->press('Road test');
        $browser->find('[data-testid=road-function]');
        $this->by->fill('#road-route', 'Brasswater ring and back');
        $this->by->fill('#road-weather', 'dry');
        for ($i = 0; $i < 8 && $browser->has('[data-testid=road-function]'); $i++) {
            $asked = $browser->text('[data-testid=road-function] h1');
            $browser->driver->executeScript('document.activeElement.blur()');
            $this->by->key('y');
            $this->until('document.querySelector("[data-testid=road-function] h1")?.innerText !== ' . json_encode($asked));
            $this->settle();
        }
        $this->by->press('Back to what it waits for');
        $this->assertAccessible('what keeps an order open');
        $this->by->press('It has no others');
        $this->settle();
        $this->by->press('Close the order');
        $this->settle();
    }

    /** @param array{string, string} $account */
    private function openOrderOfNoTable(array $account): void
    {
        $by = $this->by;
        $this->browser->signIn(...$account);
        $this->browser->waitForText('main', 'Your account');
        $this->browser->visit('/orders/new');
        $by->fill('#plate', 'BW 4711');
        $by->fill('#make', 'Vossen');
        $by->fill('#model', 'Ketch');
        $by->press('front, in the middle');
        $by->press('rear left');
        foreach (['Front, in the middle: sensor off and on', 'Rear left: sensor off and on'] as $operation) {
            $by->look('#operation', explode(':', $operation)[0], $operation);
        }
        $by->press('Open the order');
        $this->browser->find('[data-testid=waits]');
    }
}
