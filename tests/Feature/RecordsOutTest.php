<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use App\Models\User;
use App\Records\OrderFile;
use App\Reports\OrderReport;
use App\Reports\Paper;
use App\Reports\PdfRenderer;
use App\Reports\PlanSvg;
use App\Reports\RendererUnavailable;
use App\Reports\ReportKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\View;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Lumbro\Core\Tests\Support\Schemas;

/** How records leave the house: reports, archive, table, and links for outside readers. */
final class RecordsOutTest extends FeatureCase
{
    private function report(string $kind, string $number = '2463'): string
    {
        return (string) $this->actingAs($this->person())->get("/api/repair-orders/{$this->order($number)}/report/$kind")->assertOk()->getContent();
    }

    public function testEachReaderGetsWhatIsForThem(): void
    {
        [$customer, $insurer, $shop] = [$this->report('customer'), $this->report('insurer'), $this->report('shop')];
        foreach ([$customer, $insurer, $shop] as $report) {
            foreach (['Copper Lane Body Works', 'CL 1902 S', 'What this does not prove', 'licensed technician decide', 'Sees the car ahead', 'Nothing ahead slowed down', '<svg'] as $part) {
                self::assertStringContainsString($part, $report);
            }
        }
        foreach (['Standard uncertainty', 'class="plan"', 'Readings that count', 'Quillon sheet 41-207', 'Gone since the pre-scan'] as $evidence) {
            self::assertStringContainsString($evidence, $insurer);
            self::assertStringNotContainsString($evidence, $customer);
        }
        foreach (['Run, line by line', 'Readings, all of them', 'before a move'] as $all) {
            self::assertStringContainsString($all, $shop);
            self::assertStringNotContainsString($all, $insurer);
        }
        $hash = DB::table('sealed_records')->where('sensor_task_id', $this->task('2463'))->value('hash');
        self::assertStringContainsString((string) $hash, $customer);
        $this->get("/api/repair-orders/{$this->order('2463')}/report/everybody")->assertStatus(404);
        // What is not sealed says so.
        self::assertStringContainsString('This order is still open', $this->report('customer', '2470'));
        self::assertStringContainsString('not sealed; it may change', $this->report('customer', '2470'));
    }

