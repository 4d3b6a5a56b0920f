<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Reading;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ReadingTaken;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Lines;

/** Lines of a record: taken once, in order, as typed, and never changed. */
final class RecordTest extends FeatureCase
{
    public function testAReadingIsKeptAsTypedBesideItsValue(): void
    {
        $this->write('reading', ['call' => 'spot-along', 'typed' => ' 72 13/16 in '])
            ->assertOk()
            ->assertJsonPath('ledger.0.typed', '72 13/16 in')
            ->assertJsonPath('ledger.0.unit', 'in')
            ->assertJsonPath('ledger.0.person', 'Ilse Corrant');
        $kept = Reading::query()->where('sensor_task_id', $this->task())->firstOrFail();
        self::assertEqualsWithDelta(1849.4375, $kept->millimetres, 1e-9);
        self::assertSame('72 13/16 in', $kept->typed);
        self::assertSame('frontMark', $kept->getAttribute('datum_from'));
        self::assertSame('tape-1', $kept->getAttribute('instrument'));
    }

    public function testAFarOffReadingIsAskedAboutOnceAndTakenWhereTheTapeShowsIt(): void
    {
        $before = $this->file()->version;
        $this->write('reading', ['call' => 'spot-along', 'typed' => '184.9'])
            ->assertStatus(422)
            ->assertJsonPath('code', 'asks-once')
            ->assertJsonPath('path', '/payload/typed')
            ->assertJsonPath('title', '“184.9” is 185 mm, and about 1,840 mm is expected here. 1,849 mm would fit: a figure missing, or centimetres typed without their unit?');
        self::assertSame($before, $this->file()->version);
        $this->write('reading', ['call' => 'spot-along', 'typed' => '184.9', 'confirmed' => true])->assertOk()->assertJsonPath('ledger.0.typed', '184.9');
        // A reading that nobody would ask about needs no word, and keeps none.
        $this->write('reading', ['call' => 'split', 'typed' => '0', 'confirmed' => true])->assertOk();
        self::assertSame([true, false], Reading::query()->where('sensor_task_id', $this->task())->orderBy('version')->pluck('confirmed')->all());
        $taken = array_values(array_filter($this->file()->journal->entries(), static fn(Line $entry): bool => $entry instanceof ReadingTaken));
        self::assertSame([true, false], array_column($taken, 'confirmed'));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refusals(): iterable
    {
        yield 'text for a length' => ['reading', ['call' => 'spot-along', 'typed' => 'about two metres'], '/payload/typed'];
        yield 'no side' => ['reading', ['call' => 'spot-offset', 'typed' => '12 mm'], '/payload/typed'];
        yield 'a number for a text' => ['reading', ['call' => 'spot-along', 'typed' => 1849], '/payload/typed'];
        yield 'a missing field' => ['reading', ['call' => 'spot-along'], '/payload'];
        yield 'an unknown field' => ['reading', ['call' => 'spot-along', 'typed' => '1', 'colour' => 'red'], '/payload/colour'];
        yield 'an unknown call' => ['reading', ['call' => 'mood', 'typed' => '1'], '/payload/call'];
        yield 'a height without its datum' => ['reading', ['call' => 'height', 'typed' => '642'], '/payload/datum'];
        yield 'a height to a datum the target lacks' => ['reading', ['call' => 'height', 'typed' => '642', 'datum' => 'hat'], '/payload/datum'];
        yield 'a datum where none belongs' => ['reading', ['call' => 'split', 'typed' => '0', 'datum' => 'top'], '/payload/datum'];
        yield 'a correction of nothing' => ['reading', ['call' => 'split', 'typed' => '0', 'strikes' => '018f0000-0000-7000-8000-000000000000'], '/payload/strikes'];
        yield 'a very long text' => ['reading', ['call' => 'spot-along', 'typed' => str_repeat('1', 200)], '/payload/typed'];
        yield 'a strike of nothing' => ['strike', ['reading' => 'nothing'], '/payload/reading'];
        yield 'an unknown question' => ['answer', ['item' => 'weather', 'answer' => 'yes'], '/payload/item'];
        yield 'an unknown answer' => ['answer', ['item' => 'tyres', 'answer' => 'perhaps'], '/payload/answer'];
        yield 'hearsay of nobody' => ['answer', ['item' => 'tyres', 'answer' => 'on-word'], '/payload/word'];
        yield 'no move at all' => ['move', ['kinds' => []], '/payload/kinds'];
        yield 'an unknown move' => ['move', ['kinds' => ['jump']], '/payload/kinds/0'];
        yield 'a release without a reason' => ['release', ['name' => 'Oda Merrin', 'reason' => 'why not'], '/payload/reason'];
        yield 'a release by nobody' => ['release', ['name' => ' ', 'reason' => 'the tape is on its way'], '/payload/name'];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('refusals')]
    public function testBadInputIsRefusedByNameAndNothingIsRecorded(string $what, array $body, string $path): void
    {
        $before = $this->file()->version;
        $answer = $this->write($what, $body)->assertStatus(422)->assertJsonPath('path', $path)->assertJsonPath('code', 'invalid-input');
        self::assertSame('application/problem+json', $answer->headers->get('Content-Type'));
        self::assertStringNotContainsString('Stack', (string) $answer->getContent());
        self::assertSame($before, $this->file()->version);
    }

    public function testAnIdMustBeAUuidOfVersion7AndAVersionAWholeNumber(): void
    {
        $this->write('reading', ['id' => 'me', 'call' => 'split', 'typed' => '0'])->assertStatus(422)->assertJsonPath('path', '/id');
        $this->write('reading', ['id' => (string) Str::uuid(), 'call' => 'split', 'typed' => '0'])->assertStatus(422);
        $this->write('reading', ['version' => 1.5, 'call' => 'split', 'typed' => '0'])->assertStatus(422)->assertJsonPath('path', '/version');
    }

    public function testADoubleSubmitIsOneReading(): void
    {
        $body = ['id' => (string) Str::uuid7(), 'version' => 0, 'call' => 'spot-along', 'typed' => '1849'];
        $this->write('reading', $body)->assertOk()->assertJsonCount(1, 'ledger');
        $this->write('reading', $body)->assertOk()->assertJsonCount(1, 'ledger')->assertJsonPath('version', 1);
    }

    public function testAWriteThatSawAnOlderRecordIsToldWhatItHasComeTo(): void
    {
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1849'])->assertOk();
        $late = $this->write('schools', ['version' => 0, 'schools' => ['hub-marks']], person: 'Bram Tolley');
        $late->assertStatus(409)->assertJsonPath('code', 'record-moved-on')->assertJsonPath('state.ledger.0.typed', '1849');
        $this->write('schools', ['schools' => ['hub-marks', 'plumb-and-line']], person: 'Bram Tolley')->assertOk();
    }

    public function testAReadingOnAnOlderRecordIsAddedAndThenJudged(): void
    {
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1849'])->assertOk();
        $this->write('reading', ['version' => 0, 'call' => 'split', 'typed' => '0'], person: 'Bram Tolley')->assertOk()->assertJsonCount(2, 'ledger');
        $this->write('reading', ['version' => 9, 'call' => 'split', 'typed' => '0'])->assertStatus(422)->assertJsonPath('path', '/version');
    }

    public function testACorrectedReadingIsStruckAndAnUndoneOneToo(): void
    {
        $first = $this->write('reading', ['call' => 'spot-along', 'typed' => '1894'])->json('ledger.0.id');
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1849', 'strikes' => $first])
            ->assertJsonPath('ledger.0.fate', 'struck')
            ->assertJsonPath('ledger.1.fate', 'counts');
        $this->write('strike', ['reading' => $first])->assertStatus(409)->assertJsonPath('code', 'already-struck');
    }

    public function testTheDatabaseRefusesToChangeOrDeleteWhatWasRecorded(): void
    {
        $this->write('reading', ['call' => 'spot-along', 'typed' => '1849'])->assertOk();
        $this->write('answer', ['item' => 'load', 'answer' => 'yes'])->assertOk();
        self::assertGreaterThan(0, DB::table('sealed_records')->count());
        foreach (['readings', 'record_events', 'sealed_records'] as $table) {
            $statements = ["update $table set user_id = user_id", "delete from $table", "truncate $table cascade"];
            foreach ($statements as $statement) {
                try {
                    DB::transaction(static fn() => DB::statement($statement));
                    self::fail("The database took: $statement");
                } catch (QueryException $refused) {
                    // 42501: insufficient privilege.
                    self::assertSame('42501', $refused->getCode(), $statement);
                }
            }
        }
        self::assertSame('lumbro_app', DB::selectOne('select current_user as who')->who);
    }

    public function testAGeometryThatCannotBeIsSaidAndBarsTheRun(): void
    {
        // A check tape of 1 mm to a target two metres away, and a stand 90 m off.
        foreach (['spot-offset' => '0', 'spot-along' => '90 m', 'split' => '95 m left', 'hub-left' => '1 mm', 'hub-right' => '1 mm'] as $call => $typed) {
            $state = $this->write('reading', ['call' => $call, 'typed' => $typed, 'confirmed' => true])->assertOk();
        }
        self::assertTrue($state->json('failure') !== null || $state->json('consistent') === false);
        self::assertFalse($state->json('mayRun'));
        self::assertCount(5, (array) $state->json('ledger'));
        $this->write('run', ['azimuth' => 0, 'elevation' => 0])->assertStatus(409)->assertJsonPath('code', 'run-barred');
    }

    public function testASetUpOfTooFewReadingsIsShownAsFarAsItGoes(): void
    {
        $this->write('reading', ['call' => 'spot-offset', 'typed' => '14 mm right'])
            ->assertOk()
            ->assertJsonPath('verdicts.1.verdict', 'out')
            ->assertJsonPath('verdicts.0.verdict', 'not-measured')
            ->assertJsonPath('ifRunNow', null);
    }

    public function testAnotherShopsTasksAreNotThere(): void
    {
        $task = $this->task();
        $shop = Shop::query()->create(['name' => 'Elsewhere']);
        $stranger = User::query()->create(['shop_id' => $shop->id, 'name' => 'Stranger', 'email' => 'stranger@elsewhere.example', 'role' => 'lead', 'password' => 'far-away-and-long']);
        foreach (['', '/record', '/meter/split'] as $path) {
            $this->actingAs($stranger)->getJson("/api/tasks/$task$path")->assertStatus(404);
        }
        foreach (['reading' => ['call' => 'split', 'typed' => '0'], 'run' => ['azimuth' => 0, 'elevation' => 0], 'seal' => []] as $what => $body) {
            $this->actingAs($stranger)->postJson(...Lines::request($task, $what, 0, $body))->assertStatus(404);
        }
        $this->actingAs($stranger)->getJson('/api/repair-orders')->assertOk()->assertJsonCount(0, 'orders');
        $this->actingAs($stranger)->getJson('/api/tasks/not-a-uuid')->assertStatus(404);
    }

    public function testADatabaseThatIsAwayIsSaidWithoutATrace(): void
    {
        $person = $this->person();
        $task = $this->task();
        DB::rollBack();
        config(['database.connections.app.port' => 1]);
        DB::purge();
        $answer = $this->actingAs($person)->postJson(...Lines::request($task, 'reading', 0, ['call' => 'split', 'typed' => '0']));
        $answer->assertStatus(503)->assertJsonPath('code', 'database-away');
        self::assertStringNotContainsString('SQLSTATE', (string) $answer->getContent());
        config(['database.connections.app.port' => getenv('DB_PORT')]);
        DB::purge();
    }
}
