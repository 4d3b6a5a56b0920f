<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\DeviceRoom;
use App\Records\TaskFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Lumbro\Core\Evidence\Recomputation;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Practice\SensorTruth;
use Lumbro\Core\Practice\SimulatedTool;
use Lumbro\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Answers;
use Tests\Support\Lines;

/** Simulated cars that ship, worked on through the web API by somebody who does what it says: the core's tests work on all. */
final class ScenariosTest extends FeatureCase
{
    /** @var array<string, mixed>|null what the last write was answered with */
    private ?array $answered = null;

    /** @return iterable<string, array{string}> */
    public static function scenarios(): iterable
    {
        foreach (glob(dirname(__DIR__, 2) . '/database/demo/scenarios/*.json') ?: [] as $i => $file) {
            if ($i % Draws::of(1, 3) === 0) {
                yield basename($file, '.json') => [basename($file, '.json')];
            }
        }
    }

    #[DataProvider('scenarios')]
    public function testTheAdviceReachesTheTruth(string $scenario): void
    {
        $task = $this->practise($scenario);
        $did = $this->follow($task);
        $state = $this->state($task);
        $truth = $this->truth($task);
        $fault = json_decode((string) DB::table('sensor_tasks')->where('id', $task)->value('scenario'), true)['fault'] ?? null;
        if ($fault === null) {
            self::assertTrue($state['run']['proven'], implode(', ', $did));
            self::assertTrue($truth->isAligned());
            self::assertNull($state['run']['sentBack']);
        } else {
            self::assertSame($fault, $state['run']['sentBack']['fault'] ?? null, implode(', ', $did));
            self::assertFalse($state['run']['proven']);
            self::assertGreaterThanOrEqual(2, count($state['run']['sentBack']['reasons']));
        }
        self::assertTrue($state['settled']);
        $this->sendTo($task, 'seal', [])->assertOk();
        // Decided again one after another, every line may be written that was.
        $record = Node::parse((string) $this->get("/api/tasks/$task/record")->assertOk()->getContent())->member('record') ?? self::fail('No record came.');
        $again = Recomputation::of($record);
        self::assertSame([], $again->refused);
        self::assertSame([], $again->differences);
    }

    public function testNothingOfTheTruthIsToldAndOnlyWhatShipsIsOpened(): void
    {
        $this->actingAs($this->person());
        $list = $this->getJson('/api/practice')->assertOk()->assertJsonCount(13, 'cars');
        self::assertSame(['id', 'car', 'work'], array_keys((array) $list->json('cars.0')));
        $this->postJson('/api/practice', ['id' => (string) Str::uuid7(), 'scenario' => '../people'])->assertStatus(422)->assertJsonPath('path', '/scenario');
        $this->postJson('/api/practice', ['id' => (string) Str::uuid7(), 'scenario' => 'none-such'])->assertStatus(422);
        $id = (string) Str::uuid7();
        $task = $this->postJson('/api/practice', ['id' => $id, 'scenario' => 'backlash'])->assertOk()->json('task');
        self::assertSame($task, $this->postJson('/api/practice', ['id' => $id, 'scenario' => 'backlash'])->assertOk()->json('task'));
        foreach (['bracket', 'paint', 'clutter', 'voltage', 'wrong'] as $spoiler) {
            self::assertStringNotContainsString($spoiler, strtolower((string) json_encode(array_column((array) $list->json('cars'), 'id'))));
        }
        self::assertStringNotContainsString('"mount"', (string) $this->getJson("/api/tasks/$task")->assertOk()->getContent());
    }

    protected function sendTo(string $task, string $what, array $body): TestResponse
    {
        $sent = isset($this->answered['version'])
            ? $this->actingAs($this->person())->postJson(...Lines::request($task, $what, $this->answered['version'], $body))
            : parent::sendTo($task, $what, $body);
        $state = $sent->json();
        $this->answered = is_array($state) && isset($state['present']) ? $state : null;

        return $sent;
    }

    private function practise(string $scenario): string
    {
        $task = $this->actingAs($this->person())->postJson('/api/practice', ['id' => (string) Str::uuid7(), 'scenario' => $scenario])->assertOk()->json('task');

        return is_string($task) ? $task : self::fail('No task came.');
    }

