<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Imports\MakerPage;
use App\Photos\PhotoBytes;
use App\Photos\PhotoStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The makers' pages that cards are typed from: they are looked at in the shop, and go into no report, link or archive. */
final class CardPageController
{
    public function add(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $page = MakerPage::read($request->getContent());
        array_map(PhotoStore::keep(...), $page->pages);
        DB::table('card_pages')->insertOrIgnore([
            'shop_id' => $user->shop_id, 'hash' => $page->hash, 'name' => mb_substr((string) $request->query('name', 'page'), 0, 200), 'user_id' => $user->id,
            'pages' => json_encode(array_map(static fn(PhotoBytes $one): array => ['hash' => $one->hash(), 'type' => $one->type, 'width' => $one->width, 'height' => $one->height], $page->pages), JSON_THROW_ON_ERROR),
        ]);

        return $this->show($request, $page->hash);
    }

    public function show(Request $request, string $hash): JsonResponse
    {
        $row = $this->find($request, $hash);

        return Answer::json(['hash' => $hash, 'name' => $row->name, 'pages' => array_map(static fn(\stdClass $page): array => ['width' => $page->width, 'height' => $page->height], $row->pages)]);
    }

    public function image(Request $request, string $hash, string $number): Response
    {
        $page = $this->find($request, $hash)->pages[(int) $number - 1] ?? throw Refusal::notFound('page');

        return new Response(PhotoStore::read($page->hash, false) ?? throw Refusal::notFound('photo-file'), 200, [
            'Content-Type' => $page->type,
            'Content-Disposition' => 'inline; filename="page"',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    private function find(Request $request, string $hash): \stdClass
    {
        $row = DB::table('card_pages')->where('shop_id', Answer::user($request)->shop_id)->where('hash', $hash)->first() ?? throw Refusal::notFound('page');
        $row->pages = json_decode($row->pages, false, 8, JSON_THROW_ON_ERROR);

        return $row;
    }
}
