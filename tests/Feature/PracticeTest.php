<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Exercises on simulated cars: taken, worked on with three kinds of help, answered, reckoned and replayed. */
final class PracticeTest extends FeatureCase
{
    public function testALessonIsTakenAnsweredAndReckonedOnce(): void
    {
        [$run, $task] = $this->take(['lesson' => 'it-springs-back', 'help' => 'guided']);
        self::assertSame('step', $this->getJson("/api/tasks/$task")->assertOk()->json('present.kind'), 'It begins with the run.');
        $this->getJson("/api/practice/runs/$run")->assertOk()->assertJsonPath('reckoning', null)->assertJsonPath('exercise.lesson.place', 7);
        $this->getJson("/api/practice/runs/$run/replay")->assertStatus(409)->assertJsonPath('code', 'practice-not-ended');
        $page = $this->postJson("/api/practice/runs/$run/answer", ['outcome' => 'sent-back', 'cause' => 'bracket', 'faults' => ['bracket']])->assertOk();
        self::assertSame(['bracket', 'axis'], array_values(array_intersect(['bracket', 'axis'], array_column((array) $page->json('reckoning.faults'), 'kind'))));
        self::assertSame(60, $page->json('reckoning.score.resultParts.0.points'));
        $this->postJson("/api/practice/runs/$run/answer", ['outcome' => 'holds', 'faults' => []])->assertStatus(409)->assertJsonPath('code', 'practice-ended');
        $replay = $this->getJson("/api/practice/runs/$run/replay")->assertOk();
        self::assertSame(100, $replay->json('result'));
        self::assertGreaterThan(5, count((array) $replay->json('frames')));
        self::assertEquals($replay->json(), $this->getJson("/api/practice/runs/$run/replay")->assertOk()->json());
        $best = array_column((array) $this->getJson('/api/practice')->json('path'), 'best', 'id')['it-springs-back'];
        self::assertSame(1, $best['times']);
    }

    public function testWhoWorksAloneIsToldNothingBeforeTheAnswer(): void
    {
        [$run, $task] = $this->take(['lesson' => 'one-line-one-spot', 'help' => 'alone']);
        $order = DB::table('sensor_tasks')->where('id', $task)->value('repair_order_id');
        foreach (["tasks/$task", "tasks/$task/schools", "tasks/$task/reading-plan", "tasks/$task/survey", "tasks/$task/stake-out", "repair-orders/$order", "repair-orders/$order/next-figures", "repair-orders/$order/report/shop", "repair-orders/$order/archive.json"] as $address) {
            $this->getJson("/api/$address")->assertStatus(409)->assertJsonPath('code', 'practice-hidden');
        }
        $this->postJson('/api/lines', ['id' => (string) Str::uuid7(), 'version' => 0, 'task' => $task, 'kind' => 'reading', 'payload' => ['call' => 'spot-offset', 'typed' => '3 mm left']])->assertStatus(409)->assertJsonPath('code', 'practice-hidden');
        $this->postJson("/api/practice/runs/$run/ask")->assertStatus(409);
        $bench = $this->getJson("/api/practice/runs/$run/bench")->assertOk();
        $typed = $this->getJson("/api/tasks/$task/meter/spot-offset")->assertOk()->json('typed');
        $bench = $this->line($run, $task, $bench->json('version'), 'reading', ['call' => 'spot-offset', 'typed' => $typed])->assertOk();
        self::assertSame([$typed], array_column(array_column((array) $bench->json('calls'), 'readings', 'id')['spot-offset'], 'typed'));
        // Whoever thinks it is time runs; nobody says that it is not.
        $bench = $this->line($run, $task, $bench->json('version'), 'step', ['step' => $bench->json('steps.0.id')])->assertOk();
        self::assertTrue($bench->json('steps.0.done'));
        $told = (string) $bench->getContent();
        foreach (['"holds"', '"unproven"', 'suspect', 'verdict', '"bars"', 'present', 'expected'] as $word) {
            self::assertStringNotContainsString($word, strtolower($told), $word);
        }
        $page = $this->postJson("/api/practice/runs/$run/answer", ['outcome' => 'holds', 'faults' => ['clutter']])->assertOk();
        self::assertSame(0, $page->json('reckoning.score.methodParts.0.points'), 'The run was begun with nothing proven.');
        $this->getJson("/api/tasks/$task")->assertOk();
    }

