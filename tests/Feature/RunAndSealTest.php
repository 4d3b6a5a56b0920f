<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SealedRecord;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Tests\Support\Schemas;

/** The interlock, the run, the verdict and the seal. */
final class RunAndSealTest extends FeatureCase
{
    public function testARunIsBarredUntilPlacementHolds(): void
    {
        $typed = ['azimuth' => 0.1, 'elevation' => 0];
        $this->write('run', $typed)->assertStatus(409)->assertJsonPath('code', 'run-barred');
        $this->prepare();
        $this->write('run', $typed)->assertStatus(409)->assertJsonPath('bars.0', 'The distance is not measured.');
    }

    public function testFollowingTheAdviceEndsInAProvenAxis(): void
    {
        $this->workUntil('run');
        $scenario = json_decode($this->file()->row->scenario, true);
        $this->readAxis();
        $run = $this->write('asked', ['command' => 'read'])->assertOk()->assertJsonPath('runs.0.verdict', 'holds')->assertJsonPath('run.finding.readings', 2);
        // The reflector was away for the empty zone: one reading shows that it is back, and nothing is proven before it.
        $run->assertJsonPath('run.proven', false)->assertJsonPath('present.kind', 'guard');
        $this->workUntil('close');
        $this->getJson("/api/tasks/{$this->task()}")->assertOk()->assertJsonPath('run.proven', true);
        $kept = json_decode((string) DB::table('record_events')->where('kind', 'run')->where('sensor_task_id', $this->task())->value('payload'), true);
        self::assertSame(['along', 'across', 'yaw', 'height'], array_intersect(['along', 'across', 'yaw', 'height'], array_keys($kept['reliedOn']['verdicts'])));
        self::assertSame(['holds'], array_values(array_unique(array_column($kept['reliedOn']['verdicts'], 'verdict'))));
        self::assertEqualsWithDelta($scenario['mount']['azimuth'], $run->json('runs.0.azimuth.misalignment'), 3 * $run->json('runs.0.azimuth.uncertainty'));
        self::assertEqualsWithDelta($scenario['mount']['elevation'], $run->json('runs.0.elevation.misalignment'), 3 * $run->json('runs.0.elevation.uncertainty'));
    }

    public function testAReleaseGoesOnToTheRunsEndAndStandsInTheRecord(): void
    {
        $this->prepare();
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1849'])->assertOk();
        $this->write('release', ['name' => 'Oda Merrin', 'reason' => 'The bay is needed, and the axis is only looked at.'])
            ->assertOk()
            ->assertJsonPath('mayRun', true);
        $this->readAxis();
        $this->getJson("/api/tasks/{$this->task()}")->assertOk()
            ->assertJsonPath('runs.0.verdict', 'unproven')
            ->assertJsonPath('runs.0.azimuth.reason', 'placement-unknown')
            ->assertJsonPath('runs.0.release.name', 'Oda Merrin')
            ->assertJsonPath('mayRun', true);
        // The reading is repeated by the same release; another set-up would need another.
        $this->write('asked', ['command' => 'read'])->assertOk()->assertJsonPath('runs.1.release.name', 'Oda Merrin');
        $this->write('move', ['kinds' => ['shift']])->assertOk()->assertJsonPath('mayRun', false);
        $this->write('asked', ['command' => 'read'])->assertStatus(409)->assertJsonPath('code', 'run-barred');
    }

    public function testARunWithoutATargetInPlaceFailsAndSaysSo(): void
    {
        // The stand is asked 700 mm aside: the sensor finds nothing in its window.
        $this->prepare();
        foreach (['spot-offset' => '700 mm left', 'spot-along' => '1840', 'split' => '0', 'hub-left' => '2779', 'hub-right' => '3120'] as $call => $typed) {
            $this->write('reading', ['call' => $call, 'typed' => $typed, 'confirmed' => true])->assertOk();
        }
        $this->write('move', ['kinds' => ['shift']])->assertOk();
        $this->write('release', ['name' => 'Oda Merrin', 'reason' => 'Tried without measuring again.'])->assertOk();
        foreach (['ignition-on', 'identify', 'empty-zone', 'target'] as $due) {
            self::assertSame($due, $this->file()->state()->run->routine->next()?->id);
            $this->step();
        }
        $this->write('asked', ['command' => 'start'])->assertOk()
            ->assertJsonCount(0, 'runs')
            ->assertJsonPath('run.trouble.message', 'Routine ended: no target found in the expected window')
            ->assertJsonPath('run.wiped', true)
            ->assertJsonPath('run.codes', ['C2A52'])
            ->assertJsonPath('mayRun', false);
    }

