<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Signing\NotSigned;
use App\Signing\SealBooks;
use App\Signing\Signer;
use App\Signing\SocketSigner;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Evidence\SealBook;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Tests\Support\Schemas;
use Tests\Support\SigningService;

/** What is sealed is signed with the shop's key by a service of its own, and what carries it says so. */
final class SealBookTest extends FeatureCase
{
    private SigningService $service;

    protected function setUp(): void
    {
        parent::setUp();
        $this->service = new SigningService();
        $this->service->up();
        $this->app->instance(Signer::class, new SocketSigner($this->service->socket));
    }

    protected function tearDown(): void
    {
        $this->service->kill();
        parent::tearDown();
    }

    public function testASealIsSignedAndEverythingThatCarriesItSaysSo(): void
    {
        $this->workUntil('close');
        $seal = $this->write('seal', [])->assertOk();
        $entry = (array) $seal->json('seal.entry');
        self::assertFalse($entry['earlier']);
        $json = (string) $this->actingAs($this->person())->get("/api/tasks/{$this->task()}/record")->assertOk()->getContent();
        self::assertNull((new Schemas())->complaint('sealed-record', json_decode($json)));
        $book = (string) $this->get('/api/seal-book.json')->assertOk()->getContent();
        self::assertNull((new Schemas())->complaint('seal-book', json_decode($book)));
        $report = (string) $this->get("/api/repair-orders/{$this->order('2471')}/report/customer")->assertOk()->getContent();
        self::assertStringContainsString("entry {$entry['number']} of its seal book", $report);
        preg_match('/data-part="head">([^<]+)</', $report, $head);
        preg_match('/data-part="key">([^<]+)</', $report, $key);
        self::assertTrue(isset($head[1], $key[1]));
        self::assertSame("{$entry['number']}:{$entry['head']}", $head[1]);

        // Without a database: the file, the book, and what the report prints.
        $bookFile = getenv('LUMBRO_SCRATCH') . '/book.json';
        file_put_contents($bookFile, $book);
        $by = ['--key' => $key[1], '--book' => $bookFile, '--head' => $head[1]];
        [$status, $said] = $this->verify($json, $by);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString("Signed: entry {$entry['number']}", $said);
        [$status, $said] = $this->verify($json, [...$by, '--key' => str_repeat('A', 43)]);
        self::assertSame(1, $status, $said);
        self::assertStringContainsString('NOT VOUCHED FOR', $said);
        self::assertSame(1, $this->verify($json, [...$by, '--head' => ($entry['number'] + 1) . ":{$entry['head']}"])[0], 'a head that was printed later, and a book that ends before it');
        self::assertSame(2, $this->verify($json, [...$by, '--head' => 'x'])[0]);
        self::assertSame(2, $this->verify($json, [...$by, '--key' => 'x'])[0]);
        // Held against the shop's own book where nothing is given.
        [$status, $said] = $this->verify($json, []);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Held against the seal book of this installation', $said);

        $archive = (string) $this->get("/api/repair-orders/{$this->order('2471')}/archive.json")->assertOk()->getContent();
        self::assertSame($archive, (string) $this->get("/api/repair-orders/{$this->order('2471')}/archive.json")->getContent(), 'the same archive is signed once');
        [$status, $said] = $this->verify($archive, ['--key' => $key[1]]);
        self::assertSame(0, $status, $said);
        $taken = $this->actingAs($this->person('Fenna Ostrel'))->call('POST', '/api/archives?id=' . Str::uuid7(), content: $archive)->assertOk();
        self::assertSame([$key[1], true], [$taken->json('key'), $taken->json('holds')]);
    }

    public function testAnArchiveUnderTheSignatureOfAnotherDoesNotHold(): void
    {
        $this->books()->catchUp($this->person()->shop_id);
        $archives = [];
        foreach (['2463', '2468'] as $number) {
            $archives[] = json_decode((string) $this->actingAs($this->person())->get("/api/repair-orders/{$this->order($number)}/archive.json")->assertOk()->getContent());
        }
        [$one, $other] = $archives;
        assert($one instanceof \stdClass && $other instanceof \stdClass);
        self::assertNotNull($other->seal->signature);
        $one->seal->signature = $other->seal->signature;
        $taken = $this->actingAs($this->person('Fenna Ostrel'))->call('POST', '/api/archives?id=' . Str::uuid7(), content: (string) json_encode($one))->assertOk();
        self::assertFalse($taken->json('holds'));
        self::assertStringContainsString('is about something else', implode(' ', (array) $taken->json('broken')));
    }

    public function testWhileTheServiceIsAwayASealStandsUnsignedAndIsSignedLater(): void
    {
        $this->books()->catchUp($this->person()->shop_id);
        $this->service->kill();
        $this->workUntil('close');
        $this->write('seal', [])->assertOk()->assertJsonPath('seal.entry', null);
        $report = (string) $this->actingAs($this->person())->get("/api/repair-orders/{$this->order('2471')}/report/customer")->assertOk()->getContent();
        self::assertStringContainsString('its signature is still to come', $report);
        [$status, $said] = $this->verify((string) $this->get("/api/tasks/{$this->task()}/record")->getContent(), []);
        self::assertSame(1, $status, $said);
        self::assertStringContainsString('Nobody signs it', $said);
        self::assertSame(1, Artisan::call('lumbro:sign'));
        self::assertStringContainsString('cannot be reached', Artisan::output());
        $this->service->up();
        self::assertSame(0, Artisan::call('lumbro:sign'), Artisan::output());
        self::assertIsInt($this->state($this->task())['seal']['entry']['number'] ?? null);
    }

