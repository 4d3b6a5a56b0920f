<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Learning drives: taken in as their tracks, kept as they were, judged by each card that asks for one. */
final class DriveTest extends FeatureCase
{
    public function testASampleDriveIsTakenInAndEveryLostStretchHasItsReason(): void
    {
        $this->actingAs($this->person());
        $gpx = (string) $this->get('/api/sample-drive')->assertOk()->getContent();
        $page = $this->drive($gpx)->assertOk();
        self::assertSame(['front-left', 'front-right'], array_column((array) $page->json('drives.0.sensors'), 'id'));
        $judged = (array) $page->json('drives.0.sensors.0');
        self::assertSame(840.0, (float) $judged['needed']['seconds']);
        self::assertGreaterThan(1_000, $judged['seconds']);
        $reasons = array_column($judged['lost'], 'seconds', 'reason');
        self::assertEqualsWithDelta(75.0, $reasons['no-fix'], 2.0);
        self::assertGreaterThan(150, $reasons['too-slow']);
        self::assertArrayHasKey('turning', $reasons);
        self::assertTrue($judged['isEnough']);
        self::assertEqualsWithDelta($page->json('drives.0.track.seconds'), $judged['seconds'] + array_sum($reasons), 1e-6);
        self::assertLessThanOrEqual(1_700, count((array) $page->json('drives.0.track.line')));
        self::assertSame($gpx, DB::table('tracks')->value('track'));
        $this->getJson("/api/repair-orders/{$this->order('2474')}")->assertOk()->assertJsonPath('parts.8.note', 'one drive');
    }

    public function testATrackThatIsNoneIsRefusedAndNothingIsKept(): void
    {
        $this->actingAs($this->person());
        $gpx = (string) $this->get('/api/sample-drive')->getContent();
        $this->drive('a letter')->assertStatus(422)->assertJsonPath('code', 'invalid-input');
        $this->drive(str_replace('<time>', '<note>', str_replace('</time>', '</note>', $gpx)))->assertStatus(422);
        $this->drive('<!DOCTYPE x [<!ENTITY a "b">]>' . $gpx)->assertStatus(422);
        $this->drive($gpx, driver: ' ')->assertStatus(422)->assertJsonPath('path', '/driver');
        $this->drive($gpx, id: 'mine')->assertStatus(422)->assertJsonPath('path', '/id');
        self::assertSame(0, DB::table('tracks')->count());
        // The same write again is the same drive.
        $id = (string) Str::uuid7();
        $this->drive($gpx, id: $id)->assertOk()->assertJsonCount(1, 'drives');
        $this->drive($gpx, id: $id)->assertOk()->assertJsonCount(1, 'drives');
        self::assertSame(1, DB::table('tracks')->count());
    }

    public function testADriveIsTheShopsOwn(): void
    {
        $gpx = (string) $this->actingAs($this->person())->get('/api/sample-drive')->getContent();
        $this->postRaw('/api/repair-orders/' . Str::uuid7() . '/drives?' . http_build_query(['id' => (string) Str::uuid7(), 'version' => 0, 'driver' => 'Ilse']), $gpx)->assertStatus(404);
        $this->getJson('/api/repair-orders/' . Str::uuid7() . '/drives')->assertStatus(404);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function drive(string $track, string $driver = 'Ilse Corrant', ?string $id = null): TestResponse
    {
        $order = $this->order('2474');
        $version = (int) $this->getJson("/api/repair-orders/$order/drives")->assertOk()->json('version');

        return $this->postRaw("/api/repair-orders/$order/drives?" . http_build_query(['id' => $id ?? (string) Str::uuid7(), 'version' => $version, 'driver' => $driver, 'name' => 'evening.gpx']), $track);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function postRaw(string $path, string $content): TestResponse
    {
        return $this->call('POST', $path, content: $content, server: ['HTTP_ACCEPT' => 'application/json']);
    }
}