    public function testTwoCarsThatDifferOnlyInWhatIsHiddenAnswerAlikeUntilTheAnswer(): void
    {
        foreach (['guided', 'alone'] as $help) {
            [$run, $task] = $this->take(['lesson' => 'one-line-one-spot', 'help' => $help]);
            $order = DB::table('sensor_tasks')->where('id', $task)->value('repair_order_id');
            $addresses = ['practice', "practice/runs/$run", "practice/runs/$run/bench", "tasks/$task", "tasks/$task/survey", "repair-orders/$order", 'repair-orders?all=1'];
            $untilARun = ['mount' => ['azimuth' => 1.9, 'elevation' => -0.4], 'clutter' => ['level' => -4, 'bearing' => 2.0], 'coverLoss' => 5, 'voltage' => 11.1, 'door' => true, 'fault' => 'bracket', 'zero' => ['azimuth' => 0.5, 'elevation' => 0.1], 'name' => 'Bent and painted'];
            $untilAReading = [...$untilARun, 'offsets' => ['frontMark.y' => 18.0, '#tape.zero' => 6.0], 'slips' => ['spot-offset' => 30.0], 'cut' => 12, 'words' => ['cover' => ['who' => 'Nobody', 'cause' => 'cover']]];
            $before = $this->told($addresses);
            $truth = $this->change($run, $task, $untilAReading);
            self::assertSame($before, $this->told($addresses), "$help: nothing was read.");
            $this->change($run, $task, [], $truth);
            $version = $this->getJson("/api/practice/runs/$run/bench")->assertOk()->json('version');
            $this->line($run, $task, $version, 'reading', ['call' => 'spot-offset', 'typed' => '12 mm left'])->assertOk();
            $before = $this->told($addresses);
            $this->change($run, $task, $untilARun);
            self::assertSame($before, $this->told($addresses), "$help: nothing was run.");
        }
    }

