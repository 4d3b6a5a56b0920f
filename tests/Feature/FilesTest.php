<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Files from outside: photos, scans, estimates, cards. Known by their content, taken in whole or not at all. */
final class FilesTest extends FeatureCase
{
    public function testAPhotoIsMadeAnewWithoutWhatItHidAndKeepsItsPlaceOnlyOnPurpose(): void
    {
        $jpeg = self::jpegWithPlace();
        self::assertStringContainsString('GPS-HIDDEN', $jpeg);
        $order = $this->order();
        $this->send("repair-orders/$order/photos", $jpeg, ['id' => (string) Str::uuid7(), 'about' => 'photo', 'sensor' => 'front'])->assertOk()->assertJsonPath('photos.0.about', 'photo');
        $row = DB::table('photos')->where('repair_order_id', $order)->first();
        self::assertNotNull($row);
        self::assertNull($row->location);
        $kept = $this->get("/api/photos/{$row->id}")->assertOk();
        self::assertSame(['image/jpeg', 'nosniff'], [$kept->headers->get('Content-Type'), $kept->headers->get('X-Content-Type-Options')]);
        self::assertStringNotContainsString('GPS-HIDDEN', (string) $kept->getContent());
        self::assertSame(hash('sha256', (string) $kept->getContent()), $row->hash);
        [$width, $height] = (array) getimagesizefromstring((string) $this->get("/api/photos/{$row->id}/thumbnail")->assertOk()->getContent());
        self::assertLessThanOrEqual(360, max($width, $height));
        // Turned upright: the picture lay on its side.
        self::assertSame([300, 400], [$row->width, $row->height]);
        $this->send("repair-orders/$order/photos", $jpeg, ['id' => (string) Str::uuid7(), 'about' => 'car', 'keepLocation' => '1'])->assertOk();
        $location = json_decode((string) DB::table('photos')->where('repair_order_id', $order)->whereNotNull('location')->value('location'), true);
        self::assertIsArray($location);
        self::assertEqualsWithDelta(48.5, $location['latitude'], 1e-9);
        self::assertEqualsWithDelta(-9.25, $location['longitude'], 1e-9);
    }

