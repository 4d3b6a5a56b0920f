<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Input\Cursor;
use App\Models\Shop;
use App\Records\Moment;
use App\Watch\InstallationPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;

/** For those who lead the shop: how the installation stands, and who came in and changed what. */
final class InstallationController
{
    private const LISTED = 50;

    public function show(Request $request, InstallationPage $page): JsonResponse
    {
        return Answer::json($page->of(Shop::query()->findOrFail(Answer::user($request)->shop_id)));
    }

    public function log(Request $request): JsonResponse
    {
        $query = DB::table('shop_log')->where('shop_id', Answer::user($request)->shop_id)->limit(self::LISTED + 1);
        Cursor::apply($query, $request, [['at', 'desc', 'timestamptz'], ['id', 'desc', 'uuid']]);
        $rows = $query->get(['id', 'at', 'kind', 'person', 'about', 'address']);
        $shown = $rows->take(self::LISTED);
        $last = $shown->last();

        return Answer::json([
            'lines' => $shown->map(static fn(\stdClass $row): array => [
                'id' => $row->id, 'at' => Moment::read($row->at), 'address' => $row->address,
                'says' => Message::of("log.$row->kind", ['person' => $row->person, 'about' => (string) $row->about]),
            ])->values()->all(),
            'next' => $rows->count() > self::LISTED && $last instanceof \stdClass ? Cursor::of($last, ['at', 'id']) : null,
        ]);
    }
}
