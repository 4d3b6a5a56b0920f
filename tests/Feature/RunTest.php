<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Lumbro\Core\Measure\Node;

/** The run when things go wrong: order, connection, nonsense, two people, and every route to the sensor. */
final class RunTest extends FeatureCase
{
    private const READING = ['azimuth' => 0.05, 'elevation' => -0.1];

    public function testAStepOutOfItsTurnIsRefusedWithWhatIsDue(): void
    {
        $this->workUntil('run');
        $this->write('asked', ['command' => 'start'])->assertStatus(409)->assertJsonPath('code', 'step-order')->assertJsonPath('title', '“Ignition on, engine off, charger connected” comes before the tool is asked to start the routine.');
        $this->write('step', ['step' => 'ignition-off'])->assertStatus(409)->assertJsonPath('code', 'step-order');
        $this->write('step', ['step' => 'dance'])->assertStatus(422)->assertJsonPath('path', '/payload/step');
        $this->write('run', self::READING)->assertStatus(409)->assertJsonPath('code', 'step-order');
        $this->write('step', ['step' => 'ignition-on'])->assertOk()->assertJsonPath('present.call', 'identify');
        $this->write('step', ['step' => 'identify'])->assertStatus(409)->assertJsonPath('code', 'step-order');
        $this->write('asked', ['command' => 'fly'])->assertStatus(422)->assertJsonPath('path', '/payload/command');
        self::assertSame(1, DB::table('record_events')->where('sensor_task_id', $this->task())->whereIn('kind', ['step', 'asked', 'answered'])->count());
    }

    public function testAWaitIsAskedForOnceAndItsLengthIsKept(): void
    {
        $this->workUntil('run');
        for ($i = 0; $i < 5; $i++) {
            $this->step();
        }
        $this->write('step', ['step' => 'ignition-off'])->assertStatus(422)->assertJsonPath('code', 'asks-once');
        $this->write('step-begun', ['step' => 'ignition-off'])->assertOk()->assertJsonPath('run.steps.5.state', 'now');
        self::assertIsString($this->getJson("/api/tasks/{$this->task()}")->json('run.steps.5.begunAt'));
        $this->write('step', ['step' => 'ignition-off'])->assertStatus(422)->assertJsonPath('code', 'asks-once');
        $this->write('step', ['step' => 'ignition-off', 'confirmed' => true])->assertOk()->assertJsonPath('present.call', 'read');
        $kept = json_decode((string) DB::table('record_events')->where('sensor_task_id', $this->task())->where('kind', 'step')->orderByDesc('version')->value('payload'), true);
        self::assertLessThan(30, $kept['waited']);
    }

    public function testALostAnswerLeavesATraceAndNothingRunsTwice(): void
    {
        $this->faults(['lost' => ['start' => [1]]]);
        $this->workUntil('run');
        for ($i = 0; $i < 4; $i++) {
            $this->step();
        }
        $id = (string) Str::uuid7();
        $this->write('asked', ['id' => $id, 'command' => 'start'])->assertOk()->assertJsonPath('run.pending.says', 'start the routine')->assertJsonPath('present.kind', 'outcome');
        // Sent again, or by somebody else, it is not run again.
        $this->write('asked', ['id' => $id, 'command' => 'start'])->assertOk();
        $this->write('asked', ['command' => 'start'])->assertStatus(409)->assertJsonPath('code', 'tool-pending');
        $this->write('run', self::READING)->assertStatus(409)->assertJsonPath('code', 'tool-pending');
        $this->write('check', ['cause' => 'clutter', 'found' => false])->assertStatus(409)->assertJsonPath('code', 'tool-pending');
        self::assertSame(1, $this->lines('asked', 'start'));
        $this->write('tool-outcome', [])->assertOk()->assertJsonPath('run.pending', null)->assertJsonPath('present.call', 'ignition-off');
        $this->write('tool-outcome', [])->assertOk();
        self::assertSame(1, DB::table('record_events')->where('sensor_task_id', $this->task())->where('kind', 'answered')->where('payload->to', $id)->count());
    }

