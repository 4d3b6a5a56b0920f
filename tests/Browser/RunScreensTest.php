<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\Browser;
use Tests\Support\Placing;
use Tests\Support\TestDatabase;

/** The run and the proof on the screen: worked through by keys, and what is told when something goes wrong. */
final class RunScreensTest extends RunCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // A wait is a wait, however short.
        TestDatabase::owner(self::$server->database)->exec("update procedure_cards set document = replace(document::text, '\"seconds\": 30', '\"seconds\": 1')::jsonb");
    }

    public function testABentBracketIsFoundByKeysAloneAndTheNoteGoesWithTheCar(): void
    {
        $task = $this->open('bent-bracket');
        $cards = $this->follow();
        self::assertContains('adjust', $cards);
        self::assertContains('cause', $cards);
        $this->browser->waitForText('[data-testid=sent-back], [data-testid=close]', '');
        [, $state] = $this->api()->get("/api/tasks/$task");
        self::assertSame('bracket', $state['run']['sentBack']['fault']);
        $this->browser->visit("/tasks/$task/note");
        $this->browser->waitForText('h1', 'To body repair');
        $this->browser->waitForText('[data-testid=note-reasons]', 'The screws did not move the sensor as their thread says.');
        $this->assertAccessible('note');
        $this->browser->media('print');
        self::assertStringNotContainsString('Sign out', $this->browser->text('body'));
    }

    public function testScrewsWithBacklashComeRightAndEveryCardIsFitForGlovesAndReaders(): void
    {
        $this->browser->media('screen', 'dark');
        $task = $this->open('backlash');
        $seen = $this->follow(function (string $card): void {
            $this->assertAccessible("$card, dark");
            self::assertSame([], $this->smallTargets(), $card);
        });
        self::assertContains('adjust', $seen);
        self::assertContains('repeat', $seen);
        $this->browser->waitForText('[data-testid=close]', 'Close and seal');
        [, $state] = $this->api()->get("/api/tasks/$task");
        self::assertTrue($state['run']['proven']);
        $this->browser->press('Prove');
        $this->browser->waitForText('[data-testid=finding]', 'Holds');
        $this->browser->waitForText('[data-testid=made]', 'turn');
        $this->assertAccessible('prove, dark');
        self::assertSame([], $this->smallTargets());
    }

    public function testAFailedRunNamesItsCauseAndTheFarViewSaysTheCheck(): void
    {
        $this->open('weak-supply');
        $this->follow(until: 'cause');
        $this->browser->waitForText('[data-testid=cause]', 'Measure at the battery');
        $this->browser->waitForText('[data-testid=causes]', 'The supply sags');
        $this->assertAccessible('cause');
        $this->browser->keys('f');
        $this->browser->waitForText('[data-testid=far-view]', 'Measure at the battery');
        $this->assertAccessible('far view of a cause');
        $this->browser->keys('f');
        $this->follow();
        $this->browser->waitForText('[data-testid=close]', 'Close and seal');
    }

    public function testAZeroAndAShiftTestAreWorkedThroughOnTheScreen(): void
    {
        $this->open('electronic');
        $seen = $this->follow(function (string $card): void {
            if ($card === 'zero') {
                $this->assertAccessible($card);
                self::assertSame([], $this->smallTargets(), $card);
            }
        });
        self::assertContains('zero', $seen);
        $this->browser->waitForText('[data-testid=close]', 'electronic zeros');
        $this->open('no-adjuster');
        $seen = $this->follow(function (string $card): void {
            if (in_array($card, ['shift', 'send-back'], true)) {
                $this->assertAccessible($card);
                self::assertSame([], $this->smallTargets(), $card);
            }
        });
        self::assertContains('shift', $seen);
        self::assertContains('send-back', $seen);
    }

    public function testALostAnswerIsThereAfterAReloadAndInAnotherBrowserAndIsAskedFor(): void
    {
        $task = $this->open('plain-screws');
        $owner = TestDatabase::owner(self::$server->database);
        $owner->exec("update sensor_tasks set scenario = scenario::jsonb || '{\"tool\": {\"lost\": {\"start\": [1]}}}' where id = '$task'");
        $this->follow(until: 'pending');
        $this->browser->waitForText('[data-testid=pending]', 'asked it to start the routine');
        $this->assertAccessible('pending');
        $this->browser->driver->navigate()->refresh();
        $this->browser->waitForText('[data-testid=pending]', 'Nothing is run twice');
        [, $state] = $this->api()->get("/api/tasks/$task");
        [$status, $problem] = $this->api()->write($task, 'asked', $state['version'], ['command' => 'start']);
        self::assertSame([409, 'tool-pending'], [$status, $problem['code']]);
        $this->browser->find('[data-testid=pending]');
        $this->browser->keys('r');
        $this->browser->waitForText('[data-testid=step]', 'Ignition off');
        $rows = $owner->query("select count(*) from record_events where sensor_task_id = '$task' and kind = 'asked' and payload->>'command' = 'start'");
        self::assertSame(1, $rows === false ? 0 : (int) $rows->fetchColumn());
    }

    public function testABrowserThatIsClosedInMidRunLosesNothing(): void
    {
        $task = $this->open('plain-screws');
        $this->follow(until: 'repeat');
        $asked = TestDatabase::owner(self::$server->database)->prepare("select count(*) from record_events where sensor_task_id = '$task' and kind = 'asked'");
        $count = static function () use ($asked): int {
            $asked->execute();

            return (int) $asked->fetchColumn();
        };
        $before = $count();
        $this->browser->keys('r');
        // A key that has not reached the server yet has begun nothing that could be lost.
        for ($deadline = microtime(true) + Browser::PATIENCE; $count() === $before && microtime(true) < $deadline;) {
            usleep(5_000);
        }
        $this->browser->driver->get('about:blank');
        for ($readings = 0; $readings < 2 && microtime(true) < $deadline;) {
            usleep(50_000);
            [, $state] = $this->api()->get("/api/tasks/$task");
            $readings = count($state['runs']);
        }
        self::assertSame([2, null], [$readings, $state['run']['pending'] ?? null]);
        $this->browser->visit("/tasks/$task");
        $this->browser->find('[data-testid=adjust]');
    }

    public function testAPlateIsSwungPositionByPositionAndAMirrorSpotIsRead(): void
    {
        $api = $this->api();
        $task = $api->task('2470');
        (new Placing($api))->place($task);
        $this->openTask('2470');
        $this->browser->find('[data-testid=step]');
        $this->follow(until: 'lot-code');
        // The routine asks for what is out of reach by now, and nobody noted it.
        $this->browser->press('Send the lot code');
        $this->browser->waitForText('[data-testid=step]', 'nobody noted it before the cover went back');
        $this->assertAccessible('lot code');
        $this->browser->type('#lot-code', 'L12K5');
        $this->browser->press('Send the lot code');
        $this->until('document.getElementById("lot-code") === null');
        $this->follow();
        $this->browser->press('Prove');
        foreach (['about', 'weaker', 'weaker', 'again'] as $i => $expected) {
            $this->browser->waitForText('[data-testid=swing]', $expected);
            $before = $this->browser->text('[data-testid=swing]');
            $this->browser->press('Read the echo level');
            $this->until('document.querySelector("[data-testid=swing]").innerText !== ' . json_encode($before));
            $this->browser->waitForText('section[aria-label=Tally]', 'all saved');
        }
        $this->browser->waitForText('[data-testid=swing]', 'By the levels the elevation reads');
        [, $state] = $api->get("/api/tasks/$task");
        $scenario = json_decode((string) $this->one($task), true);
        $peak = $state['run']['swing']['peak'];
        self::assertEqualsWithDelta($scenario['mount']['elevation'], $peak['amount'] * ($peak['direction'] === 'up' ? 1 : -1), 0.2);
        $this->browser->press('Read a mirror spot');
        $this->browser->type('#mirror-distance', '3 m');
        $this->browser->type('#mirror-left', 'sideways');
        $this->browser->type('#mirror-above', "2 mm up\n");
        $this->browser->waitForText('[data-testid=mirror]', 'sideways');
        $this->assertAccessible('mirror');
        self::assertSame([], $this->smallTargets());
        $this->browser->clear('#mirror-left');
        $this->browser->type('#mirror-left', "4 mm left\n");
        $this->browser->waitForText('[data-testid=mirror]', 'By its mirror spot the sensor');
    }

    private function one(string $task): mixed
    {
        $found = TestDatabase::owner(self::$server->database)->query("select scenario from sensor_tasks where id = '$task'");

        return $found === false ? null : $found->fetchColumn();
    }

    public function testPracticeCarsAreListedWithoutTheirFaultsAndOneIsBroughtIn(): void
    {
        $this->signIn();
        $this->browser->visit('/practice');
        $this->browser->waitForText('[data-testid=practice-cars]', 'Tessara Brink');
        self::assertStringNotContainsStringIgnoringCase('backlash', $this->browser->text('main'));
        $this->assertAccessible('practice');
        self::assertSame([], $this->smallTargets());
        $this->browser->find('[data-testid=practice-cars] button')->click();
        $this->browser->find('[data-testid=answer]');
        $this->browser->press('Work at the car');
        $this->browser->waitForText('[data-testid=exercise-band]', 'Exercise P-');
        self::assertStringContainsString('PRACTICE', $this->browser->text('header'));
    }

    private function open(string $scenario): string
    {
        $task = (new Placing($this->api()))->car($scenario);
        $this->browser->visit("/tasks/$task");
        $this->browser->find('#email, [data-testid=floor-plan]');
        if ($this->browser->has('#email')) {
            $this->signIn();
            $this->browser->visit("/tasks/$task");
        }
        $this->browser->find('[data-testid=step]');

        return $task;
    }
}
