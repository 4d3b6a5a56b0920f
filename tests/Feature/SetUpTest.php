<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Reading;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** How a set-up is measured, over the wire: schools, marks, the floor, readings of other kinds, and the bay. */
final class SetUpTest extends FeatureCase
{
    public function testSchoolsAreChosenAndWhatCannotBeUsedIsRefused(): void
    {
        $this->write('schools', ['schools' => ['hub-marks', 'plumb-and-line']])->assertOk()
            ->assertJsonPath('method.schools.0.id', 'plumb-and-line')
            ->assertJsonPath('method.schools.1.id', 'hub-marks');
        $this->write('schools', ['schools' => []])->assertStatus(422)->assertJsonPath('path', '/payload/schools');
        $this->write('schools', ['schools' => ['dowsing']])->assertStatus(422);
        $task = $this->api('2471', 'rear-left');
        $this->sendTo($task, 'schools', ['schools' => ['squares']])
            ->assertStatus(422)->assertJsonPath('path', '/payload/schools')->assertJsonFragment(['code' => 'invalid-input']);
    }

    public function testAPoseIsTakenWithItsStatedAccuracyOnly(): void
    {
        $this->write('schools', ['schools' => ['reported-pose']])->assertOk();
        $this->write('reading', ['call' => 'pose-turn', 'typed' => '0.4 clockwise'])->assertStatus(422)->assertJsonPath('path', '/payload/accuracy');
        $this->write('reading', ['call' => 'pose-turn', 'typed' => '0.4', 'accuracy' => '0.1'])->assertStatus(422)->assertJsonPath('path', '/payload/typed');
        $this->write('reading', ['call' => 'pose-turn', 'typed' => '0.4 clockwise', 'accuracy' => '0'])->assertStatus(422)->assertJsonPath('path', '/payload/accuracy');
        $this->write('reading', ['call' => 'pose-turn', 'typed' => '0.4 clockwise', 'accuracy' => '0.1'])->assertOk()->assertJsonPath('ledger.0.value', -0.4)->assertJsonPath('ledger.0.unit', 'deg');
        $kept = Reading::query()->where('sensor_task_id', $this->task())->firstOrFail();
        self::assertNull($kept->millimetres);
        self::assertSame(-0.4, $kept->degrees);
        self::assertEqualsWithDelta(0.1 / sqrt(3), $kept->uncertainty, 1e-9);
        $this->write('reading', ['call' => 'height', 'typed' => '642', 'datum' => 'centre', 'accuracy' => '1 mm'])->assertStatus(422)->assertJsonPath('path', '/payload/accuracy');
    }

    public function testARigsFileBecomesItsThreeReadingsOrNone(): void
    {
        $pose = ['rig' => 'Rig 4', 'x' => 5644.2, 'y' => -3.1, 'yaw' => 179.6, 'accuracy' => ['length' => 2, 'angle' => 0.1]];
        $this->write('poses', ['pose' => $pose])->assertStatus(422)->assertJsonPath('path', '/pose');
        $this->write('schools', ['schools' => ['reported-pose']])->assertOk();
        $this->write('poses', ['pose' => [...$pose, 'accuracy' => ['length' => 0, 'angle' => 0.1]]])->assertStatus(422)->assertJsonPath('path', '/pose/accuracy/length');
        $this->write('poses', ['pose' => [...$pose, 'y' => 2500]])->assertStatus(422)->assertJsonPath('code', 'asks-once');
        self::assertSame(0, Reading::query()->where('sensor_task_id', $this->task())->count());
        $state = $this->write('poses', ['pose' => $pose])->assertOk();
        self::assertEqualsWithDelta(-0.4, $state->json('ledger.2.value'), 1e-9);
        self::assertEqualsWithDelta([9.2, -3.1, -0.4], array_column(array_slice((array) $state->json('verdicts'), 0, 3), 'deviation'), 0.01);
        // The next file corrects them.
        $next = $this->write('poses', ['pose' => [...$pose, 'y' => 1.5]])->assertOk()->assertJsonPath('ledger.1.fate', 'struck')->assertJsonPath('ledger.4.value', 1.5);
        self::assertCount(6, (array) $next->json('ledger'));
    }