    public function testACommandThatNeverArrivedIsDueAgainAndOneGivenUpIsSaidSo(): void
    {
        $this->faults(['unsent' => ['empty-zone' => [1]], 'lost' => ['start' => [1]]]);
        $this->workUntil('run');
        $this->step();
        $this->step();
        $this->write('asked', ['command' => 'empty-zone'])->assertOk()->assertJsonPath('present.kind', 'outcome');
        $this->write('tool-outcome', [])->assertOk()->assertJsonPath('present.call', 'empty-zone');
        $this->write('asked', ['command' => 'empty-zone'])->assertOk()->assertJsonPath('present.call', 'target');
        $this->step();
        $this->write('asked', ['command' => 'start'])->assertOk();
        $this->write('tool-outcome', ['givenUp' => true])->assertOk()->assertJsonPath('present.call', 'routine');
        $said = json_decode((string) DB::table('record_events')->where('sensor_task_id', $this->task())->where('kind', 'answered')->orderByDesc('version')->value('payload'), true);
        self::assertSame('lost', $said['outcome']);
    }

    public function testNonsenseIsKeptAsNonsenseAndTwiceInARowAsksForTheConnection(): void
    {
        $this->faults(['nonsense' => ['read' => [1, 2]]]);
        $this->workUntil('run');
        for ($i = 0; $i < 6; $i++) {
            $this->step();
        }
        $this->write('asked', ['command' => 'read'])->assertOk()->assertJsonCount(0, 'runs')->assertJsonPath('present.call', 'read');
        $this->write('asked', ['command' => 'read'])->assertOk()->assertJsonCount(0, 'runs')->assertJsonPath('present.kind', 'diagnose')->assertJsonPath('present.call', 'connection');
        $this->write('check', ['cause' => 'connection', 'found' => true, 'note' => 'the plug hung loose'])->assertOk()->assertJsonPath('present.kind', 'step');
        $this->readAxis();
        $this->getJson("/api/tasks/{$this->task()}")->assertJsonCount(1, 'runs');
    }

    public function testTwoBrowsersRunOnce(): void
    {
        $this->workUntil('run');
        for ($i = 0; $i < 4; $i++) {
            $this->step();
        }
        $version = $this->file()->version;
        $this->write('asked', ['version' => $version, 'command' => 'start'])->assertOk();
        $this->write('asked', ['version' => $version, 'command' => 'start'], person: 'Oda Merrin')->assertStatus(409)->assertJsonPath('code', 'record-moved-on');
        self::assertSame(1, $this->lines('asked', 'start'));
    }

    public function testNoRouteLeadsPastTheInterlock(): void
    {
        $this->electronic();
        $this->workUntil('run');
        $this->readAxis();
        $zero = ['command' => 'zero', 'values' => ['azimuth' => 0.1, 'elevation' => 0.0]];
        $state = $this->getJson("/api/tasks/{$this->task()}")->assertOk();
        // The stand is pushed: from here on nothing holds.
        $this->write('move', ['kinds' => ['shift']])->assertOk()->assertJsonPath('mayRun', false);
        $before = DB::table('record_events')->where('sensor_task_id', $this->task())->count();
        foreach ([['asked', $zero], ['asked', ['command' => 'start']], ['asked', ['command' => 'read']], ['run', self::READING], ['correction', ['way' => 'screws', 'turns' => ['upper-right' => 1]]], ['correction', ['way' => 'mirror spots']]] as [$route, $body]) {
            $this->write($route, $body)->assertStatus(409)->assertJsonPath('code', 'run-barred');
        }
        foreach ([...$zero, 'azimuth' => 1] as $name => $_) {
            $this->write('asked', [...$zero, "stray-$name" => 1])->assertStatus(422);
        }
        self::assertSame($before, DB::table('record_events')->where('sensor_task_id', $this->task())->count());
        self::assertNotNull($state->json('run.finding'));
        // A log loaded from a tool changes nothing by itself either.
        $this->call('POST', "/api/tasks/{$this->task()}/tool-log", content: '{"at":"10:00","command":"zero","outcome":"done","message":"stored"}', server: ['HTTP_ACCEPT' => 'application/json'])->assertOk();
        self::assertSame($before, DB::table('record_events')->where('sensor_task_id', $this->task())->count());
    }

