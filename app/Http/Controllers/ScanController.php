<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\DeviceRoom;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Imports\CsvReader;
use App\Input\Body;
use App\Input\Uuid;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\OrderPage;
use App\Records\Recorder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Codec\ScanTable;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Scan;
use Lumbro\Core\Journal\ScanTaken;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Scans of trouble codes: from the connected tool, or out of a file that some tool wrote. */
final class ScanController
{
    private const MOST_BYTES = 2 * 1024 * 1024;

    public function fromTool(Request $request, string $order, DeviceRoom $devices): JsonResponse
    {
        $body = Body::of($request, ['phase']);
        $phase = $body->node('phase')->oneOf(['pre', 'post']);

        return $this->taken(Answer::user($request), $order, $body->id, $body->version, $phase, 'tool', static fn(OrderFile $file): Scan => $devices->codeReader($file)->scan());
    }

    public function fromFile(Request $request, string $order): JsonResponse
    {
        $phase = (string) $request->query('phase', 'pre');
        if (! in_array($phase, ['pre', 'post'], true)) {
            throw Refusal::field('/phase', Message::of('scan.which'));
        }
        $version = (string) $request->query('version', '');
        if (preg_match('/^\d{1,9}$/', $version) !== 1) {
            throw Refusal::field('/version', Message::of('request.version'));
        }
        $name = mb_substr((string) $request->query('name', 'file'), 0, 100);
        $scan = self::read($request->getContent(), $name);

        return $this->taken(Answer::user($request), $order, Uuid::of($request->query('id'), '/id'), (int) $version, $phase, $name, static fn(): Scan => $scan);
    }

    private static function read(string $text, string $name): Scan
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw Refusal::field('/file', Message::of('file.too-large', ['most' => 2]));
        }
        $start = ltrim(substr($text, 0, 200), "\u{feff} \r\n\t");

        return str_starts_with($start, '{') || str_starts_with($start, '[')
            ? Document::read(Scan::class, Node::parse(ltrim($text, "\u{feff}")))
            : ScanTable::read(CsvReader::ofText($text)->rows(Scan::MOST), $name, Moment::now());
    }

    /** @param \Closure(OrderFile): Scan $scan */
    private function taken(User $user, string $order, string $id, int $version, string $phase, string $origin, \Closure $scan): JsonResponse
    {
        $file = DB::transaction(static function () use ($user, $order, $id, $version, $phase, $origin, $scan): OrderFile {
            $file = OrderFile::open($user, $order, true);
            if (! $file->has($id)) {
                Recorder::order($user, $file, new ScanTaken($id, $user->name, Moment::now(), $phase, $origin, $scan($file)), $version, false);
            }

            return $file;
        });

        return Answer::json(OrderPage::of($file));
    }
}
