<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Str;
use Tests\Support\Answers;
use Tests\Support\ApiClient;
use Tests\Support\Browser;
use Tests\Support\HiddenBay;
use Tests\Support\TestDatabase;

/** A set-up worked through on the screen, with readings from a bay whose truth only the test knows. */
abstract class SetUpCase extends BrowserCase
{
    /** More than this and the screen's advice is no good. */
    protected const ROUNDS = 4;

    protected const SABLE = ['wheelbase' => 2905.0, 'trackFront' => 1598.0, 'trackRear' => 1604.0, 'frontMark' => 890.0, 'rearMark' => 846.0, 'hubHeight' => 334.0];

    private ?ApiClient $client = null;

    /** A new repair order of a demo car, with everything answered before the line. */
    protected function order(string $number, string $operation): string
    {
        $owner = TestDatabase::owner(self::$server->database);
        $id = (string) Str::uuid7();
        [$status] = $this->client()->post('/api/repair-orders', [
            'id' => $id, 'version' => 0, 'number' => $number, 'vehicle' => 'Quillon Sable', 'plate' => 'QS ' . substr(sha1($number), 0, 6), 'operations' => [$operation],
            'sheet' => TestDatabase::one($owner, "select id from vehicle_sheets where name = 'quillon-sable'"),
            'bay' => TestDatabase::one($owner, "select id from bays where name = 'Bay 1'"),
        ]);
        self::assertSame(200, $status);
        $this->client()->ready($id);

        return $number;
    }

    /** A tolerance of a demo card, as this shop's card has it. */
    protected function tolerance(string $card, string $respect, float $halfWidth): void
    {
        $owner = TestDatabase::owner(self::$server->database);
        $changed = $owner->exec("update procedure_cards set document = jsonb_set(document::jsonb, '{spot,tolerance,$respect}', '$halfWidth') where document->>'id' = '$card'");
        self::assertGreaterThan(0, $changed);
    }

    /** The line that a demo card's values count from, as this shop's card has it. */
    protected function reference(string $card, string $line): void
    {
        $owner = TestDatabase::owner(self::$server->database);
        self::assertGreaterThan(0, $owner->exec("update procedure_cards set document = jsonb_set(document::jsonb, '{reference}', '\"$line\"') where document->>'id' = '$card'"));
    }

    /** Chooses the schools on the screen, and answers whatever is asked before the readings. */
    protected function begin(string $number, string $sensor, string ...$schools): string
    {
        $task = $this->client()->task($number, $sensor);
        $this->enter($task);
        $this->stage('Line');
        if ($schools !== [] && $schools !== ['plumb-and-line']) {
            $this->browser->press('Measure another');
            $this->browser->find('[data-testid^=reach-]');
            foreach ($this->browser->driver->findElements(WebDriverBy::cssSelector('[data-testid^=school-]:has(input:checked) label')) as $taken) {
                $taken->click();
            }
            foreach ($schools as $school) {
                $this->browser->find("[data-testid=school-$school] label")->click();
            }
            $this->browser->press('Measure so');
            $this->untilInUse($task, array_values($schools));
        }
        $this->answers($task);
        $this->browser->visit("/tasks/$task");
        $this->browser->find('[data-testid=read]');

        return $task;
    }

    /** Opens a task, signing in where nobody is. */
    protected function enter(string $task): void
    {
        $this->browser->visit("/tasks/$task");
        $this->browser->find('#email, [data-testid=floor-plan]');
        if ($this->browser->has('#email')) {
            $this->signIn();
            $this->browser->visit("/tasks/$task");
        }
        $this->browser->find('[data-testid=floor-plan]');
    }

    /**
     * Waits until the server has the schools that were chosen: what the screen shows may still be on its way there.
     *
     * @param list<string> $schools
     */
    private function untilInUse(string $task, array $schools): void
    {
        for ($deadline = microtime(true) + Browser::PATIENCE; microtime(true) < $deadline; usleep(50_000)) {
            [, $state] = $this->client()->get("/api/tasks/$task");
            if (array_diff($schools, array_column($state['method']['schools'], 'id')) === []) {
                return;
            }
        }
        self::fail('The schools that were chosen never came into use.');
    }