    public function testTheAxisIsReadBeforeItIsCorrectedAndOnlyAsTheCardSays(): void
    {
        $this->workUntil('run');
        $turns = ['way' => 'screws', 'turns' => ['upper-right' => 0.25]];
        $this->write('correction', $turns)->assertStatus(409)->assertJsonPath('code', 'not-read');
        $this->readAxis();
        $this->write('correction', ['way' => 'mirror spots'])->assertStatus(422)->assertJsonPath('path', '/payload/way');
        $this->write('correction', ['way' => 'screws'])->assertStatus(422)->assertJsonPath('path', '/payload/turns');
        $this->write('correction', ['way' => 'screws', 'turns' => ['upper-right' => 0]])->assertStatus(422)->assertJsonPath('path', '/payload/turns');
        $this->write('correction', ['way' => 'screws', 'turns' => ['thumb' => 1]])->assertStatus(422);
        $this->write('asked', ['command' => 'zero', 'values' => ['azimuth' => 0.1, 'elevation' => 0]])->assertStatus(409)->assertJsonPath('code', 'no-zero');
        $this->write('correction', $turns)->assertOk()->assertJsonPath('run.made.0.says', 'upper right a quarter of a turn clockwise')->assertJsonPath('run.finding', null)->assertJsonPath('present.call', 'routine');
    }

    public function testAZeroIsCountedAgainstWhatTheSensorTakes(): void
    {
        $this->electronic();
        $truth = json_decode((string) json_encode(Node::stored(DB::table('sensor_tasks')->where('id', $this->task())->value('scenario'))->raw()), true);
        self::assertIsArray($truth);
        DB::table('sensor_tasks')->where('id', $this->task())->update(['scenario' => json_encode(array_replace_recursive($truth, ['mount' => ['azimuth' => 0.5]]))]);
        $this->workUntil('run');
        $this->readAxis();
        $zero = static fn(float $azimuth): array => ['command' => 'zero', 'values' => ['azimuth' => $azimuth, 'elevation' => 0.0]];
        $this->write('asked', $zero(1.3))->assertStatus(422)->assertJsonPath('path', '/payload/values');
        $this->write('asked', ['command' => 'zero'])->assertStatus(422)->assertJsonPath('path', '/payload/values');
        // One reading of an axis half a degree aside: it is to be repeated, and a zero would hide whatever it is.
        $this->write('asked', $zero(-0.5))->assertStatus(409)->assertJsonPath('code', 'zero-against-advice');
        $this->write('asked', ['command' => 'read'])->assertOk()->assertJsonPath('present.kind', 'zero');
        $this->write('asked', $zero(-0.5))->assertOk()->assertJsonPath('run.zeroSum.azimuth.amount', 0.5)->assertJsonPath('run.finding.basis', 'zero');
        $this->write('asked', $zero(-0.9))->assertStatus(422)->assertJsonPath('path', '/payload/values');
        self::assertStringContainsString('electronic zeros', implode(' ', (array) $this->getJson("/api/tasks/{$this->task()}")->json('notProven')));
    }

    public function testWhatAToolShowsIsTypedAndJudgedAsIfItHadTold(): void
    {
        $this->workUntil('run');
        DB::table('sensor_tasks')->where('id', $this->task())->update(['scenario' => null]);
        $this->getJson("/api/tasks/{$this->task()}")->assertOk()->assertJsonPath('tool', 'none');
        $this->write('step', ['step' => 'ignition-on', 'confirmed' => true])->assertOk();
        $this->write('asked', ['command' => 'identify'])->assertStatus(409)->assertJsonPath('code', 'device-away');
        self::assertSame(0, $this->lines('asked', 'identify'));
        $log = implode("\n", array_map(json_encode(...), [
            ['at' => '10:01', 'command' => 'identify', 'outcome' => 'done', 'message' => 'Sensor answers', 'values' => ['voltage' => 12.8, 'serial' => 'S-77']],
            ['at' => '10:02', 'command' => 'empty-zone', 'outcome' => 'done', 'message' => 'Zone read', 'values' => ['emptyLevel' => -18.5]],
            ['at' => '10:04', 'command' => 'start', 'outcome' => 'done', 'message' => 'Routine completed'],
            ['at' => '10:06', 'command' => 'read', 'outcome' => 'done', 'message' => 'Axis', 'azimuth' => 0.06, 'elevation' => -0.11, 'values' => ['level' => 24.0]],
        ]));
        $send = fn(string $content) => $this->call('POST', "/api/tasks/{$this->task()}/tool-log", content: $content, server: ['HTTP_ACCEPT' => 'application/json']);
        $send('a letter')->assertStatus(422);
        $send('{"at":"10:01","command":"fly","outcome":"done","message":"up"}')->assertStatus(422)->assertJsonPath('path', '/0/command');
        $send($log)->assertOk()->assertJsonPath('lines', 4)->assertJsonPath('state.tool', 'log');
        $send(str_replace('0.06', '0.07', $log))->assertStatus(422);
        $this->readAxis();
        $this->getJson("/api/tasks/{$this->task()}")->assertJsonPath('runs.0.azimuth.read', 0.06)->assertJsonPath('run.voltage', 12.8);
        $this->write('asked', ['command' => 'read'])->assertStatus(409)->assertJsonPath('code', 'device-away');
        $this->write('run', ['azimuth' => 'much', 'elevation' => 0])->assertStatus(422)->assertJsonPath('path', '/payload/azimuth');
        $this->write('run', ['azimuth' => 0.05, 'elevation' => -0.09, 'level' => 24.2])->assertOk()->assertJsonPath('run.finding.readings', 2)->assertJsonPath('present.kind', 'guard');
        $present = $this->getJson("/api/tasks/{$this->task()}")->json();
        $first = array_values(array_filter($present['calls'], static fn(array $call): bool => $call['id'] === 'spot-offset'))[0];
        $this->write('reading', ['call' => $present['present']['call'], 'typed' => $first['reading']['typed']])->assertOk()->assertJsonPath('present.kind', 'close');
    }