    public function testAnExerciseIsNeverSigned(): void
    {
        $this->workUntil('close');
        DB::table('repair_orders')->where('id', $this->order('2471'))->update(['practice' => true]);
        $this->write('seal', [])->assertOk()->assertJsonPath('seal.entry', null)->assertJsonPath('seal.signs', false);
        $this->books()->catchUp($this->person()->shop_id);
        self::assertNull($this->state($this->task())['seal']['entry'] ?? null);
        self::assertSame(0, $this->books()->unsigned($this->person()->shop_id));
        $archive = json_decode((string) $this->actingAs($this->person())->get("/api/repair-orders/{$this->order('2471')}/archive.json")->assertOk()->getContent());
        self::assertNull($archive->seal->signature);
    }

    public function testWhatWasSealedBeforeThereWasAKeySaysSo(): void
    {
        $this->service->kill();
        $this->workUntil('close');
        $this->write('seal', [])->assertOk();
        $this->service->up();
        self::assertSame(0, Artisan::call('lumbro:sign'), Artisan::output());
        self::assertTrue($this->state($this->task())['seal']['entry']['earlier'] ?? null);
        $report = (string) $this->actingAs($this->person())->get("/api/repair-orders/{$this->order('2471')}/report/customer")->assertOk()->getContent();
        self::assertStringContainsString('Sealed before the shop had a key', $report);
        [$status, $said] = $this->verify((string) $this->get("/api/tasks/{$this->task()}/record")->getContent(), []);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Sealed before the shop had a key', $said);
    }

    public function testADatabaseThatWasPutBackFetchesWhatWasSignedSince(): void
    {
        $shop = $this->person()->shop_id;
        $this->books()->catchUp($shop);
        $before = $this->books()->last($shop)->number ?? 0;
        DB::beginTransaction();
        $this->workUntil('close');
        $this->write('seal', [])->assertOk();
        $signed = $this->books()->last($shop);
        self::assertSame($before + 1, $signed?->number);
        DB::rollBack();
        self::assertSame($before, $this->books()->last($shop)->number ?? 0);
        $this->books()->catchUp($shop);
        self::assertEquals($signed, $this->books()->last($shop), 'what was sealed and is here no more is still known');
    }

    public function testAServiceWithoutItsBookSignsNothing(): void
    {
        $shop = $this->person()->shop_id;
        $this->books()->catchUp($shop);
        $this->service->kill();
        $this->service->lose();
        $this->service->up();
        $this->workUntil('close');
        $this->write('seal', [])->assertOk()->assertJsonPath('seal.entry', null);
        $this->expectException(NotSigned::class);
        $this->expectExceptionMessageMatches('/signer.book-gone/');
        $this->books()->catchUp($shop);
    }

    public function testKilledAgainAndAgainItSignsEachRecordOnce(): void
    {
        $shop = $this->person()->shop_id;
        $this->books()->catchUp($shop);
        $this->workUntil('close');
        $this->write('seal', [])->assertOk();
        $record = json_decode((string) DB::table('sealed_records')->where('sensor_task_id', $this->task())->value('record'));
        self::assertInstanceOf(\stdClass::class, $record);
        $signer = new SocketSigner($this->service->socket);
        $heard = [];
        for ($i = 0; $i < 12; $i++) {
            // Another record each time, which comes out the same: who sealed it is nothing that is computed.
            $record->sealedBy = "Person $i";
            for ($try = 0; $try < 40; $try++) {
                if ($i % 3 !== 0 && $try === 0) {
                    $this->service->killWorker();
                }
                try {
                    $heard[] = $signer->ask('record', $shop, null, ['record' => $record])->member('signed')?->member('entry')?->member('number')?->raw();
                    break;
                } catch (NotSigned $failure) {
                    self::assertTrue($failure->isAway, $failure->getMessage());
                    usleep(50_000);
                }
            }
            self::assertCount($i + 1, $heard);
        }
        self::assertSame(range($heard[0], $heard[0] + 11), $heard);
        $this->books()->catchUp($shop);
        self::assertSame([], SealBook::read(Node::parse((string) json_encode($this->books()->document($shop))))->faults);
    }

    public function testThroughTheSocketNoKeyIsChangedAndNothingThatIsNoRecordIsSigned(): void
    {
        $signer = new SocketSigner($this->service->socket);
        foreach (['change' => [], 'lost' => [], 'record' => ['record' => (object) []], 'earlier' => ['seals' => ['x']], 'entries' => []] as $do => $with) {
            try {
                $signer->ask($do, $this->person()->shop_id, null, $with);
                self::fail("$do was done");
            } catch (NotSigned $refused) {
                self::assertFalse($refused->isAway, $do);
            }
        }
        foreach (['', '{', str_repeat('[', 100_000), "\xff\xfe", '{"do":"entries","do":"record"}'] as $nonsense) {
            $socket = stream_socket_client("unix://{$this->service->socket}");
            self::assertIsResource($socket);
            fwrite($socket, $nonsense);
            stream_socket_shutdown($socket, STREAM_SHUT_WR);
            self::assertStringContainsString('refused', (string) stream_get_contents($socket));
        }
        if (posix_getuid() === 0) {
            self::assertFalse($this->service->isOpenTo('www-data'), 'the server reaches no key');
        }
    }

    /**
     * @param array<string, string> $by
     *
     * @return array{int, string}
     */
    private function verify(string $json, array $by): array
    {
        $file = getenv('LUMBRO_SCRATCH') . '/vouched.json';
        file_put_contents($file, $json);

        return [Artisan::call('lumbro:verify', ['file' => $file, ...$by]), Artisan::output()];
    }

    private function books(): SealBooks
    {
        return $this->app->make(SealBooks::class);
    }
}
