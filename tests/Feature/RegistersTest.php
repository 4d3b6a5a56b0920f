<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Procedure cards and the kit: versions kept, a second person asked for, nothing overwritten unseen. */
final class RegistersTest extends FeatureCase
{
    public function testANewVersionSupersedesAndIsKeptAndServesNoProofBeforeItIsChecked(): void
    {
        $old = $this->card('quillon-sable-front');
        $document = $old['document'];
        $document['spot']['along'] = 1850;
        $document['values']['/spot/along'] = ['source' => 'Quillon sheet 41-207 (invented), section 4.2', 'edition' => '4', 'dated' => '2026-09-01', 'enteredBy' => 'x'];
        $document['spot']['tolerance'] = array_diff_key($document['spot']['tolerance'], ['across' => 0]);
        $new = $this->enter($document, $old['id'])->assertOk()->json();
        self::assertSame([2, true, false], [$new['version'], $new['newest'], $new['checked']]);
        self::assertSame('Oda Merrin', $new['document']['enteredBy']);
        self::assertArrayNotHasKey('checkedBy', $new['document']);
        self::assertSame(['Tolerance across'], array_column($new['missing'], 'label'));
        self::assertFalse($this->getJson("/api/cards/{$old['id']}")->json('newest'));
        $found = $this->getJson("/api/cards/{$old['id']}/differences/{$new['id']}")->assertOk()->json('differences');
        self::assertContains(['label' => 'Spot: Distance ahead', 'unit' => 'mm', 'before' => '1840', 'after' => '1850'], $found);
        self::assertContains(['label' => 'Spot: Tolerance across', 'unit' => 'mm', 'before' => '4', 'after' => null], $found);
        // The one who entered it cannot check it; somebody else can, once.
        $this->check($new['id'], 'Oda Merrin')->assertStatus(403);
        $this->check($new['id'], 'Ilse Corrant')->assertOk()->assertJsonPath('checked', true)->assertJsonPath('document.checkedBy', 'Ilse Corrant');
    }

    public function testAChangedValueHasNoSourceAndNoCheckUntilTheyAreSaidAgain(): void
    {
        $old = $this->card('quillon-sable-front');
        $document = $old['document'];
        $document['spot']['along'] = 1850;
        $document['sensor']['limits']['azimuth'] = 0.4;
        // Nor does a copy keep the check of a value that was changed in it.
        $copy = $this->actingAs($this->person('Ilse Corrant'))->postJson('/api/cards', ['id' => (string) Str::uuid7(), 'version' => 0, 'document' => ['id' => 'a-copy'] + $document, 'copies' => $old['id']])->assertOk();
        foreach ([$copy, $this->enter($document, $old['id'])->assertOk()] as $new) {
            self::assertEqualsCanonicalizing(['/spot/along', '/sensor/limits/azimuth'], $new->json('unsaid'));
            $value = $new->json('values')[array_search('/spot/along', array_column($new->json('values'), 'pointer'), true)];
            self::assertSame([null, null], [$value['from']['source'], $value['from']['checkedBy']]);
            $this->check((string) $new->json('id'), 'Bram Tolley')->assertStatus(422);
        }
    }

    public function testAnUncheckedCardBarsTheRunAndAMissingToleranceIsSaidWhereItMatters(): void
    {
        $old = $this->card('quillon-sable-front');
        $document = $old['document'];
        unset($document['spot']['tolerance']['across'], $document['sensor']['limits']['azimuth'], $document['echo']);
        $new = $this->enter($document, $old['id'])->assertOk()->json();
        $order = (string) DB::table('repair_orders')->where('number', '2471')->value('id');
        $version = $this->getJson("/api/repair-orders/$order")->json('version');
        $this->actingAs($this->person())->postJson('/api/lines', ['order' => $order, 'id' => (string) Str::uuid7(), 'version' => $version, 'kind' => 'card', 'payload' => ['sensor' => 'front', 'card' => $new['id']]])
            ->assertOk()->assertJsonPath('sensors.0.card.checked', false);
        $this->write('reading', ['call' => 'spot-offset', 'typed' => '1 mm left'])->assertOk();
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1840'])->assertOk();
        $state = $this->write('reading', ['call' => 'split', 'typed' => '0'])->assertOk();
        $bars = array_column($state->json('bars'), 'says');
        self::assertContains('No second person has checked the procedure card: it cannot be used for a proof.', $bars);
        self::assertContains('The place off the line cannot be judged: the card gives no tolerance for it.', $bars);
        self::assertSame(['unproven', 'no-tolerance', null], [$state->json('verdicts.1.verdict'), $state->json('verdicts.1.reason'), $state->json('verdicts.1.tolerance')]);
        self::assertNull($state->json('card.limits.azimuth'));
    }