    public function testWithoutAnyToolTheStepsAreDoneAtTheToolAndTheAxisIsTyped(): void
    {
        $this->workUntil('run');
        DB::table('sensor_tasks')->where('id', $this->task())->update(['scenario' => null]);
        foreach (['ignition-on', 'identify', 'empty-zone', 'target', 'routine', 'ignition-off'] as $step) {
            $this->write('step', ['step' => $step, 'confirmed' => true])->assertOk();
        }
        $this->write('step', ['step' => 'read'])->assertStatus(409)->assertJsonPath('code', 'step-order');
        $this->write('run', self::READING)->assertOk()->assertJsonPath('present.kind', 'repeat')->assertJsonPath('runs.0.echo.level', null);
        // And the tool's own step is barred by hand as it is by wire.
        $this->write('check', ['cause' => 'clutter', 'found' => true])->assertStatus(422)->assertJsonPath('path', '/payload/note');
        $this->write('check', ['cause' => 'clutter', 'found' => true, 'note' => 'a trolley stood there'])->assertOk();
        $this->write('step', ['step' => 'empty-zone', 'confirmed' => true])->assertOk();
        $this->write('step', ['step' => 'target'])->assertOk();
        $this->write('move', ['kinds' => ['shift']])->assertOk();
        $this->write('step', ['step' => 'empty-zone', 'confirmed' => true])->assertOk();
        $this->write('step', ['step' => 'target'])->assertOk();
        $this->write('step', ['step' => 'routine', 'confirmed' => true])->assertStatus(409)->assertJsonPath('code', 'run-barred');
    }

    public function testATypedRunCanFailWithTheToolsWords(): void
    {
        $this->workUntil('run');
        DB::table('sensor_tasks')->where('id', $this->task())->update(['scenario' => null]);
        foreach (['ignition-on', 'identify', 'empty-zone', 'target'] as $step) {
            $this->write('step', ['step' => $step, 'confirmed' => true])->assertOk();
        }
        $this->write('run-failed', ['message' => ''])->assertStatus(422)->assertJsonPath('path', '/payload/message');
        $failed = $this->write('run-failed', ['message' => 'Aborted: target not detected', 'codes' => ['C2A54']])->assertOk();
        $failed->assertJsonPath('present.kind', 'diagnose')->assertJsonPath('failedRuns.0.message', 'Aborted: target not detected');
        self::assertNotSame([], $failed->json('run.causes'));
        // Done again without a word against it, it is no trouble any more.
        $cause = (string) $failed->json('present.call');
        $this->write('check', ['cause' => $cause, 'found' => true, 'note' => 'put right'])->assertOk();
        $this->write('step', ['step' => 'empty-zone', 'confirmed' => true])->assertOk();
    }