    /** @return list<string> what was done */
    private function follow(string $task): array
    {
        $did = [];
        for ($i = 0; $i < 220; $i++) {
            // What a write is answered with is where the task stands.
            $state = $this->answered ?? $this->state($task);
            $present = $state['present'];
            $did[] = trim("{$present['kind']} {$present['call']}");
            if ($present['kind'] === 'close') {
                return $did;
            }
            $this->act($task, $state, $present['kind'], $present['call'], (string) ($present['why'] ?? ''));
        }
        self::fail('It never ends: ' . implode(', ', $did));
    }

    /** @param array<string, mixed> $state */
    private function act(string $task, array $state, string $kind, ?string $call, string $why): void
    {
        $unread = array_values(array_filter($state['calls'], static fn(array $known): bool => $known['reading'] === null))[0]['id'] ?? null;
        match ($kind) {
            'prepare', 'line' => $this->answerAll($task, $state),
            'read', 'check', 'decide', 'improve', 'guard' => $this->reads($task, $call ?? (string) $unread),
            'remeasure' => $this->reads($task, (string) $call),
            'move' => $this->sendTo($task, 'move', ['kinds' => array_column($state['moves'], 'kind')])->assertOk(),
            'step' => $this->stepOf($task, $state, (string) $call),
            'repeat' => $this->sendTo($task, 'asked', ['command' => 'read'])->assertOk(),
            'diagnose' => $this->sendTo($task, 'check', ['cause' => $call, 'note' => 'seen as it is', 'found' => $this->getJson("/api/tasks/$task/look/$call")->assertOk()->json('found')])->assertOk(),
            'survey-floor' => $this->survey($task, $state, $call),
            'adjust' => $this->sendTo($task, 'correction', ['way' => 'screws', 'turns' => array_column($state['run']['correction']['screws'], 'turns', 'id')])->assertOk(),
            'zero' => $this->sendTo($task, 'asked', ['command' => 'zero', 'values' => $state['run']['correction']['send']])->assertOk(),
            'shift-test' => $this->sendTo($task, 'shift', ['typed' => sprintf('%d mm left', $state['run']['shiftTest']['across'])])->assertOk(),
            'shift-back' => $this->sendTo($task, 'shift', ['typed' => '0'])->assertOk(),
            'send-back' => $this->sendTo($task, 'sent-back', ['fault' => $call, 'name' => 'Ilse Corrant'])->assertOk(),
            default => self::fail("Nobody knows how to do $kind $call: $why"),
        };
    }

    /** @param array<string, mixed> $state */
    private function answerAll(string $task, array $state): void
    {
        foreach ([...$state['preparation'], ...$state['lineSteps']] as $question) {
            if ($question['answer'] === null) {
                $this->sendTo($task, 'answer', Answers::to($question['id']))->assertOk();
            }
        }
    }

    private function reads(string $task, string $call): void
    {
        $typed = $this->getJson("/api/tasks/$task/meter/$call")->assertOk()->json('typed');
        $this->sendTo($task, 'reading', ['call' => $call, 'typed' => $typed, ...(str_starts_with($call, 'height') ? ['datum' => 'centre'] : [])])->assertOk();
    }

    /** @param array<string, mixed> $state */
    private function stepOf(string $task, array $state, string $id): void
    {
        $step = array_values(array_filter($state['run']['steps'], static fn(array $step): bool => $step['id'] === $id))[0];
        ($step['does'] === null ? $this->sendTo($task, 'step', ['step' => $id, 'confirmed' => true]) : $this->sendTo($task, 'asked', ['command' => $step['does']]))->assertOk();
    }

    /** @param array<string, mixed> $state */
    private function survey(string $task, array $state, ?string $place): void
    {
        foreach ($place === null ? ['FL', 'FR', 'RL', 'RR', "site-{$state['sensor']}"] : [$place] as $place) {
            $typed = $this->getJson("/api/tasks/$task/meter/floor-$place")->assertOk()->json('typed');
            $this->sendTo($task, 'floor', ['place' => $place, 'typed' => $typed])->assertOk();
        }
    }

    private function truth(string $task): SensorTruth
    {
        $file = TaskFile::open($this->person(), $task);
        $world = app(DeviceRoom::class)->world($file) ?? self::fail('The car is not simulated.');
        $truth = (new SimulatedTool($world, $file->journal->entries()))->sensor;
        self::assertFalse($truth->isAtWork(Cause::Clutter));

        return $truth;
    }
}