    public function testAPdfIsDrawnWithTheSealReadableByACamera(): void
    {
        $folder = getenv('LUMBRO_SCRATCH') . '/pdf-' . getmypid();
        mkdir($folder);
        $hash = (string) DB::table('sealed_records')->where('sensor_task_id', $this->task('2463'))->value('hash');
        foreach (['customer' => 1, 'insurer' => 2, 'shop' => 3] as $kind => $least) {
            $answer = $this->actingAs($this->person())->get("/api/repair-orders/{$this->order('2463')}/report/$kind.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
            self::assertStringContainsString("lumbro-2463-$kind.pdf", (string) $answer->headers->get('Content-Disposition'));
            file_put_contents("$folder/$kind.pdf", (string) $answer->getContent());
            exec("pdftoppm -r 110 -png $folder/$kind.pdf $folder/$kind 2>&1", $said, $status);
            self::assertSame(0, $status, implode("\n", $said));
            $pages = glob("$folder/$kind-*.png") ?: [];
            self::assertGreaterThanOrEqual($least, count($pages));
            self::assertStringContainsString("order 2463, front: SHA-256 $hash", (string) shell_exec('zbarimg -q --raw ' . implode(' ', array_map(escapeshellarg(...), $pages)) . ' 2>/dev/null'), $kind);
            $text = (string) shell_exec("pdftotext -layout $folder/$kind.pdf - 2>/dev/null");
            self::assertStringContainsString('Front radar', $text);
            self::assertStringNotContainsString('<span', $text);
        }
        // The drawing is lines, not a picture of lines.
        self::assertSame('', trim((string) shell_exec("pdfimages -list $folder/insurer.pdf | tail -n +3")));
        exec('rm -rf ' . escapeshellarg($folder));
    }

    public function testAPdfIsKeptByWhatItShowsAndNotByWhenItWasMade(): void
    {
        $file = OrderFile::open($this->person(), $this->order('2463'));
        $made = '<tr><th>Report of</th><td>%s</td></tr>';
        $report = $this->app->make(OrderReport::class);
        self::assertStringContainsString(sprintf($made, ''), $report->html($file, ReportKind::Insurer, null));
        self::assertStringContainsString(sprintf($made, '11 Feb 2026, 09:06 UTC'), $report->html($file, ReportKind::Insurer, '2026-02-11T09:06:00.000Z'));
    }

    public function testARendererThatIsAwayLeavesTheReportReadable(): void
    {
        // None of it was made before, which would be given all the same.
        array_map(unlink(...), glob(storage_path('kept/*')) ?: []);
        $this->app->bind(PdfRenderer::class, static fn(): PdfRenderer => new class implements PdfRenderer {
            public function pdf(string $html): string
            {
                throw RendererUnavailable::because('weasyprint', 'not here');
            }
        });
        $this->actingAs($this->person())->get("/api/repair-orders/{$this->order('2463')}/report/customer.pdf")->assertStatus(503)->assertJsonPath('code', 'renderer-away');
        self::assertStringContainsString('Front radar', $this->report('customer'));
    }

    public function testNoTextOfAnybodyBecomesMarkup(): void
    {
        $script = '"\'><script>alert(1)</script><img src=x onerror=alert(1)>';
        // Every text that a report is given, whatever field it came from, carries a script.
        View::composer('report.page', static function (\Illuminate\View\View $view) use ($script): void {
            $poison = static function (mixed $value, string $key) use (&$poison, $script): mixed {
                return match (true) {
                    is_array($value) => array_combine(array_keys($value), array_map($poison, $value, array_map(strval(...), array_keys($value)))),
                    is_string($value) && ! in_array($key, ['qr', 'plan', 'src', 'font'], true) && preg_match('/^\d{4}-\d\d-\d\dT/', $value) !== 1 => $value . $script,
                    default => $value,
                };
            };
            foreach ($view->getData() as $key => $value) {
                if ((is_array($value) || is_string($value)) && $key !== 'font') {
                    $view->with($key, $poison($value, $key));
                }
            }
        });
        foreach (['2463', '2468', '2470', '2474'] as $number) {
            foreach (['customer', 'insurer', 'shop'] as $kind) {
                $html = $this->report($kind, $number);
                self::assertStringContainsString('&lt;script&gt;alert(1)', $html);
                self::assertStringNotContainsString('<script', $html);
                self::assertStringNotContainsString('<img src=x', $html);
            }
        }
        self::assertStringContainsString("default-src 'none'", (string) $this->get("/api/repair-orders/{$this->order('2463')}/report/shop")->headers->get('Content-Security-Policy'));
    }

    public function testAPlansNamesAreTextsToo(): void
    {
        $plan = ['bay' => ['outline' => [[0, 0], [5000, 0], [5000, 3000], [0, 3000]], 'obstacles' => [['name' => '<script>"&', 'corners' => [[1, 1], [2, 2], [3, 1]]]]], 'car' => [], 'stand' => [], 'tapes' => [['reading' => 12, 'kind' => 'tape', 'from' => null, 'to' => 'x']]];
        $svg = PlanSvg::of($plan, Paper::of(Shop::query()->firstOrFail()));
        self::assertStringNotContainsString('<script', $svg);
        self::assertNotFalse(simplexml_load_string($svg));
    }

    public function testACellThatASpreadsheetWouldRunIsAText(): void
    {
        $this->prepare();
        $this->write('reading', ['call' => 'spot-offset', 'typed' => '3 mm left'])->assertOk();
        foreach (['=HYPERLINK("http://x.example","y")', '+1+2', '-1+cmd|\' /C calc\'!A0', '@SUM(1)', "\tx", '%0A', '|x'] as $i => $evil) {
            DB::table('readings')->insert([
                'shop_id' => $this->person()->shop_id, 'id' => (string) Str::uuid7(), 'sensor_task_id' => $this->task(), 'version' => 1000 + $i, 'user_id' => $this->person()->id,
                'person' => $evil, 'call' => 'split', 'typed' => $evil, 'millimetres' => -3.5, 'unit' => 'mm', 'instrument' => $evil,
            ]);
        }
        $csv = (string) $this->actingAs($this->person())->get("/api/repair-orders/{$this->order('2471')}/readings.csv")->assertOk()->assertHeader('X-Content-Type-Options', 'nosniff')->getContent();
        $stream = fopen('php://memory', 'r+');
        self::assertNotFalse($stream);
        fwrite($stream, $csv);
        rewind($stream);
        $heading = (array) fgetcsv($stream, escape: '');
        $lines = 0;
        while (is_array($row = fgetcsv($stream, escape: ''))) {
            self::assertCount(count($heading), $row);
            foreach ($row as $i => $cell) {
                if (! is_numeric($cell)) {
                    self::assertDoesNotMatchRegularExpression('/^[=+\-@\t\r%|]/', (string) $cell, (string) $heading[$i]);
                }
            }
            $lines++;
        }
        self::assertSame(8, $lines);
        self::assertStringContainsString(',-3.5,', $csv, 'a negative number stays a number');
    }

    public function testAnArchiveComesOutTheSameInAnotherShop(): void
    {
        $json = (string) $this->actingAs($this->person())->get("/api/repair-orders/{$this->order('2463')}/archive.json")->assertOk()->getContent();
        self::assertNull((new Schemas())->complaint('sealed-record', json_decode($json)->content->records[0]));
        $shop = Shop::query()->create(['name' => 'Elsewhere']);
        $clerk = User::query()->create(['shop_id' => $shop->id, 'name' => 'Clerk', 'email' => 'clerk@elsewhere.example', 'role' => 'office', 'password' => 'far-away-and-long']);
        $take = fn(string $bytes): TestResponse => $this->actingAs($clerk)->call('POST', '/api/archives?id=' . Str::uuid7(), content: $bytes);
        $found = $take($json)->assertOk();
        self::assertSame([[], null], [$found->json('records.0.differences'), $found->json('records.0.failure')]);
        $found->assertJsonPath('holds', true)->assertJsonPath('origin', 'Copper Lane Body Works')->assertJsonPath('records.0.again', 'holds')->assertJsonPath('records.0.differences', []);
        $take($json)->assertOk()->assertJsonPath('id', $found->json('id'));
        $this->getJson('/api/archives')->assertOk()->assertJsonCount(1, 'archives');
        $this->getJson('/api/archives/' . $this->text($found->json('id')))->assertOk()->assertJsonPath('number', '2463');
        $path = getenv('LUMBRO_SCRATCH') . '/archive.json';
        foreach ([0 => $json, 1 => str_replace('"Quillon Sable"', '"Quillon Sabre"', $json)] as $status => $bytes) {
            file_put_contents($path, $bytes);
            self::assertSame($status, \Illuminate\Support\Facades\Artisan::call('lumbro:verify', ['file' => $path]), \Illuminate\Support\Facades\Artisan::output());
        }
        $take(str_replace('"Quillon Sable"', '"Quillon Sabre"', $json))->assertOk()->assertJsonPath('holds', false);
        foreach (['PK', '{"format":"lumbro-archive/1"}', str_repeat('[', 100_000)] as $bytes) {
            $take($bytes)->assertStatus(422);
        }
        $this->actingAs($this->person())->call('POST', '/api/archives?id=' . Str::uuid7(), content: $json)->assertStatus(403);
        $this->actingAs($this->person('Oda Merrin'))->getJson('/api/archives')->assertOk()->assertJsonCount(0, 'archives');
        $this->getJson('/api/archives/' . $this->text($found->json('id')))->assertStatus(404);
    }

    public function testALinkShowsOneReportUntilItIsTakenBack(): void
    {
        $order = $this->order('2463');
        $give = fn(string $person, array $over = []): TestResponse => $this->actingAs($this->person($person))->postJson("/api/repair-orders/$order/links", ['id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'insurer', 'reader' => 'Sandmoor Mutual', 'days' => 14, ...$over]);
        $give('Ilse Corrant')->assertStatus(403);
        $give('Fenna Ostrel', ['days' => 0])->assertStatus(422)->assertJsonPath('path', '/days');
        $given = $give('Fenna Ostrel')->assertOk();
        $address = $this->text($given->json('address'));
        $secret = substr($address, strlen('/read/'));
        self::assertSame(0, DB::table('reader_links')->whereRaw('reader_links::text like ?', ["%$secret%"])->count(), 'only its hash is kept');
        $this->app->make('auth')->forgetGuards();
        $page = $this->get($address)->assertOk()->assertHeader('Referrer-Policy', 'no-referrer');
        self::assertStringContainsString('Radar calibration: evidence', (string) $page->getContent());
        self::assertNull($page->headers->get('Set-Cookie'));
        $this->get("$address/report.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->post($address)->assertStatus(405);
        $this->get('/read/' . strrev($secret))->assertStatus(404);
        $this->actingAs($this->person('Fenna Ostrel'))->getJson("/api/repair-orders/$order/links")->assertOk()->assertJsonCount(2, 'links.0.visits')->assertJsonMissingPath('address');
        DB::table('reader_links')->update(['expires_at' => now()->subMinute()]);
        $this->get($address)->assertStatus(404);
        DB::table('reader_links')->update(['expires_at' => now()->addDay()]);
        $this->get($address)->assertOk();
        $this->postJson("/api/repair-orders/$order/links/{$this->text($given->json('links.0.id'))}/revoke", ['id' => (string) Str::uuid7(), 'version' => 0])->assertOk()->assertJsonPath('links.0.works', false)->assertJsonPath('links.0.revokedBy', 'Fenna Ostrel');
        self::assertStringContainsString('This link does not work', (string) $this->get($address)->assertStatus(404)->getContent());
    }

    public function testGuessesAtLinksKeepNobodyOutAndALinkEndsWithWhoeverGaveIt(): void
    {
        $address = $this->text($this->actingAs($this->person('Fenna Ostrel'))->postJson("/api/repair-orders/{$this->order('2463')}/links", ['id' => (string) Str::uuid7(), 'version' => 0, 'kind' => 'insurer', 'reader' => 'Sandmoor Mutual', 'days' => 14])->assertOk()->json('address'));
        $this->app->make('auth')->forgetGuards();
        for ($i = 0; $i < 60; $i++) {
            $this->get('/read/' . str_repeat(chr(97 + $i % 26), 43))->assertStatus(404);
        }
        $this->get($address)->assertOk();
        DB::table('users')->where('name', 'Fenna Ostrel')->update(['active' => false]);
        $this->get($address)->assertStatus(404);
        DB::table('users')->where('name', 'Fenna Ostrel')->update(['active' => true]);
        $statuses = [];
        for ($i = 0; $i < 41; $i++) {
            $statuses[] = $this->get($address)->status();
        }
        self::assertSame([200, 429], array_values(array_unique($statuses)), 'its own visits are bounded');
    }

    private function text(mixed $value): string
    {
        return is_string($value) ? $value : self::fail('No text came.');
    }
}