    public function testTwoLeadsDoNotOverwriteEachOther(): void
    {
        $old = $this->card('quillon-sable-rear');
        $first = $old['document'];
        $first['spot']['range'] = 2615;
        $this->enter($first, $old['id'])->assertOk();
        $second = $old['document'];
        $second['spot']['range'] = 2620;
        $clash = $this->enter($second, $old['id'])->assertStatus(409)->assertJsonPath('code', 'card-moved-on');
        self::assertSame(2615, $clash->json('card.document.spot.range'));
        $this->enter($second, (string) $clash->json('card.id'))->assertOk()->assertJsonPath('version', 3);
    }

    public function testOnlyThoseAtTheCarsEnterAndAnEntrySentTwiceIsOne(): void
    {
        $old = $this->card('quillon-sable-rear');
        $this->enter($old['document'], $old['id'], 'Fenna Ostrel')->assertStatus(403);
        $id = (string) Str::uuid7();
        foreach ([1, 2] as $turn) {
            $this->enter($old['document'], $old['id'], id: $id)->assertOk()->assertJsonPath('version', 2);
        }
        $copy = [...$old['document'], 'title' => 'A copy'];
        $this->enter($copy, null)->assertStatus(422)->assertJsonPath('path', '/document/id');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badCards(): iterable
    {
        yield 'an unknown field' => [['colour' => 'red'], '/document/colour'];
        yield 'an absurd distance' => [['spot' => ['along' => 9e8]], '/document/spot/along'];
        yield 'a height below the floor' => [['spot' => ['height' => -3]], '/document/spot/height'];
        yield 'a limit of a right angle' => [['sensor' => ['limits' => ['azimuth' => 90]]], '/document/sensor/limits/azimuth'];
        yield 'a day no calendar has' => [['dated' => '2026-02-31'], '/document/dated'];
        yield 'steps that wait for each other' => [['steps' => [0 => ['after' => ['read']]]], '/document/steps/0/after'];
        yield 'a source of no value' => [['values' => ['/spot/mood' => ['source' => 'x', 'edition' => '1', 'dated' => '2026-01-01', 'enteredBy' => 'x']]], '/document/values/~1spot~1mood'];
        yield 'a text beside a number' => [['others' => ['/spot/along' => [['value' => 'far', 'source' => 'x', 'edition' => '1', 'dated' => '2026-01-01', 'enteredBy' => 'x']]]], '/document/others/~1spot~1along/0/value'];
        yield 'an id with a slash' => [['id' => '../etc'], '/document/id'];
        yield 'a very long title' => [['title' => str_repeat('x', 1000)], '/document/title'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badCards')]
    public function testABadCardIsRefusedByNameAndNothingIsEntered(array $change, string $path): void
    {
        $old = $this->card('quillon-sable-front');
        $before = DB::table('procedure_cards')->count();
        $this->enter(array_replace_recursive($old['document'], $change), $old['id'])->assertStatus(422)->assertJsonPath('path', $path);
        self::assertSame($before, DB::table('procedure_cards')->count());
    }

    public function testExportAndImportLeadToTheSameCard(): void
    {
        $old = $this->card('tessara-brink-front');
        $exported = $this->getJson("/api/cards/{$old['id']}/export")->assertOk();
        self::assertStringContainsString('attachment', (string) $exported->headers->get('Content-Disposition'));
        $document = (array) json_decode((string) $exported->getContent(), true);
        self::assertEquals($old['document'], $document);
        self::assertEquals(array_diff_key($document, ['checkedBy' => 0, 'enteredBy' => 0]), array_diff_key($this->enter($document, $old['id'])->assertOk()->json('document'), ['enteredBy' => 0]));
    }

    public function testAnItemOfTheKitIsChangedByOneAtATime(): void
    {
        $this->actingAs($this->person('Oda Merrin'));
        $item = $this->item('tape-1');
        $document = [...$item['document'], 'nextCheck' => '2026-01-01', 'lastCheck' => '2025-01-01'];
        $this->postJson('/api/kit', ['id' => $item['id'], 'version' => $item['version'], 'document' => $document])->assertOk();
        self::assertTrue($this->item('tape-1')['overdue']);
        $this->postJson('/api/kit', ['id' => $item['id'], 'version' => $item['version'], 'document' => $document])->assertStatus(409)->assertJsonPath('code', 'item-moved-on');
        $this->postJson('/api/kit', ['id' => (string) Str::uuid7(), 'version' => 0, 'document' => $item['document']])->assertStatus(422)->assertJsonPath('path', '/document/id');
        $this->actingAs($this->person())->postJson('/api/kit', ['id' => $item['id'], 'version' => 2, 'document' => $document])->assertStatus(403);
    }

    public function testAnOverdueTapeWidensTheUncertaintyOrBarsByTheShopsRule(): void
    {
        $along = fn(): float => (float) $this->write('reading', ['call' => 'spot-along', 'typed' => '1840'])->assertOk()->json('verdicts.0.uncertainty');
        foreach (['spot-offset' => '0', 'split' => '0'] as $call => $typed) {
            $this->write('reading', ['call' => $call, 'typed' => $typed])->assertOk();
        }
        $good = $along();
        $this->actingAs($this->person('Oda Merrin'));
        foreach (['tape-1', 'tape-2'] as $tape) {
            $item = $this->item($tape);
            $this->postJson('/api/kit', ['id' => $item['id'], 'version' => $item['version'], 'document' => [...$item['document'], 'lastCheck' => '2024-01-01', 'nextCheck' => '2025-01-01']])->assertOk();
        }
        self::assertGreaterThan($good * 1.02, $along());
        $this->actingAs($this->person('Oda Merrin'));
        $rules = $this->getJson('/api/shop-rules')->json();
        $this->postJson('/api/shop-rules', ['id' => (string) Str::uuid7(), 'version' => $rules['version'], 'document' => [...$rules['document'], 'overdue' => ['bars' => true, 'widening' => 1]]])->assertOk();
        $bars = array_column($this->getJson("/api/tasks/{$this->task()}")->json('bars'), 'says');
        self::assertNotSame([], preg_grep('/^Steel tape, 5 m: Its check was due on 1 Jan 2025/', $bars));
        // Somebody who saw the older table does not overwrite the newer one.
        $this->postJson('/api/shop-rules', ['id' => (string) Str::uuid7(), 'version' => $rules['version'], 'document' => $rules['document']])->assertStatus(409);
    }

    /** @return array<string, mixed> */
    private function card(string $id): array
    {
        $row = DB::table('procedure_cards')->where('document->id', $id)->where('newest', true)->value('id');
        self::assertIsString($row);

        return (array) $this->actingAs($this->person('Oda Merrin'))->getJson("/api/cards/$row")->assertOk()->json();
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function enter(array $document, ?string $follows, string $person = 'Oda Merrin', ?string $id = null): TestResponse
    {
        return $this->actingAs($this->person($person))->postJson('/api/cards', ['id' => $id ?? (string) Str::uuid7(), 'version' => 0, 'document' => $document, ...($follows === null ? [] : ['follows' => $follows])]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function check(string $card, string $person): TestResponse
    {
        return $this->actingAs($this->person($person))->postJson("/api/cards/$card/check", ['id' => (string) Str::uuid7(), 'version' => 1]);
    }

    /** @return array<string, mixed> */
    private function item(string $name): array
    {
        foreach ((array) $this->getJson('/api/kit')->assertOk()->json('items') as $item) {
            if ($item['document']['id'] === $name) {
                return $item;
            }
        }
        self::fail("The kit has no {$name}.");
    }
}
