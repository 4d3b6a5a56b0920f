<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Tests\Support\Draws;

/** Whatever is sent to whatever address: it is taken, or refused with a place; never an error of ours. */
final class BadRequestsTest extends FeatureCase
{
    public function testEveryAddressRefusesWhatItCannotRead(): void
    {
        $addresses = $this->addresses('POST');
        self::assertGreaterThan(15, count($addresses));
        foreach ($addresses as $address) {
            foreach (['', 'null', '[]', '7', '"x"', '{', "{\"id\":\"\xff\"}", '{"id":"\u0000"}', str_repeat('[', 3000), '{"id":{"id":{}}}', '{"a":1,"a":2}', '{"id":"' . str_repeat('x', 30_000) . '"}'] as $body) {
                $answer = $this->json('POST', $address, $body);
                $this->assertRefused($answer, "$address " . substr($body, 0, 40));
                DB::rollBack();
                DB::beginTransaction();
            }
        }
    }

    public function testEveryFieldOfEveryAddressRefusesWhatItCannotKeep(): void
    {
        $fields = 0;
        foreach ($this->addresses('POST') as $address) {
            $known = $this->fields($address);
            foreach ($known as $field) {
                $fields++;
                foreach (self::hostile() as $value) {
                    $body = ['id' => (string) Str::uuid7(), 'version' => 0, ...array_fill_keys($known, 'x'), $field => $value];
                    $this->assertRefused($this->json('POST', $address, (string) json_encode($body)), "$address $field " . substr((string) json_encode($value), 0, 40));
                    DB::rollBack();
                    DB::beginTransaction();
                }
            }
        }
        self::assertGreaterThan(30, $fields);
    }

    public function testEveryFieldOfEveryKindOfLineRefusesWhatItCannotKeep(): void
    {
        $fields = 0;
        foreach (['task' => $this->task('2471'), 'order' => $this->order('2471')] as $of => $id) {
            foreach ($of === 'task' ? Kinds::names(Kinds::TASK) : Kinds::names(Kinds::ORDER) as $kind) {
                $send = fn(mixed $payload): TestResponse => $this->json('POST', '/api/lines', (string) json_encode(['id' => (string) Str::uuid7(), 'version' => 0, $of => $id, 'kind' => $kind, 'payload' => $payload]));
                foreach ($known = self::known($send(['nobody-knows-this' => 1])) as $field) {
                    foreach (self::turn(self::hostile(), $fields++) as $value) {
                        $this->assertRefused($send([...array_fill_keys($known, 'x'), $field => $value]), "$kind $field " . substr((string) json_encode($value), 0, 40));
                        DB::rollBack();
                        DB::beginTransaction();
                    }
                }
            }
        }
        self::assertGreaterThan(80, $fields);
    }

    /**
     * All of them in a long run, else every third, another third at each field.
     *
     * @template T
     *
     * @param list<T> $all
     *
     * @return list<T>
     */
    private static function turn(array $all, int $field): array
    {
        return array_values(array_filter($all, static fn(int $i): bool => Draws::areLong() || $i % 3 === $field % 3, ARRAY_FILTER_USE_KEY));
    }

    /** @return list<mixed> what stands where something else belongs */
    private static function hostile(): array
    {
        return ["a\u{0}b", "\u{7}", str_repeat('long ', 900), ['list'], (object) ['x' => 1], 1e308, -1, true, '', '<script>', "\u{202e}", 'not-there'];
    }

    public function testSearchesRefuseControlCharactersAndLists(): void
    {
        foreach (['repair-orders?search=%00', 'repair-orders?search[]=a', 'repair-orders?after=%00', 'cars?search=%07', 'history/car?plate=%00', 'history/car?vin[a]=b', 'history/sensor?serial=%ff', 'kit?x=%00', 'repair-orders?search=' . str_repeat('a', 2000)] as $address) {
            $answer = $this->actingAs($this->person('Oda Merrin'))->getJson("/api/$address");
            self::assertSame(422, $answer->status(), $address);
            self::assertIsString($answer->json('path'), $address);
        }
    }