    /**
     * @param list<string> $addresses
     *
     * @return array<string, string> address → what it answers, but for the moment
     */
    private function told(array $addresses): array
    {
        $told = [];
        foreach ($addresses as $address) {
            $told[$address] = (string) preg_replace(['/\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?(\.\d+)?Z?/', '/"minutes":\d+/'], '', (string) $this->getJson("/api/$address")->getContent());
        }

        return $told;
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return string the truth as it was
     */
    private function change(string $run, string $task, array $change, ?string $truth = null): string
    {
        $before = (string) DB::table('sensor_tasks')->where('id', $task)->value('scenario');
        $changed = [...(array) json_decode($truth ?? $before, false, 32, JSON_THROW_ON_ERROR), ...$change];
        $car = (array) json_decode((string) DB::table('practice_runs')->where('id', $run)->value('car'), false, 32, JSON_THROW_ON_ERROR);
        DB::table('sensor_tasks')->where('id', $task)->update(['scenario' => json_encode($changed, JSON_THROW_ON_ERROR)]);
        DB::table('practice_runs')->where('id', $run)->update(['car' => json_encode([...$car, 'truth' => $changed], JSON_THROW_ON_ERROR)]);

        return $before;
    }

    public function testAdviceIsCountedWhereItIsAskedFor(): void
    {
        [$run] = $this->take(['lesson' => 'the-weak-echo']);
        $this->postJson("/api/practice/runs/$run/ask")->assertOk()->assertJsonPath('asked', 1)->assertSee('advised.step');
        $this->postJson("/api/practice/runs/$run/ask")->assertOk()->assertJsonPath('asked', 2);
        $page = $this->postJson("/api/practice/runs/$run/answer", ['outcome' => 'sent-back', 'cause' => 'cover', 'faults' => ['cover']])->assertOk();
        self::assertSame(-6, array_column((array) $page->json('reckoning.score.methodParts'), 'points', 'id')['asked']);
    }

    public function testPracticeHasNumbersAndListsOfItsOwn(): void
    {
        $before = $this->actingAs($this->person())->getJson('/api/repair-orders')->assertOk()->json('orders');
        [$run] = $this->take(['draw' => ['kind' => 'rear', 'seed' => 5, 'difficulty' => 2]]);
        [$second] = $this->take(['draw' => ['kind' => 'blind-spot', 'seed' => 6, 'difficulty' => 1], 'help' => 'alone']);
        $numbers = array_map(fn(string $id): mixed => $this->getJson("/api/practice/runs/$id")->json('exercise.number'), [$run, $second]);
        self::assertSame(['P-1', 'P-2'], $numbers);
        self::assertSame(array_column((array) $before, 'id'), array_column((array) $this->getJson('/api/repair-orders')->json('orders'), 'id'));
        self::assertSame([], $this->getJson('/api/history/car?plate=PRACTICE')->assertOk()->json('orders') ?? []);
        $this->postJson('/api/practice', ['id' => (string) Str::uuid7(), 'draw' => ['kind' => 'rear', 'seed' => 5, 'difficulty' => 9]])->assertStatus(422)->assertJsonPath('path', '/draw/difficulty');
    }

    public function testATrainerMakesACarSetsItAndWatchesIt(): void
    {
        $this->actingAs($this->person())->getJson('/api/practice/trainer')->assertStatus(403);
        $lead = $this->person('Oda Merrin');
        $drawn = $this->actingAs($lead)->postJson('/api/practice/trainer/drawn', ['draw' => ['kind' => 'front', 'seed' => 3, 'difficulty' => 1, 'faults' => [['kind' => 'mark', 'size' => 17, 'at' => 'front'], ['kind' => 'supply']]]])->assertOk();
        self::assertEqualsCanonicalizing(['mark', 'supply'], array_column((array) $drawn->json('faults'), 'kind'));
        $car = [...(array) json_decode((string) json_encode($drawn->json('car')), true), 'title' => 'Two at once'];
        $car['truth']['shifts'] = new \stdClass();
        $id = (string) Str::uuid7();
        $page = $this->postJson('/api/practice/trainer/cars', ['id' => $id, 'car' => $car])->assertOk();
        self::assertSame('Two at once', $page->json('cars.0.title'));
        $this->postJson('/api/practice/trainer/cars', ['id' => (string) Str::uuid7(), 'car' => [...$car, 'sensor' => 'nowhere']])->assertStatus(422)->assertJsonPath('path', '/car/sensor');
        $out = $this->getJson("/api/practice/trainer/cars/$id/export")->assertOk();
        self::assertStringContainsString('practice-two-at-once.json', (string) $out->headers->get('Content-Disposition'));
        self::assertEquals(json_decode((string) json_encode($car)), json_decode((string) $out->getContent()));
        $this->postJson("/api/practice/trainer/cars/$id/set", ['people' => [$this->person('Bram Tolley')->id], 'help' => 'alone'])->assertOk()->assertJsonPath('cars.0.set.0.state', 'waiting');
        $set = $this->actingAs($this->person('Bram Tolley'))->getJson('/api/practice')->assertOk()->json('set');
        self::assertCount(1, (array) $set);
        self::assertStringNotContainsString('Two at once', (string) json_encode($set), 'What it is called may tell.');
        [$run] = $this->take(['set' => $set[0]['id']], 'Bram Tolley');
        $watched = $this->actingAs($lead)->getJson('/api/practice/trainer')->assertOk();
        self::assertSame('Bram Tolley', $watched->json('watched.0.person'));
        $this->actingAs($this->person('Bram Tolley'))->postJson("/api/practice/runs/$run/answer", ['outcome' => 'open', 'faults' => []])->assertOk();
        $after = $this->actingAs($lead)->getJson('/api/practice/trainer')->assertOk();
        self::assertSame([], $after->json('watched'));
        self::assertSame('answered', $after->json('cars.0.set.0.state'));
        self::assertSame(1, $after->json('mistakes.0.exercises'));
        $this->getJson("/api/practice/trainer/cars/$id/sheet")->assertOk()->assertJsonPath('title', 'Two at once');
    }

    public function testAnExerciseIsItsLearnersAndTheTrainers(): void
    {
        [$run] = $this->take(['lesson' => 'read-turn-read']);
        $this->actingAs($this->person('Bram Tolley'))->getJson("/api/practice/runs/$run")->assertStatus(403);
    }

    /**
     * @param array<string, mixed> $what
     *
     * @return array{string, string}
     */
    private function take(array $what, string $who = 'Ilse Corrant'): array
    {
        $taken = $this->actingAs($this->person($who))->postJson('/api/practice', ['id' => (string) Str::uuid7(), ...$what])->assertOk();

        return [(string) $taken->json('run'), (string) $taken->json('task')];
    }

    /**
     * @param array<string, mixed> $payload
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function line(string $run, string $task, int $version, string $kind, array $payload): TestResponse
    {
        return $this->postJson("/api/practice/runs/$run/lines", ['id' => (string) Str::uuid7(), 'version' => $version, 'task' => $task, 'kind' => $kind, 'payload' => $payload, 'confirmed' => true]);
    }
}
