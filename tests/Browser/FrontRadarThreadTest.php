<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Records\Moment;
use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Catalogue\Kit\Lesson;
use Lumbro\Core\Catalogue\Kit\OverdueRule;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Evidence\Recomputation;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\SetUp\SetUp;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Tests\Support\DemoOrder;
use Lumbro\Core\Work\TaskState;
use Lumbro\Words\Words;
use Tests\Support\ApiClient;

/** A front radar from the repair order to the sealed record, as a person does it. */
final class FrontRadarThreadTest extends BrowserCase
{
    protected const CARRIES = true;

    protected const HOSTS = true;

    private ApiClient $tape;

    private string $task;

    public function testFromTheRepairOrderToTheSealedRecord(): void
    {
        $this->tape = $this->api();
        $this->task = $this->tape->task('2471');
        $browser = $this->browser;

        $this->openTask('2471');
        $browser->waitForText('[data-testid=owed]', 'Front radar is owed a calibration');
        $browser->waitForText('[data-testid=owed]', 'front bumper cover repainted');
        $browser->waitForText('[data-testid=owed]', 'Quillon sheet 41-207 (invented), section 2.3');
        $this->assertAccessible('intake');
        $browser->press('Begin');

        $this->prepare();
        $this->runIsRefused();
        $this->establishTheLine();
        $this->takeReadings();
        $this->mendTheMisreadTape();
        $this->moveAndMeasureAgain();
        $this->runAndJudge();
        $this->sealAndVerify();

        self::assertSame(['127.0.0.1'], $browser->hosts());
        $errors = array_filter($browser->consoleErrors(), static fn(string $line): bool => preg_match('/status of (401|422)/', $line) !== 1);
        self::assertSame([], array_values($errors));
    }

    private function prepare(): void
    {
        $this->browser->waitForText('[data-testid=question]', 'Tyre pressures');
        $this->browser->keys('w');
        $this->browser->type('#word', "Wen Harrow, body repair\n");
        foreach (['Boot and roof', 'Wheels straight', 'Supply voltage', 'Front bumper cover', 'Zone ahead', 'The bay', 'Fuel', 'Ride heights', 'Doors', 'The scan tool', 'The sensor'] as $question) {
            $this->browser->waitForText('[data-testid=question]', $question);
            $this->sayYes();
        }
        $this->browser->waitForText('[data-testid=question]', 'Front mark plumbed');
        $this->browser->waitForText('nav', '5 on word');
    }

    private function runIsRefused(): void
    {
        $this->stage('Run');
        $this->browser->waitForText('[data-testid=run]', 'The run is barred');
        $this->browser->waitForText('[data-testid=bars]', 'The distance is not measured.');
        self::assertFalse($this->browser->has('[data-testid=step]'));
        $this->assertAccessible('barred run');
        // Nor does it start by another door.
        [, $state] = $this->tape->get("/api/tasks/{$this->task}");
        [$status, $problem] = $this->tape->write($this->task, 'run', $state['version'], ['azimuth' => 0.1, 'elevation' => 0]);
        self::assertSame([409, 'run-barred'], [$status, $problem['code']]);
        // A release without a reason is refused, naming the field, and what was typed stays.
        $this->browser->press('Release it by name');
        $this->browser->type('#release-reason', 'because');
        $this->browser->press('Release one run');
        $this->browser->waitForText('[data-testid=run]', 'At least 10 characters are needed');
        self::assertSame('because', $this->browser->find('#release-reason')->getAttribute('value'));
        $this->browser->press('Back to the present call');
    }

    private function establishTheLine(): void
    {
        foreach (['Front mark plumbed', 'Rear mark plumbed', 'Laser line through both'] as $step) {
            $this->browser->waitForText('[data-testid=question]', $step);
            $this->browser->keys('y');
        }
    }