    public function testTheLineTheMarksAndTheFloorAreTheCarsAndNotOneSensors(): void
    {
        $this->prepare();
        $this->write('mark', ['end' => 'front', 'mark' => 'plate-middle'])->assertOk()->assertJsonPath('method.marks.front', 'plate-middle');
        $this->write('mark', ['end' => 'rear', 'mark' => 'other'])->assertStatus(422)->assertJsonPath('path', '/payload/note');
        foreach (['FL', 'FR', 'RL', 'RR'] as $wheel) {
            $this->write('floor', ['place' => $wheel, 'typed' => '1200 mm'])->assertOk();
        }
        $this->write('floor', ['place' => 'site-front', 'typed' => '12090 mm'])->assertStatus(422)->assertJsonPath('code', 'asks-once');
        $this->write('floor', ['place' => 'site-front', 'typed' => '1209 mm'])->assertOk()
            ->assertJsonPath('floor.from', 'readings')->assertJsonPath('floor.wheels', 4);

        $other = $this->getJson('/api/tasks/' . $this->api('2471', 'rear-left'))->assertOk();
        $other->assertJsonPath('method.marks.front', 'plate-middle')->assertJsonPath('floor.wheels', 4)->assertJsonPath('floor.from', 'stated');
        self::assertSame(['yes', 'yes', 'yes'], array_column((array) $other->json('lineSteps'), 'answer'));
        // Taken back, a reading is none.
        $this->write('floor', ['place' => 'site-front'])->assertOk()->assertJsonPath('floor.from', 'stated');
    }

    public function testACarThatIsMovedLeavesItsFloorReadingsBehindAndSeesTheBayAnew(): void
    {
        $this->write('floor', ['place' => 'FL', 'typed' => '1200 mm'])->assertOk()->assertJsonPath('floor.wheels', 1);
        $order = (string) $this->file('2471')->row->order_id;
        $page = $this->getJson("/api/repair-orders/$order/stance")->assertOk();
        $this->postJson('/api/lines', ['order' => $order, 'id' => (string) Str::uuid7(), 'version' => $page->json('version'), 'kind' => 'stance', 'payload' => ['x' => 5500, 'y' => -350, 'heading' => 180]])->assertOk();
        $state = $this->getJson('/api/tasks/' . $this->task())->assertOk()->assertJsonPath('floor.wheels', 0);
        // What was 7,400 mm along the bay lies 1,900 mm behind the rear hubs now.
        self::assertEqualsWithDelta(-1900.0, min(array_column((array) $state->json('plan.bay.outline'), 0)), 1e-6);
        $this->getJson("/api/repair-orders/$order/stance?search=1")->assertOk()->assertJsonPath('now.heading', 180)->assertJsonPath('suggested.0.heading', 180);
    }

    public function testACarIsTakenToAnotherBayOfItsShopAndOnlyThere(): void
    {
        $this->actingAs($this->person());
        $order = (string) $this->file('2471')->row->order_id;
        $page = $this->getJson("/api/repair-orders/$order/stance")->assertOk();
        $other = array_values(array_filter((array) $page->json('bays'), static fn(array $bay): bool => ! $bay['here']))[0];
        $note = fn(array $payload) => $this->postJson('/api/lines', ['order' => $order, 'id' => (string) Str::uuid7(), 'version' => $this->getJson("/api/repair-orders/$order/stance")->json('version'), 'kind' => 'bay', 'payload' => $payload]);
        $note(['bay' => (string) Str::uuid7(), 'name' => 'Elsewhere'])->assertStatus(422)->assertJsonPath('path', '/payload/bay');
        $note(['bay' => 'no id', 'name' => 'Elsewhere'])->assertStatus(422)->assertJsonPath('path', '/payload/bay');
        $note(['bay' => $other['id'], 'name' => 'as somebody calls it'])->assertOk();
        $this->getJson("/api/repair-orders/$order/stance")->assertOk()->assertJsonPath('bay.name', $other['name']);
        self::assertSame($other['name'], json_decode((string) DB::table('order_events')->where('repair_order_id', $order)->where('kind', 'bay')->value('payload'))->name);
    }