    public function testPngAndWebpAreTakenToo(): void
    {
        $order = $this->order();
        foreach (['imagepng' => 'image/png', 'imagewebp' => 'image/webp'] as $write => $type) {
            $id = (string) Str::uuid7();
            foreach ([1, 2] as $turn) {
                $this->send("repair-orders/$order/photos", self::picture($write), ['id' => $id, 'about' => 'car'])->assertOk();
            }
            self::assertSame($type, $this->get("/api/photos/$id")->assertOk()->headers->get('Content-Type'));
        }
        self::assertSame(2, DB::table('photos')->where('repair_order_id', $order)->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function badPhotos(): iterable
    {
        $png = self::picture('imagepng');
        yield 'a page' => ['<html><script>alert(1)</script>', 'no JPEG, PNG or WebP'];
        yield 'a drawing with script' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'no JPEG, PNG or WebP'];
        yield 'an animation' => ["GIF89a\x01\x00\x01\x00\x80\x00\x00\x00\x00\x00\xff\xff\xff!\xf9\x04\x01\x00\x00\x00\x00,\x00\x00\x00\x00\x01\x00\x01\x00\x00\x02\x02D\x01\x00;", 'no JPEG, PNG or WebP'];
        yield 'a head without a body' => [substr($png, 0, 60), 'cannot be read as one'];
        yield 'a bomb' => [self::bomb(), 'pixels'];
        yield 'nothing' => ['', 'no JPEG, PNG or WebP'];
        yield 'too many bytes' => [$png . str_repeat("\0", 20 * 1024 * 1024), 'larger than 20 MB'];
    }

    #[DataProvider('badPhotos')]
    public function testWhatIsNoPictureIsRefused(string $bytes, string $reason): void
    {
        $order = $this->order();
        $answer = $this->send("repair-orders/$order/photos", $bytes, ['id' => (string) Str::uuid7(), 'about' => 'car'])->assertStatus(422);
        self::assertStringContainsString($reason, (string) $answer->json('title'));
        self::assertSame(0, DB::table('photos')->where('repair_order_id', $order)->count());
    }

    public function testAPolyglotLosesItsOtherHalf(): void
    {
        $order = $this->order();
        $id = (string) Str::uuid7();
        $this->send("repair-orders/$order/photos", self::picture('imagepng') . '<?php system($_GET["x"]); ?><script>alert(1)</script>', ['id' => $id, 'about' => 'car'])->assertOk();
        $kept = (string) $this->get("/api/photos/$id")->assertOk()->getContent();
        self::assertStringNotContainsString('<?php', $kept);
        self::assertStringNotContainsString('<script', $kept);
    }

    public function testAScanIsKeptAsReadAndSortedByTheRules(): void
    {
        $order = $this->order();
        $csv = "\u{feff}unit;code;text;status\r\nFront radar;C2A52;\"Axis; not learned\";stored\r\nGateway;U3001;;stored\r\nEngine;P0442;Small leak;pending\r\nSeat heater;B9999;Who knows;stored\r\n";
        $scan = $this->scan($order, $csv)->assertOk()->json('scans.0');
        self::assertSame(['expected-before', 'blocking', 'unrelated', 'unsorted'], array_column($scan['codes'], 'sort'));
        self::assertSame('Axis; not learned', $scan['codes'][0]['text']);
        self::assertContains('Trouble code U3001 in Gateway: The gateway refuses routines while this is stored.', array_column($this->getJson("/api/tasks/{$this->task()}")->json('bars'), 'says'));
        $json = json_encode(['tool' => 'Some tool', 'readAt' => '2026-11-25 09:00', 'voltage' => 12.6, 'codes' => []]);
        $this->scan($order, (string) $json)->assertOk()->assertJsonPath('scans.0.codes', []);
        self::assertSame([], array_values(preg_grep('/U3001/', array_column($this->getJson("/api/tasks/{$this->task()}")->json('bars'), 'says')) ?: []));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function badScans(): iterable
    {
        yield 'a formula' => ["unit,code,text\nGateway,U1,=HYPERLINK(\"http://x\")\n", '/2/text', 'begins with “=”'];
        yield 'a missing column' => ["unit,text\nGateway,x\n", '/1', 'The column “code” is missing'];
        yield 'an unknown column' => ["unit,code,mood\nGateway,U1,good\n", '/1', '“mood” is not a column here'];
        yield 'a column twice' => ["unit,code,code\nGateway,U1,U1\n", '/1', 'twice'];
        yield 'an empty cell' => ["unit,code\nGateway,\n", '/2/code', 'is empty'];
        yield 'another encoding' => ["unit,code,text\nGateway,U1,L\xe4rm\n", '/2/text', 'not UTF-8'];
        yield 'two bytes a character' => ["\xff\xfeu\0n\0i\0t\0", '', 'not UTF-8'];
        yield 'too many rows' => ["unit,code\n" . str_repeat("Gateway,U1\n", 2500), '', 'more than 2000 rows'];
        yield 'nothing' => ['', '', 'is empty'];
        yield 'an unknown field' => ['{"tool":"x","readAt":"x","codes":[],"mood":1}', '/mood', '“mood” is not a field here'];
        yield 'a deep nest' => [str_repeat('[', 5000), '', 'not a JSON document'];
    }

    #[DataProvider('badScans')]
    public function testABadScanIsRefusedWithItsRowAndColumn(string $text, string $path, string $reason): void
    {
        $order = $this->order();
        $answer = $this->scan($order, $text)->assertStatus(422);
        self::assertSame($path === '' ? '' : $path, (string) $answer->json('path'), (string) $answer->getContent());
        self::assertStringContainsString($reason, (string) $answer->json('title'));
    }

    public function testEstimatesAreReadStepByStepAndTakenInWhole(): void
    {
        $csv = "order,vehicle,plate,line,operation,state\n"
            . "E-1,Tessara Halyard,CL 1,Front bumper cover paint,,\nE-1,Tessara Halyard,CL 1,Left front radar replace,,due\nE-1,Tessara Halyard,CL 1,Polish the ashtray,,\n"
            . "E-2,Quillon Sable estate,CL 2,Geometry,wheel-alignment,\n";
        $ready = $this->import('estimates', $csv);
        self::assertSame(['ready', 4, 2], [$ready['state'], $ready['rows'], $ready['found']]);
        self::assertSame(['Polish the ashtray'], $ready['preview'][0]['open']);
        self::assertSame(0, DB::table('repair_orders')->where('number', 'E-1')->count());
        $this->postJson("/api/imports/{$ready['id']}/take")->assertOk()->assertJsonPath('taken', 2);
        $this->postJson("/api/imports/{$ready['id']}/take")->assertOk();
        $id = $this->getJson('/api/repair-orders?search=e-1')->assertJsonPath('orders.0.waits.kind', 'estimate')->json('orders.0.id');
        $order = $this->getJson("/api/repair-orders/$id")->assertOk()->json();
        self::assertSame(['front-cover-painted', 'sensor-replaced@front-left'], array_column($order['operations'], 'code'));
        self::assertSame(['done', 'due'], array_column($order['operations'], 'state'));
        self::assertSame('the estimate', $order['operations'][0]['word']);
        self::assertSame(['Polish the ashtray'], array_column($order['estimateLines'], 'text'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function badEstimates(): iterable
    {
        $head = "order,vehicle,line,plate,vin,operation,state\n";
        yield 'no such car' => [$head . "E-1,Unknown Thing,Paint,,,,\n", 'Row 2, vehicle: no vehicle sheet of the shop fits “Unknown Thing”'];
        yield 'a number that is taken' => [$head . "2471,Quillon Sable,Paint,,,,\n", 'Row 2, order: the shop has an order “2471” already'];
        yield 'an order in two places' => [$head . "E-1,Quillon Sable,A,,,,\nE-2,Quillon Sable,B,,,,\nE-1,Quillon Sable,C,,,,\n", 'Row 4, order: “E-1” stood further up'];
        yield 'two cars in one order' => [$head . "E-1,Quillon Sable,A,,,,\nE-1,Tessara Brink,B,,,,\n", 'Row 3, vehicle: this differs'];
        yield 'a bad VIN' => [$head . "E-1,Quillon Sable,A,,ABC,,\n", 'Row 2: A VIN has 17 characters; this has 3.'];
        yield 'an unknown operation' => [$head . "E-1,Quillon Sable,A,,,polish,\n", 'Row 2: There is no operation “polish”'];
        yield 'an unknown state' => [$head . "E-1,Quillon Sable,A,,,,soon\n", 'Use “done” or “due”'];
        yield 'a formula' => [$head . "E-1,Quillon Sable,@SUM(A1),,,,\n", 'begins with “@”'];
        yield 'a number with a script' => [$head . "<script>,Quillon Sable,A,,,,\n", 'Row 2: '];
        yield 'no rows' => [$head, 'no rows'];
        yield 'a wrong heading' => ["a,b\n1,2\n", '“a” is not a column here'];
        yield 'another encoding' => [$head . "E-1,Quillon Sable,L\xe4rm,,,,\n", 'not UTF-8'];
    }

    #[DataProvider('badEstimates')]
    public function testABadEstimateIsRefusedWithRowAndColumnAndNothingIsTakenIn(string $csv, string $reason): void
    {
        $before = DB::table('repair_orders')->count();
        $refused = $this->import('estimates', $csv);
        self::assertSame('refused', $refused['state']);
        self::assertStringContainsString($reason, implode("\n", array_column($refused['errors'], 'says')));
        $this->postJson("/api/imports/{$refused['id']}/take")->assertStatus(409);
        self::assertSame($before, DB::table('repair_orders')->count());
    }

    public function testFiftyThousandRowsAreReadInStepsAndCanBeCancelled(): void
    {
        $csv = "order,vehicle,line\n";
        for ($i = 0; $i < 50_000; $i++) {
            $csv .= 'B-' . intdiv($i, 25) . ",Quillon Sable,Front bumper line $i\n";
        }
        $this->actingAs($this->person());
        $id = (string) Str::uuid7();
        $begun = $this->send('imports', $csv, ['id' => $id, 'kind' => 'estimates', 'name' => 'big.csv'])->assertOk()->json();
        self::assertSame('reading', $begun['state']);
        $started = microtime(true);
        $one = $this->postJson("/api/imports/$id/steps")->assertOk()->json();
        self::assertLessThan(3.0, microtime(true) - $started);
        self::assertSame('reading', $one['state']);
        self::assertGreaterThan(0, $one['place']);
        self::assertLessThan($one['size'], $one['place']);
        $two = $this->postJson("/api/imports/$id/steps")->assertOk()->json();
        self::assertGreaterThan($one['rows'], $two['rows']);
        $this->postJson("/api/imports/$id/take")->assertStatus(409)->assertJsonPath('code', 'import-not-ready');
        $this->deleteJson("/api/imports/$id")->assertNoContent();
        self::assertSame([0, 0], [DB::table('imports')->count(), DB::table('import_rows')->count()]);
        $this->getJson("/api/imports/$id")->assertStatus(404);
        $this->actingAs($this->person('Bram Tolley'))->postJson("/api/imports/$id/steps")->assertStatus(404);
    }

    public function testCardsAreTakenInAsVersionsThatSomebodyChecks(): void
    {
        $folder = dirname(__DIR__, 2) . '/database/demo/cards/';
        $one = json_decode((string) file_get_contents($folder . 'quillon-sable-front.json'), true);
        self::assertIsArray($one);
        $file = json_encode(['cards' => [[...$one, 'title' => 'Taken in anew'], [...$one, 'id' => 'another-one', 'title' => 'Another']]]);
        $this->actingAs($this->person());
        $this->send('imports', (string) $file, ['id' => (string) Str::uuid7(), 'kind' => 'cards', 'name' => 'x'])->assertStatus(403);
        $ready = $this->import('cards', (string) $file, 'Oda Merrin');
        self::assertSame(['ready', 2], [$ready['state'], $ready['found']]);
        $this->postJson("/api/imports/{$ready['id']}/take")->assertOk()->assertJsonPath('taken', 2);
        $row = DB::table('procedure_cards')->where('document->id', 'quillon-sable-front')->where('newest', true)->first();
        self::assertNotNull($row);
        self::assertSame([2, 'Taken in anew', null], [$row->version, $row->name, $row->checked_at]);
        $bad = $this->import('cards', (string) json_encode(['cards' => [$one, [...$one, 'spot' => [...$one['spot'], 'along' => 'far']], [...$one, 'id' => 'Bad Id']]]), 'Oda Merrin');
        self::assertSame(['refused', 2], [$bad['state'], $bad['refused']]);
        self::assertSame('/cards/1/spot/along', $bad['errors'][0]['path']);
    }

    /** An order as somebody who is signed in finds it. */
    protected function order(string $number = '2471'): string
    {
        $this->actingAs($this->person());

        return parent::order($number);
    }

    /** @return array<string, mixed> what the file came to */
    private function import(string $kind, string $text, string $person = 'Ilse Corrant'): array
    {
        $this->actingAs($this->person($person));
        $id = (string) Str::uuid7();
        $state = $this->send('imports', $text, ['id' => $id, 'kind' => $kind, 'name' => 'file'])->assertOk()->json();
        for ($i = 0; $i < 50 && $state['state'] === 'reading'; $i++) {
            $state = $this->postJson("/api/imports/$id/steps")->assertOk()->json();
        }

        return (array) $state;
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function scan(string $order, string $text): TestResponse
    {
        $version = $this->getJson("/api/repair-orders/$order")->json('version');

        return $this->send("repair-orders/$order/scans", $text, ['id' => (string) Str::uuid7(), 'version' => (string) (is_int($version) ? $version : 0), 'name' => 'scan.csv']);
    }

    /**
     * @param array<string, string> $query
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(string $path, string $bytes, array $query): TestResponse
    {
        return $this->call('POST', "/api/$path?" . http_build_query($query), [], [], [], ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'], $bytes);
    }

    private static function picture(string $write, int $width = 400, int $height = 300): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagefilledrectangle($image, 20, 20, 120, 90, (int) imagecolorallocate($image, 200, 160, 60));
        ob_start();
        $write($image);

        return (string) ob_get_clean();
    }

    /** A JPEG lying on its side, with Exif that says where it was taken: 48 degrees 30 minutes north, 9 degrees 15 minutes west. */
    private static function jpegWithPlace(): string
    {
        $entry = static fn(int $tag, int $type, int $count, string $value): string => pack('vvV', $tag, $type, $count) . str_pad($value, 4, "\0");
        $ifd = static fn(array $entries): string => pack('v', count($entries)) . implode('', $entries) . pack('V', 0);
        $rationals = static fn(int ...$numbers): string => implode('', array_map(static fn(int $number): string => pack('VV', $number, 1), $numbers));
        $gpsAt = 8 + 2 + 3 * 12 + 4;
        $dataAt = $gpsAt + 2 + 4 * 12 + 4;
        $zero = $ifd([$entry(0x0112, 3, 1, pack('v', 6)), $entry(0x010E, 2, 11, pack('V', $dataAt + 48)), $entry(0x8825, 4, 1, pack('V', $gpsAt))]);
        $gps = $ifd([$entry(1, 2, 2, "N\0"), $entry(2, 5, 3, pack('V', $dataAt)), $entry(3, 2, 2, "W\0"), $entry(4, 5, 3, pack('V', $dataAt + 24))]);
        $tiff = "II*\0" . pack('V', 8) . $zero . $gps . $rationals(48, 30, 0) . $rationals(9, 15, 0) . "GPS-HIDDEN\0";
        $app1 = "Exif\0\0" . $tiff;

        return "\xff\xd8\xff\xe1" . pack('n', strlen($app1) + 2) . $app1 . substr(self::picture('imagejpeg'), 2);
    }

    /** A PNG of a few bytes that says it is 60,000 pixels wide and high. */
    private static function bomb(): string
    {
        $chunk = static fn(string $type, string $data): string => pack('N', strlen($data)) . $type . $data . pack('N', crc32($type . $data));

        return "\x89PNG\r\n\x1a\n" . $chunk('IHDR', pack('NNCCCCC', 60_000, 60_000, 8, 2, 0, 0, 0)) . $chunk('IDAT', (string) gzcompress(str_repeat("\0", 1000))) . $chunk('IEND', '');
    }
}