    public function testAUsedIdIsRefusedByName(): void
    {
        $used = DB::table('repair_orders')->where('number', '2466')->value('id');
        $intake = $this->actingAs($this->person('Oda Merrin'))->getJson('/api/intake')->assertOk();
        $open = ['id' => $used, 'version' => 0, 'number' => 'X-1', 'sheet' => $intake->json('sheets.0.id'), 'plate' => '', 'vin' => '', 'bay' => null, 'operations' => []];
        $answer = $this->postJson('/api/repair-orders', $open);
        self::assertLessThan(500, $answer->status(), (string) $answer->getContent());
    }

    public function testANameIsNotCutShortByAControlCharacter(): void
    {
        $answer = $this->actingAs($this->person('Oda Merrin'))->postJson('/api/people', ['id' => (string) Str::uuid7(), 'version' => 0, 'name' => "Wen\u{0}Harrow", 'email' => 'wen@copper-lane.example', 'role' => 'technician']);
        $answer->assertStatus(422)->assertJsonPath('path', '/name');
        self::assertStringContainsString('U+0000', (string) $answer->json('title'));
    }

    /** @return list<string> every address of the API that takes a method, its places filled with what the demo has */
    private function addresses(string $method): array
    {
        $places = [
            '{order}' => $this->order('2471'), '{task}' => $this->task('2471'), '{person}' => $this->person()->id, '{import}' => (string) Str::uuid7(), '{card}' => DB::table('procedure_cards')->value('id'),
            '{link}' => (string) Str::uuid7(), '{archive}' => (string) Str::uuid7(), '{bay}' => DB::table('bays')->value('id'),
        ];
        // Photos, files and signing in have tests of their own.
        $others = '/(photos|session|session\/.*|archives|imports|scans|drives|tool-log|bay-outlines)$/';
        $addresses = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            self::assertInstanceOf(Route::class, $route);
            if (in_array($method, $route->methods(), true) && str_starts_with($route->uri(), 'api/') && preg_match($others, $route->uri()) !== 1) {
                $addresses[] = '/' . strtr($route->uri(), array_map(static fn(mixed $id): string => is_string($id) ? $id : '', $places));
            }
        }

        return $addresses;
    }

    /** @return list<string> the fields an address knows, as it says itself of one it does not know */
    private function fields(string $address): array
    {
        return self::known($this->json('POST', $address, (string) json_encode(['id' => (string) Str::uuid7(), 'version' => 0, 'nobody-knows-this' => 1])));
    }

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer to a field that nobody knows
     *
     * @return list<string> the fields that are known
     */
    private static function known(TestResponse $answer): array
    {
        $problem = json_decode((string) $answer->getContent(), true);
        $known = is_array($problem) && is_array($problem['says'] ?? null) ? $problem['says']['with']['known'] ?? [] : [];

        return is_array($known) ? array_values(array_filter($known, static fn(mixed $name): bool => is_string($name) && ! in_array($name, ['id', 'version'], true))) : [];
    }

    /**
     * @param string $uri
     * @param mixed  $data
     * @param mixed  $headers
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function json($method, $uri, $data = [], $headers = [], $options = 0): TestResponse
    {
        if (is_array($data)) {
            return parent::json($method, $uri, $data, is_array($headers) ? $headers : [], $options);
        }

        return $this->actingAs($this->person('Oda Merrin'))->call($method, $uri, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: is_string($data) ? $data : '');
    }

    /** @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer */
    private function assertRefused(TestResponse $answer, string $what): void
    {
        self::assertLessThan(500, $answer->status(), "$what: " . substr((string) $answer->getContent(), 0, 300));
        if ($answer->status() === 422) {
            $problem = json_decode((string) $answer->getContent(), true);
            self::assertIsArray($problem);
            self::assertArrayHasKey('path', $problem, $what);
        }
    }
}