    public function testTheTargetIsHungOnAnArmInTheCarsOwnSense(): void
    {
        $this->write('stand', ['tilt' => 0, 'arm' => '120'])->assertStatus(422)->assertJsonPath('path', '/payload/arm');
        $this->write('stand', ['tilt' => 91])->assertStatus(422)->assertJsonPath('path', '/payload/tilt');
        $this->write('stand', ['tilt' => 0, 'arm' => '120 mm left'])->assertOk()->assertJsonPath('method.stand.arm', 120);
        self::assertEqualsWithDelta(-120.65, $this->write('stand', ['tilt' => 0, 'arm' => '4 3/4 in right'])->assertOk()->json('method.stand.arm'), 1e-9);
        self::assertSame(2, DB::table('record_events')->where('sensor_task_id', $this->task())->where('kind', 'stand')->count());
    }

    public function testABayIsKeptByALeadUnderItsOwnNameAndNobodyOverwritesAnother(): void
    {
        $bay = ['name' => 'Wash bay', 'outline' => [[0, 0], [9000, 0], [9000, 5000], [0, 5000]], 'sFloor' => 4];
        $send = fn(array $document, int $version, string $id, string $person = 'Oda Merrin') => $this->actingAs($this->person($person))->postJson('/api/bays', ['id' => $id, 'version' => $version, 'document' => $document]);
        $id = (string) Str::uuid7();
        $send($bay, 0, $id, 'Ilse Corrant')->assertStatus(403);
        $send([...$bay, 'sFloor' => 0], 0, $id)->assertStatus(422)->assertJsonPath('path', '/document/sFloor');
        $send([...$bay, 'outline' => [[0, 0], [1, 1]]], 0, $id)->assertStatus(422)->assertJsonPath('path', '/document/outline');
        $send([...$bay, 'name' => 'Bay 1'], 0, $id)->assertStatus(422)->assertJsonPath('path', '/document/name');
        $send($bay, 0, $id)->assertOk();
        $send([...$bay, 'obstacles' => [['name' => 'the drain', 'corners' => [[1, 1], [2, 1], [2, 2]]]]], 1, $id)->assertOk();
        $send($bay, 1, $id)->assertStatus(409)->assertJsonPath('code', 'item-moved-on');
        $this->get("/api/bays/$id/export/dxf")->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="wash-bay.dxf"');
        self::assertStringContainsString('the drain', (string) $this->get("/api/bays/$id/export/svg")->assertOk()->getContent());
        self::assertEquals('Wash bay', json_decode((string) $this->get("/api/bays/$id/export/json")->assertOk()->getContent())->name);
        $drawing = (string) $this->get("/api/bays/$id/export/dxf")->getContent();
        $this->call('POST', '/api/bay-outlines', content: $drawing)->assertOk()->assertJsonPath('outlines.0.1.0', 9000);
        $this->call('POST', '/api/bay-outlines', content: 'a letter', server: ['HTTP_ACCEPT' => 'application/json'])->assertStatus(422);
        self::assertSame(2, DB::table('bays')->where('id', $id)->value('version'));
    }

    private function api(string $number, string $sensor): string
    {
        $id = DB::table('sensor_tasks as t')->join('repair_orders as o', 'o.id', '=', 't.repair_order_id')->where('o.number', $number)->where('t.sensor', $sensor)->value('t.id');

        return is_string($id) ? $id : self::fail('There is no such task.');
    }

    public function testAReadingNamesWhatItWasTakenWith(): void
    {
        $this->prepare();
        $this->write('reading', ['call' => 'spot-offset', 'typed' => '0'])->assertOk();
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1840', 'instrument' => 'film-1'])->assertStatus(422)->assertJsonPath('path', '/payload/instrument');
        $this->write('reading', ['call' => 'height', 'typed' => '642', 'datum' => 'centre', 'instrument' => 'tape-2'])->assertStatus(422)->assertJsonPath('path', '/payload/instrument');
        $state = $this->write('reading', ['call' => 'spot-along', 'typed' => '1840', 'instrument' => 'tape-2'])->assertOk();
        $calls = array_column((array) $state->json('calls'), null, 'id');
        self::assertSame(['Steel tape, 5 m', 'Steel tape, 8 m'], array_column($calls['spot-along']['choices'], 'name'));
        self::assertSame('Steel tape, 8 m', $calls['spot-along']['reading']['instrument']);
        self::assertNull($calls['spot-offset']['reading']['instrument'], 'the usual one is not told again');
        self::assertSame(['rule-1', 'tape-2'], DB::table('readings')->where('sensor_task_id', $this->task())->orderBy('version')->pluck('instrument')->all());
    }
}
