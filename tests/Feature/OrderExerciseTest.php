<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Exercises whose trap is in the order: at intake, and before it is closed. */
final class OrderExerciseTest extends FeatureCase
{
    public function testARepaintNobodyWroteDownIsFoundNotedAndReckoned(): void
    {
        $run = $this->take(['lesson' => 'not-on-the-order', 'help' => 'alone']);
        $order = (string) $this->getJson("/api/practice/runs/$run")->assertOk()->assertJsonPath('exercise.begins', 'intake')->json('exercise.order');
        $bench = $this->getJson("/api/practice/runs/$run/order")->assertOk()->assertJsonPath('advice', null);
        self::assertNotContains(true, array_column((array) $bench->json('places'), 'looked'));
        $this->getJson("/api/repair-orders/$order")->assertStatus(409)->assertJsonPath('code', 'practice-hidden');
        // Nothing is noted that was not seen.
        $this->note($run, 'rear-paint', 1)->assertStatus(422)->assertJsonPath('path', '/find');
        $this->postJson("/api/practice/runs/$run/order/looks/behind-front")->assertStatus(409)->assertJsonPath('code', 'covered');
        $this->postJson("/api/practice/runs/$run/order/looks/under-the-seat")->assertNotFound();
        foreach (['rear-paint', 'papers', 'behind-rear'] as $place) {
            $this->everything($run, $place);
        }
        $bench = $this->getJson("/api/practice/runs/$run/order")->assertOk();
        self::assertContains('rear bumper cover repainted', array_column((array) $bench->json('operations'), 'says'));
        $this->postJson("/api/practice/runs/$run/order/covers", ['id' => (string) Str::uuid7(), 'cover' => 'rear', 'off' => false])->assertOk()->assertJsonPath('covers.1.off', false);
        $page = $this->postJson("/api/practice/runs/$run/order/answer", ['owed' => ['front', 'rear-left', 'rear-right']])->assertOk()->assertJsonPath('reckoning', null);
        self::assertSame([100, 100], [$page->json('orderReckoning.score.method'), $page->json('orderReckoning.score.result')]);
        $this->postJson("/api/practice/runs/$run/order/answer", ['owed' => []])->assertStatus(409)->assertJsonPath('code', 'practice-ended');
        $this->getJson("/api/repair-orders/$order")->assertOk();
        $best = array_column((array) $this->getJson('/api/practice')->json('path'), 'best', 'id')['not-on-the-order'];
        self::assertSame(['method' => 100, 'result' => 100, 'times' => 1], $best);
    }

    public function testWhoBelievesTheOrderLetsTwoSensorsGo(): void
    {
        $run = $this->take(['lesson' => 'not-on-the-order', 'help' => 'guided']);
        $this->getJson("/api/practice/runs/$run/order")->assertOk()->assertJsonPath('advice.owed.0.state', 'owed')->assertJsonPath('advice.owed.1.state', 'not-owed');
        $page = $this->postJson("/api/practice/runs/$run/order/answer", ['owed' => ['front']])->assertOk();
        self::assertSame(0, $page->json('orderReckoning.score.result'));
        self::assertSame([['owed' => true, 'said' => false], ['owed' => true, 'said' => false]], array_map(static fn(array $sensor): array => array_intersect_key($sensor, ['owed' => 0, 'said' => 0]), array_slice((array) $page->json('orderReckoning.sensors'), 1)));
    }

    public function testAnOrderIsKeptOpenForWhatWasSeen(): void
    {
        $run = $this->take(['scenario' => 'closed-too-soon', 'help' => 'asked']);
        $this->postJson("/api/practice/runs/$run/ask")->assertOk()->assertJsonPath('asked', 1);
        foreach (['around', 'papers', 'scan'] as $place) {
            $this->everything($run, $place);
        }
        $page = $this->postJson("/api/practice/runs/$run/order/answer", ['close' => false, 'open' => ['sensor front', 'cover rear']])->assertOk();
        self::assertSame([97, 100], [$page->json('orderReckoning.score.method'), $page->json('orderReckoning.score.result')], 'Advice was asked for once.');
        $other = $this->take(['scenario' => 'closed-too-soon', 'help' => 'alone']);
        $page = $this->postJson("/api/practice/runs/$other/order/answer", ['close' => true])->assertOk();
        self::assertSame(0, $page->json('orderReckoning.score.result'));
        self::assertEquals(['true' => false, 'said' => true], $page->json('orderReckoning.closes'));
    }