    /** Answers the preparation and the line with yes. */
    protected function answers(string $task): void
    {
        [, $state] = $this->client()->get("/api/tasks/$task");
        foreach ([...$state['preparation'], ...$state['lineSteps']] as $question) {
            if ($question['answer'] === null) {
                [$status] = $this->client()->write($task, 'answer', $state['version'], Answers::to($question['id']));
                self::assertSame(200, $status);
            }
        }
    }

    /**
     * Reads what the screen asks for and moves what it says, until it asks for neither.
     *
     * @return int how often something was moved
     */
    protected function follow(HiddenBay $bay): int
    {
        $rounds = 0;
        for ($step = 0; $step < 140; $step++) {
            $this->settle();
            if ($this->browser->has('[data-testid=moves]')) {
                $rounds++;
                self::assertLessThanOrEqual(static::ROUNDS, $rounds, 'The moves do not come to an end.');
                foreach ($this->browser->driver->findElements(WebDriverBy::cssSelector('[data-testid^=move-]')) as $move) {
                    $bay->obey(str_replace("\n", ' ', explode('then “', $move->getText())[0]));
                }
                $this->moved();
            } elseif ($this->browser->has('#floor-reading')) {
                $place = (string) $this->browser->find('#floor-reading')->getAttribute('data-reading');
                $this->browser->type('#floor-reading', $bay->staff($place) . WebDriverKeys::ENTER);
                $this->until('document.getElementById("floor-reading")?.dataset.reading !== ' . json_encode($place) . ' || document.querySelector("[data-testid=asked]") !== null');
                if ($this->browser->has('[data-testid=asked]')) {
                    // No real floor is as flat as this one.
                    $this->browser->press('It does show');
                }
                $this->until('document.getElementById("floor-reading")?.dataset.reading !== ' . json_encode($place));
            } elseif ($this->browser->has('#typed')) {
                $this->take($bay->read((string) $this->browser->find('#typed')->getAttribute('data-reading')));
            } else {
                return $rounds;
            }
        }
        self::fail('The screen asks for more and more.');
    }

    /** Says that what was to be moved is moved, and waits until that is known. */
    protected function moved(): void
    {
        $this->browser->keys('d');
        $this->gone('[data-testid=moves]');
    }

    /** Types a reading and waits until it is in the ledger. */
    protected function take(string $typed): void
    {
        $before = $this->ledger();
        if ($this->browser->has('#accuracy')) {
            $this->browser->clear('#accuracy');
            $this->browser->type('#accuracy', $this->browser->find('#typed')->getAttribute('data-reading') === 'pose-turn' ? '0.1' : '2 mm');
        }
        $this->browser->type('#typed', $typed . WebDriverKeys::ENTER);
        // The last one leads on to another stage, where no ledger is.
        for ($deadline = microtime(true) + Browser::PATIENCE; $this->ledger() === $before && microtime(true) < $deadline;) {
            // A test types quicker than hands measure, and is asked whether it did.
            if ($this->browser->has('[data-testid=asked]')) {
                $this->browser->press('It does show');
                $this->gone('[data-testid=asked]');
            }
            usleep(40_000);
        }
        self::assertContains($this->ledger(), [$before + 1, 0], "“{$typed}” was not taken: " . $this->browser->text('main'));
    }

    /** Every verdict of the tally is "Holds", on the screen. */
    protected function assertHolds(string ...$respects): void
    {
        foreach ($respects as $respect) {
            self::assertStringContainsString('Holds', $this->browser->text("[data-testid=verdict-$respect]"), $respect);
        }
        self::assertStringContainsString('readings agree', $this->browser->text('section[aria-label=Tally]'));
    }

    protected function stage(string $name): void
    {
        $this->browser->press($name);
    }

    protected function settle(): void
    {
        $this->browser->waitForText('section[aria-label=Tally]', 'all saved');
    }

    protected function client(): ApiClient
    {
        return $this->client ??= $this->api();
    }

    protected function ledger(): int
    {
        return count($this->browser->driver->findElements(WebDriverBy::cssSelector('[data-testid=ledger] > li')));
    }

    private function gone(string $css): void
    {
        for ($deadline = microtime(true) + Browser::PATIENCE; $this->browser->has($css) && microtime(true) < $deadline;) {
            usleep(40_000);
        }
        self::assertFalse($this->browser->has($css));
    }
}
