<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\Lines;

final class SessionTest extends FeatureCase
{
    public function testAPersonSignsInAndOut(): void
    {
        $this->getJson('/api/session')->assertStatus(401)->assertJson(['code' => 'signed-out']);
        $this->postJson('/api/session', ['email' => ' Oda@copperlane.example', 'password' => 'chalk-and-brass'])
            ->assertOk()
            ->assertJson([
                'name' => 'Oda Merrin', 'role' => 'lead', 'shop' => 'Copper Lane Body Works',
                'reader' => ['language' => 'en', 'unit' => 'mm', 'decimal' => '.', 'zone' => 'UTC'],
            ]);
        $this->getJson('/api/session')->assertOk();
        $this->deleteJson('/api/session')->assertNoContent();
        $this->getJson('/api/session')->assertStatus(401);
    }

    public function testAWrongPasswordNamesTheFieldAndNotWhichHalfWasWrong(): void
    {
        $wrong = $this->postJson('/api/session', ['email' => 'oda@copperlane.example', 'password' => 'no'])->assertStatus(422);
        $nobody = $this->postJson('/api/session', ['email' => 'nobody@copperlane.example', 'password' => 'no'])->assertStatus(422);
        self::assertSame($wrong->json('title'), $nobody->json('title'));
        self::assertSame('/password', $wrong->json('path'));
        $this->postJson('/api/session', ['email' => 'oda@copperlane.example'])->assertStatus(422)->assertJson(['path' => '']);
    }

    public function testGuessingIsSlowedDown(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => "guess $i"])->assertStatus(422);
        }
        $this->postJson('/api/session', ['email' => 'bram@copperlane.example', 'password' => 'plumb-and-line'])
            ->assertStatus(429)
            ->assertJson(['code' => 'throttled']);
    }

    public function testNothingIsShownToSomebodyWhoHasNotSignedIn(): void
    {
        foreach (['repair-orders', 'ping', "tasks/{$this->task()}", "tasks/{$this->task()}/record", "tasks/{$this->task()}/meter/split"] as $path) {
            $this->getJson("/api/$path")->assertStatus(401);
        }
        foreach (['reading', 'strike', 'answer', 'move', 'release', 'run', 'seal'] as $what) {
            $this->postJson(...Lines::request($this->task(), $what, 0, []))->assertStatus(401);
        }
    }

    public function testAddressesThatDoNotExistAreSaidAsSuch(): void
    {
        $this->actingAs($this->person())->getJson('/api/nothing')->assertStatus(404)->assertJson(['code' => 'not-found']);
        $this->actingAs($this->person())->putJson('/api/session', [])->assertStatus(405);
    }
}