    public function testTwoOrdersThatDifferInWhatIsHiddenAnswerAlikeUntilSomebodyLooks(): void
    {
        foreach ([['lesson' => 'not-on-the-order'], ['scenario' => 'closed-too-soon']] as $what) {
            foreach (['guided', 'asked', 'alone'] as $help) {
                $run = $this->take([...$what, 'help' => $help]);
                $order = (string) $this->getJson("/api/practice/runs/$run")->json('exercise.order');
                $addresses = ['practice', "practice/runs/$run", "practice/runs/$run/order", "repair-orders/$order"];
                $before = $this->told($addresses);
                $car = (array) json_decode((string) DB::table('practice_runs')->where('id', $run)->value('car'), false, 32, JSON_THROW_ON_ERROR);
                $isIntake = $car['begins'] === 'intake';
                $hidden = (array) $car['order'];
                DB::table('practice_runs')->where('id', $run)->update(['car' => json_encode([...$car, 'teaches' => 'Another', 'order' => [...$hidden, 'unsaid' => ['tow-bar-fitted'], 'codes' => [], 'answers' => (object) ['tow-bar-fitted' => 'yes'], ...($isIntake ? [] : ['off' => ['front']])]], JSON_THROW_ON_ERROR)]);
                foreach ($this->told($addresses) as $address => $now) {
                    self::assertSame($before[$address], $now, $address);
                }
            }
        }
    }

    public function testAnOrderAndATargetAreAnsweredOnTheirOwnPages(): void
    {
        $order = $this->take(['draw' => ['kind' => 'intake', 'seed' => 8, 'difficulty' => 2]]);
        $this->postJson("/api/practice/runs/$order/answer", ['outcome' => 'holds', 'faults' => []])->assertStatus(409)->assertJsonPath('code', 'an-order');
        $target = $this->take(['draw' => ['kind' => 'front', 'seed' => 8, 'difficulty' => 2]]);
        $this->getJson("/api/practice/runs/$target/order")->assertStatus(409)->assertJsonPath('code', 'not-an-order');
    }

    public function testATrainerSeesWhatAnOrderDoesNotSay(): void
    {
        $this->actingAs($this->person('Oda Merrin'));
        $made = $this->postJson('/api/practice/trainer/drawn', ['draw' => ['kind' => 'close', 'seed' => 4, 'difficulty' => 3]])->assertOk()->assertJsonPath('possible', []);
        self::assertNotEmpty($made->json('order'));
        $page = $this->postJson('/api/practice/trainer/cars', ['id' => (string) Str::uuid7(), 'car' => [...(array) json_decode((string) $made->getContent())->car, 'title' => 'Closed too soon']])->assertOk();
        self::assertEquals($made->json('order'), $page->json('cars.0.faults'));
        $run = $this->take(['draw' => ['kind' => 'close', 'seed' => 4, 'difficulty' => 3]], 'Oda Merrin');
        $watched = array_column((array) $this->getJson('/api/practice/trainer')->assertOk()->json('watched'), null, 'id')[$run];
        self::assertEquals($made->json('order'), $watched['truth']);
    }

    /** Looks somewhere and notes all that is seen there. */
    private function everything(string $run, string $place): void
    {
        $seen = $this->postJson("/api/practice/runs/$run/order/looks/$place")->assertOk();
        $finds = array_column((array) $seen->json('places'), 'finds', 'id')[$place];
        self::assertNotSame([], $finds);
        foreach ($finds as $i => $find) {
            if ($find['line'] !== null && ! $find['noted']) {
                $this->note($run, $place, $i)->assertOk();
            }
        }
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function note(string $run, string $place, int $find): TestResponse
    {
        return $this->postJson("/api/practice/runs/$run/order/notes", ['id' => (string) Str::uuid7(), 'place' => $place, 'find' => $find]);
    }

    /** @param array<string, mixed> $what */
    private function take(array $what, string $who = 'Ilse Corrant'): string
    {
        return (string) $this->actingAs($this->person($who))->postJson('/api/practice', ['id' => (string) Str::uuid7(), ...$what])->assertOk()->json('run');
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
}