    private function takeReadings(): void
    {
        $this->call('Spot off the line');
        $this->browser->waitForText('[data-testid=expected]', '0');
        foreach (['a hand or so' => 'it is not a length', '14 mm' => 'does not say to which side'] as $bad => $reason) {
            $this->type($bad);
            $this->browser->waitForText('[data-testid=read]', $reason);
            self::assertSame($bad, $this->browser->find('#typed')->getAttribute('value'));
            $this->browser->clear('#typed');
        }
        $this->type($this->reading('spot-offset'));
        $this->browser->waitForText('[data-testid=verdict-across]', 'Out');
        $this->assertOnScreen('across');

        $this->call('Tape along the line');
        // 1849 misread as 1894, and typed in centimetres.
        $this->type('189.4 cm');
        $this->browser->waitForText('[data-testid=verdict-along]', 'Out');
        $this->assertOnScreen('along');

        $this->call('Stand square');
        $this->type(str_replace(' mm', '', $this->reading('split')));
        $this->browser->waitForText('[data-testid=verdict-yaw]', '°');

        $this->call('Target height');
        $this->type(sprintf('%.2f"', $this->millimetres('height') / 25.4));
        $this->browser->waitForText('[data-testid=verdict-height]', 'too high');
        $this->assertAccessible('readings');
    }

    private function mendTheMisreadTape(): void
    {
        // What could hide is asked for next; a tape from a hub may be taken all the same.
        $this->browser->waitForText('[data-testid=guards]', 'could hide');
        $this->browser->waitForText('[data-testid=hides-azimuth]', 'could hide');
        $this->assertAccessible('a slip that could hide');
        $this->choose('Check tape, left');
        $this->type(sprintf('%.3f m', $this->millimetres('hub-left') / 1000));
        $this->choose('Check tape, right');
        $inches = $this->millimetres('hub-right') / 25.4;
        $this->type(sprintf("%d' %.2f\"", intdiv((int) $inches, 12), fmod($inches, 12)));

        $this->call('Tape along the line');
        $this->browser->waitForText('[data-testid=contradiction]', 'It reads 189.4 cm');
        $this->browser->waitForText('[data-testid=verdict-across]', 'readings disagree');
        $this->type($this->reading('spot-along'));
        $this->followTo('move');
        $this->browser->waitForText('[data-testid=moves]', 'Move the stand');
        self::assertSame('189.4 cm', $this->browser->text('[data-fate=struck] s'));
        $this->assertOnScreen('across');
        $this->assertOnScreen('along');
        $this->assertOnScreen('yaw');
    }

    private function moveAndMeasureAgain(): void
    {
        $plan = $this->state()->setUp->plan($this->state()->moves);
        self::assertNotNull($plan);
        $shown = $this->browser->waitForText('[data-testid=move-shift]', 'towards the car’s left side');
        self::assertStringContainsString((string) round(abs($plan[0]->across)), $shown);
        self::assertStringContainsString('towards the car', $shown);
        $this->browser->keys('f');
        // One move at a time.
        for ($move = 1; ! str_contains($this->browser->text('[data-testid=far-view]'), 'towards the car’s left'); $move++) {
            self::assertStringContainsString("$move of ", $this->browser->text('[data-testid=far-view]'));
            $this->browser->press('Next move');
        }
        $this->assertAccessible('far view');
        $this->browser->keys('f');
        $this->assertAccessible('moves');
        $this->browser->keys('d');

        $this->followTo('step');
        foreach (['along', 'across', 'yaw', 'height'] as $respect) {
            $this->browser->waitForText("[data-testid=verdict-$respect]", 'Holds');
        }
        // The page comes back at the same place.
        $this->browser->driver->navigate()->refresh();
        $this->browser->waitForText('[data-testid=step]', 'Ignition on');
    }

    /** Reads, surveys and moves whatever the screen asks for until it is another thing's turn. */
    private function followTo(string $kind): void
    {
        for ($round = 0; $round < 80; $round++) {
            $present = $this->state()->present();
            if ($present->kind === $kind) {
                return;
            }
            if ($present->kind === 'move') {
                $this->browser->find('[data-testid=moves]');
                $this->browser->keys('d');
                $this->settle();
            } elseif ($present->kind === 'survey-floor') {
                $place = (string) $this->browser->find('#floor-reading')->getAttribute('data-reading');
                $this->browser->type('#floor-reading', $this->reading("floor-$place") . "\n");
                $this->until('document.getElementById("floor-reading")?.dataset.reading !== ' . json_encode($place));
                $this->settle();
            } else {
                $this->call($this->title((string) $present->call));
                $this->type($this->reading((string) $present->call));
            }
        }
        self::fail("It never comes to $kind.");
    }

