<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeArchive;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Uuid;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Reports\OrderArchive;
use App\Reports\ReportResponse;
use App\Signing\SealBooks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Orders as files for other installations, and theirs here. */
final class ArchiveController
{
    private const LISTED = 200;

    public function give(Request $request, string $order, SealBooks $books): Response
    {
        $file = OrderFile::open(Answer::user($request), $order);

        return ReportResponse::download(OrderArchive::of($file, $books), 'application/json', 'lumbro-' . preg_replace('/[^\w-]/', '', $file->row->number) . '-archive.json');
    }

    /** All that the shop has sealed, entry by entry, for whoever checks it elsewhere. */
    public function book(Request $request, SealBooks $books): Response
    {
        return ReportResponse::download(json_encode($books->document(Answer::user($request)->shop_id), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT) . "\n", 'application/json', 'lumbro-seal-book.json');
    }

    public function take(Request $request, TakeArchive $action): JsonResponse
    {
        $user = Answer::user($request);

        return Answer::json($this->page($user->shop_id, $action($user, Uuid::of($request->query('id'), '/id'), $request->getContent())));
    }

    public function index(Request $request): JsonResponse
    {
        $rows = DB::table('archives')->where('shop_id', Answer::user($request)->shop_id)->orderByDesc('taken_at')->orderByDesc('id')->limit(self::LISTED)
            ->get(['id', 'origin', 'number', 'vehicle', 'plate', 'findings', 'person', 'taken_at']);

        return Answer::json(['archives' => $rows->map(self::line(...))->values()->all()]);
    }

    public function show(Request $request, string $archive): JsonResponse
    {
        return Answer::json($this->page(Answer::user($request)->shop_id, $archive));
    }

    public function photo(Request $request, string $archive, string $hash): Response
    {
        $document = DB::table('archives')->where('shop_id', Answer::user($request)->shop_id)->where('id', $archive)->value('document');
        $read = is_string($document) ? json_decode($document, true, 128) : null;
        $bytes = is_array($read) && is_string($read['files'][$hash] ?? null) ? base64_decode($read['files'][$hash], true) : false;
        // What says to be a picture in somebody else's file is shown only where it is one.
        $image = $bytes === false ? false : @getimagesizefromstring($bytes);
        $type = $image === false ? null : $image['mime'];
        if ($bytes === false || ! in_array($type, ['image/jpeg', 'image/png', 'image/webp'], true)) {
            throw Refusal::notFound('photo');
        }

        return new Response($bytes, 200, [
            'Content-Type' => $type,
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    /** @return array<string, mixed> */
    private function page(string $shop, string $archive): array
    {
        $row = DB::table('archives')->where('shop_id', $shop)->where('id', $archive)->first(['id', 'origin', 'number', 'vehicle', 'plate', 'findings', 'person', 'taken_at']);

        return $row === null ? throw Refusal::notFound('archive') : self::line($row);
    }

    /** @return array<string, mixed> */
    private static function line(\stdClass $row): array
    {
        return [
            'id' => $row->id, 'origin' => $row->origin, 'number' => $row->number, 'vehicle' => $row->vehicle, 'plate' => $row->plate,
            'person' => $row->person, 'takenAt' => Moment::read($row->taken_at), ...self::findings($row->findings),
        ];
    }

    /** @return array<string, mixed> */
    private static function findings(string $json): array
    {
        $read = json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        // What was taken in before anybody signed has no key.
        return is_array($read) ? ['key' => null, ...$read] : [];
    }
}