    public function testAToolsSignsAreSaidOnceAndTurnWhatIsTyped(): void
    {
        $this->workUntil('run');
        DB::table('sensor_tasks')->where('id', $this->task())->update(['scenario' => null]);
        foreach (['ignition-on', 'identify', 'empty-zone', 'target', 'routine', 'ignition-off'] as $step) {
            $this->write('step', ['step' => $step, 'confirmed' => true])->assertOk();
        }
        $tool = $this->write('step', ['step' => 'read'])->assertStatus(409)->json('code') === 'step-order' ? $this->getJson("/api/tasks/{$this->task()}")->json('scanTools.0') : self::fail('A tool answers.');
        self::assertNull($tool['signs']);
        $this->write('run', [...self::READING, 'tool' => 'tape-1'])->assertStatus(422)->assertJsonPath('path', '/payload/tool');
        $this->write('run', [...self::READING, 'tool' => $tool['id']])->assertStatus(422)->assertJsonPath('path', '/payload/tool');
        $signs = fn(array $body): TestResponse => $this->actingAs($this->person())->postJson("/api/kit/{$tool['id']}/signs", ['id' => (string) Str::uuid7(), 'version' => 0, ...$body]);
        $signs(['left' => 'right', 'up' => 'plus'])->assertStatus(422)->assertJsonPath('path', '/left');
        $signs(['left' => 'minus', 'up' => 'plus'])->assertStatus(204);
        self::assertSame(['left' => 'minus', 'up' => 'plus'], $this->getJson("/api/tasks/{$this->task()}")->json('scanTools.0.signs'));
        $this->write('run', ['azimuth' => 0.21, 'elevation' => -0.05, 'tool' => $tool['id']])->assertOk();
        $run = json_decode((string) DB::table('record_events')->where('sensor_task_id', $this->task())->where('kind', 'run')->value('payload'), true);
        self::assertSame([-0.21, -0.05, $tool['id'], ['azimuth' => 0.21, 'elevation' => -0.05]], [$run['azimuth'], $run['elevation'], $run['tool'], $run['shown']]);
    }

    public function testSendingBackAgainstTheAdviceNeedsAReasonAndEndsTheTask(): void
    {
        $this->workUntil('run');
        $this->write('sent-back', ['fault' => 'bracket', 'name' => 'Ilse Corrant'])->assertStatus(422)->assertJsonPath('path', '/payload/note');
        $this->write('sent-back', ['fault' => 'mood', 'name' => 'Ilse Corrant', 'note' => 'It looks bent to me.'])->assertStatus(422)->assertJsonPath('path', '/payload/fault');
        $this->write('accepted', ['name' => 'Oda Merrin', 'reason' => 'Near enough for today.'], person: 'Oda Merrin')->assertStatus(409)->assertJsonPath('code', 'not-borderline');
        $this->write('sent-back', ['fault' => 'bracket', 'name' => 'Ilse Corrant', 'note' => 'The bracket is cracked at the ear.'])->assertOk()->assertJsonPath('run.sentBack.to', 'body repair')->assertJsonPath('settled', true)->assertJsonPath('present.kind', 'close');
        $this->write('asked', ['command' => 'identify'])->assertStatus(409)->assertJsonPath('code', 'run-ended');
        $this->write('seal', [])->assertOk();
    }

    public function testMirrorSpotsAreReadInWordsAndGiveTheFacesOwnAxis(): void
    {
        $this->workUntil('run');
        $this->write('mirror', ['distance' => '3 m', 'left' => '20', 'above' => '0'])->assertStatus(422)->assertJsonPath('path', '/payload/left');
        $this->write('mirror', ['distance' => '3 m', 'left' => '20 mm left', 'above' => '5 mm'])->assertStatus(422)->assertJsonPath('path', '/payload/above');
        $this->write('mirror', ['distance' => '3 mm', 'left' => '20 mm left', 'above' => '0'])->assertStatus(422)->assertJsonPath('path', '/payload/distance');
        $mirror = $this->write('mirror', ['distance' => '3 m', 'left' => '20 mm left', 'above' => '5 mm down'])->assertOk();
        self::assertEqualsWithDelta(rad2deg(atan2(20, 3000)) / 2, $mirror->json('run.mirror.0.azimuth.amount'), 1e-9);
        $mirror->assertJsonPath('run.mirror.0.elevation.direction', 'down');
    }

    /** @param array<string, array<string, list<int>>> $tool */
    private function faults(array $tool): void
    {
        $task = $this->task();
        $scenario = json_decode((string) DB::table('sensor_tasks')->where('id', $task)->value('scenario'), true);
        DB::table('sensor_tasks')->where('id', $task)->update(['scenario' => json_encode([...$scenario, 'tool' => $tool])]);
    }

    /** The card of this shop lets the sensor be corrected electronically only. */
    private function electronic(): void
    {
        DB::connection()->statement("update procedure_cards set document = jsonb_set(document::jsonb, '{adjustment}', '{\"way\": \"electronic\", \"zeroRange\": 1.2}') where document->>'id' = 'quillon-sable-front'");
    }

    private function lines(string $kind, string $command): int
    {
        return DB::table('record_events')->where('sensor_task_id', $this->task())->where('kind', $kind)->where('payload->command', $command)->count();
    }
}