    /** Takes a reading of the list below out of its turn. */
    private function choose(string $title): void
    {
        $this->settle();
        foreach ($this->browser->driver->findElements(\Facebook\WebDriver\WebDriverBy::xpath("//button[contains(., '$title')]")) as $button) {
            $button->click();
            $this->call($title);

            return;
        }
        self::fail("There is no $title.");
    }

    private function runAndJudge(): void
    {
        $this->assertAccessible('run');
        $this->throughTheSteps();
        $this->browser->waitForText('[data-testid=repeat]', 'One reading alone does not show that it repeats');
        $this->browser->keys('r');
        $this->browser->waitForText('[data-testid=guards]', 'was away for the empty zone');
        $this->followTo('close');
        $this->browser->waitForText('[data-testid=close]', 'Close and seal');
        $this->stage('Prove');
        $result = $this->state()->lastRun();
        self::assertNotNull($result);
        self::assertSame(Verdict::Holds, $result->verdict());
        foreach (['azimuth' => $result->azimuth, 'elevation' => $result->elevation] as $axis => $verdict) {
            $shown = $this->browser->waitForText("[data-testid=run-result] [data-testid=$axis]", 'Holds');
            self::assertStringContainsString(sprintf('%.2f°', abs($verdict->misalignment)), $shown);
            self::assertStringContainsString(sprintf('±%.2f°', $verdict->uncertainty), $shown);
            $this->browser->waitForText("[data-testid=finding] [data-testid=$axis]", 'Holds');
        }
        $this->assertAccessible('prove');
        $this->browser->press('Back to the present call');
    }

    private function sealAndVerify(): void
    {
        $this->browser->waitForText('[data-testid=close]', 'on the word of Wen Harrow');
        $this->assertAccessible('close');
        $this->browser->press('Seal the record');
        $hash = trim($this->browser->text('[data-testid=seal]'));
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}$/', $hash);
        $this->browser->press('Open the report');
        $this->browser->waitForText('h1', 'Record of 2471');
        $this->browser->waitForText('main', '189.4 cm');
        $this->browser->waitForText('main', $hash);
        $this->assertAccessible('report');

        [, $record] = $this->tape->get("/api/tasks/{$this->task}/record");
        self::assertSame($hash, $record['seal']['hash']);
        self::assertSame([0, 1], [$this->verify($record), $this->verify(array_replace_recursive($record, ['record' => ['order' => ['plate' => 'CL 0001']]]))]);

