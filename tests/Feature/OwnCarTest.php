<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** A car of no table, from its name and the places of its sensors. */
final class OwnCarTest extends FeatureCase
{
    private const CAR = ['make' => 'Vossen', 'model' => 'Ketch', 'sensors' => ['front', 'rear-left', 'rear-right']];

    /**
     * @param array<string, mixed> $change
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function open(array $change = []): TestResponse
    {
        return $this->actingAs($this->person())->postJson('/api/repair-orders', [...[
            'id' => (string) Str::uuid7(), 'version' => 0, 'vehicle' => 'Vossen Ketch', 'plate' => 'VK 1', 'car' => self::CAR, 'operations' => ['sensor-removed@front'],
        ], ...$change]);
    }

    /**
     * @param array<string, mixed> $payload
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function figure(string $order, int $version, array $payload): TestResponse
    {
        return $this->postJson('/api/lines', ['id' => (string) Str::uuid7(), 'version' => $version, 'order' => $order, 'kind' => 'figure', 'payload' => $payload]);
    }

    public function testItOpensWithEveryFigureUnknownAndItsPairPaired(): void
    {
        $order = $this->open()->assertOk()->json();
        self::assertSame(['unknown'], array_values(array_unique(array_column($order['geometry'], 'from'))));
        self::assertCount(11 + 9, $order['geometry']);
        $sheet = json_decode((string) DB::table('vehicle_sheets')->where('name', 'Vossen Ketch')->value('document'), true);
        self::assertSame(['rear-right', 'rear-left', null], [$sheet['sensors'][1]['pair'], $sheet['sensors'][2]['pair'], $sheet['sensors'][0]['pair'] ?? null]);
        // The second such car is found in the register.
        $this->open(['id' => (string) Str::uuid7(), 'plate' => 'VK 2'])->assertStatus(422)->assertJsonPath('path', '/car/model');
    }

    public function testWhatIsSaidOfItKeepsWhereItComesFrom(): void
    {
        $order = $this->open()->assertOk()->json();
        $of = static fn(TestResponse $answer, string $figure): array => $answer->json('geometry')[array_search($figure, array_column($answer->json('geometry'), 'figure'), true)];
        $wheelbase = $of($this->figure($order['id'], $order['version'], ['figure' => 'wheelbase', 'typed' => '2,805 mm', 's' => 3, 'document' => 'Registration paper, page 2'])->assertOk(), 'wheelbase');
        self::assertSame(['document', 'Registration paper, page 2', 2805], [$wheelbase['from'], $wheelbase['said'], (int) $wheelbase['value']]);
        $along = $of($this->figure($order['id'], $order['version'] + 1, ['figure' => 'front.along', 'typed' => '845', 's' => 2, 'from' => 'front-hubs', 'instrument' => 'tape-1'])->assertOk(), 'front.along');
        self::assertSame(['measured', 'Ilse Corrant', 845, 'front-hubs'], [$along['from'], $along['said'], (int) $along['value'], $along['hubs']]);
        $this->figure($order['id'], $order['version'] + 2, ['figure' => 'front.across', 'typed' => '845', 's' => 2, 'from' => 'front-hubs'])->assertStatus(422);
        $this->figure($order['id'], $order['version'] + 2, ['figure' => 'front.height', 'typed' => '50 mm', 's' => 2])->assertStatus(422)->assertJsonPath('code', 'asks-once');
    }

    public function testWithoutAPlateOrANumberNobodyKnowsWhichCarItIs(): void
    {
        $body = ['id' => (string) Str::uuid7(), 'version' => 0, 'vehicle' => 'Vossen Ketch', 'car' => self::CAR, 'operations' => []];
        $this->actingAs($this->person())->postJson('/api/repair-orders', $body)->assertStatus(422)->assertJsonPath('path', '/plate');
        $this->postJson('/api/repair-orders', ['plate' => 'VK 3', 'car' => ['sensors' => []] + self::CAR] + $body)->assertStatus(422)->assertJsonPath('path', '/car/sensors');
        $this->postJson('/api/repair-orders', ['plate' => 'VK 3', 'car' => ['sensors' => ['roof']] + self::CAR] + $body)->assertStatus(422)->assertJsonPath('path', '/car/sensors/0');
        self::assertSame(0, DB::table('vehicle_sheets')->where('name', 'Vossen Ketch')->count());
    }

    public function testOnlyAClosedOrderOfAGrownCarTeachesTheNext(): void
    {
        $order = $this->open()->assertOk()->json('id');
        $body = static fn(): array => ['id' => (string) Str::uuid7(), 'version' => 0];
        $this->postJson("/api/repair-orders/$order/teach", $body())->assertStatus(409)->assertJsonPath('code', 'still-open');
        $this->postJson('/api/repair-orders/' . $this->order('2463') . '/teach', $body())->assertStatus(409)->assertJsonPath('code', 'sheet-stands');
        self::assertSame(1, DB::table('vehicle_sheets')->where('name', 'Vossen Ketch')->count());
    }

    public function testACardForAPairServesBothOfItsTasks(): void
    {
        $order = $this->open()->assertOk()->json();
        $tasks = array_column($order['tasks'], 'task', 'sensor');
        $start = $this->getJson("/api/card-start/{$tasks['rear-left']}")->assertOk()->json('document');
        self::assertSame(['rear-left', 'rear-right'], $start['fits']['sensors']);
        $start['sensor']['limits'] = ['azimuth' => 0.8];
        $document = $start + [
            'edition' => '1', 'dated' => '2026-03-02', 'source' => 'Vossen sheet 12 (invented)', 'enteredBy' => 'x', 'target' => ['name' => 'Corner reflector', 'heights' => ['centre' => 0]],
            'spot' => ['range' => 2610, 'bearing' => 149, 'height' => 642, 'heightDatum' => 'centre', 'tolerance' => new \stdClass()],
        ];
        $card = $this->postJson('/api/cards', ['id' => (string) Str::uuid7(), 'version' => 0, 'document' => $document, 'task' => $tasks['rear-left']])->assertOk()->json('id');
        self::assertSame(['front' => null, 'rear-left' => $card, 'rear-right' => $card], array_column($this->getJson("/api/repair-orders/{$order['id']}")->json('tasks'), 'card', 'sensor'));
    }
}