    public function testARunSentTwiceIsRunOnce(): void
    {
        $this->workUntil('run');
        $this->readAxis();
        $body = ['id' => (string) Str::uuid7(), 'version' => $this->file()->version, 'command' => 'read'];
        $this->write('asked', $body)->assertOk()->assertJsonCount(2, 'runs');
        $this->write('asked', $body)->assertOk()->assertJsonCount(2, 'runs');
    }

    public function testASealedRecordTakesNothingMoreAndAChangeShows(): void
    {
        $this->workUntil('close');
        $this->actingAs($this->person())->getJson("/api/tasks/{$this->task()}/record")->assertStatus(409)->assertJsonPath('code', 'not-sealed');
        $seal = ['id' => (string) Str::uuid7(), 'version' => $this->file()->version];
        $hash = $this->write('seal', $seal)->assertOk()->json('seal.hash');
        $this->write('seal', $seal)->assertOk()->assertJsonPath('seal.hash', $hash);
        $this->write('seal', [])->assertStatus(409);
        foreach (['reading' => ['call' => 'split', 'typed' => '0'], 'run' => ['azimuth' => 0, 'elevation' => 0], 'move' => ['kinds' => ['turn']]] as $what => $body) {
            $this->write($what, $body)->assertStatus(409)->assertJsonPath('code', 'sealed');
        }
        self::assertSame($hash, hash('sha256', SealedRecord::query()->where('sensor_task_id', $this->task())->firstOrFail()->record));

        $file = getenv('LUMBRO_SCRATCH') . '/record.json';
        $json = (string) $this->actingAs($this->person())->get("/api/tasks/{$this->task()}/record")->assertOk()->getContent();
        foreach (['spot-along', 'front-cover-painted', 'elevation', (string) $hash] as $part) {
            self::assertStringContainsString($part, $json);
        }
        self::assertNull((new Schemas())->complaint('sealed-record', json_decode($json)));
        $verify = static function (string $content) use ($file): array {
            file_put_contents($file, $content);

            return [Artisan::call('lumbro:verify', ['file' => $file]), Artisan::output()];
        };
        [$status, $said] = $verify($json);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Unchanged', $said);
        self::assertStringContainsString('This installation sealed', $said);
        [$status, $said] = $verify(str_replace('"Quillon Sable"', '"Quillon Sabre"', $json));
        self::assertSame(1, $status);
        self::assertStringContainsString('CHANGED', $said);
        self::assertSame(2, $verify('{"format":1}')[0]);
        self::assertSame(2, Artisan::call('lumbro:verify', ['file' => '/nonexistent']));
    }

    public function testAnUnprovenAxisIsHandedOverByALeadWithAReason(): void
    {
        // Order 2468 stands with its axis out.
        $this->write('seal', [], '2468')->assertStatus(422)->assertJsonPath('path', '/handover');
        $this->write('seal', ['handover' => 'Customer told in writing, assistance stays off.'], '2468')->assertStatus(403);
        $this->write('seal', ['handover' => 'Customer told in writing, assistance stays off.'], '2468', 'Oda Merrin')->assertOk();
        $handedOver = (string) $this->actingAs($this->person())->get("/api/tasks/{$this->task('2468')}/record")->assertOk()->getContent();
        self::assertNull((new Schemas())->complaint('sealed-record', json_decode($handedOver)));
        self::assertStringContainsString('assistance stays off', SealedRecord::query()->where('sensor_task_id', $this->task('2468'))->firstOrFail()->record);
    }

    public function testASensorThatIsNotOwedIsClosedAsIs(): void
    {
        $this->write('seal', [], '2466')->assertOk();
    }

    public function testTheMeterReadsNoCallItDoesNotKnow(): void
    {
        $this->actingAs($this->person())->getJson("/api/tasks/{$this->task()}/meter/mood")->assertStatus(409)->assertJsonPath('code', 'device-away');
    }
}