        // What was sealed recomputes to the same verdicts from itself alone.
        $again = Recomputation::of(Node::parse((string) json_encode($record['record'])));
        self::assertSame([], $again->differences);
        self::assertEqualsWithDelta($record['record']['facts']['runs'][0]['azimuth']['misalignment'], $again->task->state()->runs[0]->azimuth->misalignment, 1e-12);
    }

    /** @param array<string, mixed> $record */
    private function verify(array $record): int
    {
        $file = getenv('LUMBRO_SCRATCH') . '/thread.json';
        file_put_contents($file, json_encode($record));
        exec('cd ' . escapeshellarg(dirname(__DIR__, 2)) . ' && ./lumbro verify ' . escapeshellarg($file) . ' 2>&1', $output, $status);

        return $status;
    }

    /** What the core makes of the record in the database, here and now. */
    private function state(): TaskState
    {
        $this->settle();
        [, $state] = $this->tape->get("/api/tasks/{$this->task}");
        $folder = dirname(__DIR__, 2) . '/database/demo/';
        $read = static fn(string $file): Node => Node::parse((string) file_get_contents($folder . $file));
        $owner = \Tests\Support\TestDatabase::owner(self::$server->database);
        $order = new DemoOrder('quillon-sable', Moment::today());
        foreach ($owner->query("select e.* from order_events e join sensor_tasks t on t.repair_order_id = e.repair_order_id where t.id = '{$this->task}' order by e.version") ?: [] as $row) {
            $order->entries[] = Kinds::orderLine($row['kind'], $row['id'], '', '', Node::parse($row['payload']));
        }
        $kit = DemoOrder::kit();
        $taught = \Tests\Support\TestDatabase::one($owner, "select o.lessons -> 'simulated' from repair_orders o join sensor_tasks t on t.repair_order_id = o.id where t.id = '{$this->task}'");
        $lessons = array_map(static fn(Node $lesson): Lesson => Document::read(Lesson::class, $lesson), Node::parse($taught)->items());
        $context = new TaskContext(
            Document::read(ProcedureCard::class, $read('cards/quillon-sable-front.json')),
            Document::read(VehicleSheet::class, $read('vehicles/quillon-sable.json')),
            KitRegister::of([...$kit->instruments, ...$kit->stands, ...$kit->targets], $lessons)->forTask(Moment::today(), new OverdueRule(false, 2.0)) ?? self::fail('The demo kit is not whole.'),
            Document::read(Bay::class, $read('bays.json')->items()[0]),
            array_keys($order->state()->record->operations),
            $order->state()->sheet->sensor('front'),
            $order->state()->forTask('front'),
        );
        $lines = [];
        foreach ($owner->query("select * from readings where sensor_task_id = '{$this->task}'") ?: [] as $row) {
            $lines[$row['version']] = new ReadingTaken($row['id'], '', '', $row['call'], $row['typed'], (float) $row['millimetres'], $row['unit'], $row['datum_to'], $row['strikes_id']);
        }
        foreach ($owner->query("select * from record_events where sensor_task_id = '{$this->task}'") ?: [] as $row) {
            $lines[$row['version']] = Kinds::taskLine($row['kind'], $row['id'], '', '', Node::parse($row['payload']));
        }
        ksort($lines);
        self::assertCount($state['version'], $lines);

        return new TaskState($context, array_values($lines));
    }

    /** The tally's figure against the core's own, from the readings in the database. */
    private function assertOnScreen(string $respect): void
    {
        $setUp = new SetUp($this->state()->context, $this->state()->plan, $this->state()->setUp->readings);
        $deviation = $setUp->deviation($respect);
        self::assertNotNull($deviation);
        $shown = $this->browser->text("[data-testid=verdict-$respect]");
        $figure = $deviation->angular ? sprintf('%.2f°', rad2deg(abs($deviation->value()))) : sprintf('%.1f mm', abs($deviation->value()));
        $spread = $deviation->angular ? sprintf('±%.2f°', rad2deg($deviation->uncertainty)) : sprintf('±%.1f mm', $deviation->uncertainty);
        self::assertStringContainsString($figure, $shown);
        self::assertStringContainsString($spread, $shown);
    }

    private function reading(string $call): string
    {
        return $this->tape->get("/api/tasks/{$this->task}/meter/$call")[1]['typed'];
    }

    private function millimetres(string $call): float
    {
        return (float) $this->reading($call);
    }

    private function call(string $title): void
    {
        $this->browser->waitForText('[data-testid=read]', $title);
    }

    private function title(string $call): string
    {
        return (new Words())->say($this->state()->plan->call($call)?->title() ?? self::fail("There is no call {$call}."));
    }

    /** Types into the reading field and takes it with Enter. */
    private function type(string $text): void
    {
        $this->settle();
        $this->browser->type('#typed', $text . "\n");
        $this->settle();
    }

    private function stage(string $name): void
    {
        foreach ($this->browser->driver->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('nav button')) as $button) {
            if (str_starts_with($button->getText(), $name)) {
                $button->click();

                return;
            }
        }
        self::fail("There is no stage {$name}.");
    }

    /** Waits until everything is saved. */
    private function settle(): void
    {
        $this->browser->waitForText('section[aria-label=Tally]', 'saved');
        usleep(120_000);
        $this->browser->waitForText('section[aria-label=Tally]', 'all saved');
    }
}
