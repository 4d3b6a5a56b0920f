<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\GiveLink;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\People\ShopLog;
use App\Records\LinkPage;
use App\Records\Moment;
use App\Records\OrderFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Links for outside readers: given, listed with their visits, and taken back. */
final class LinkController
{
    public function index(Request $request, string $order): JsonResponse
    {
        $user = Answer::user($request);

        return Answer::json(LinkPage::of($user->shop_id, OrderFile::open($user, $order)->row->id));
    }

    public function give(Request $request, string $order, GiveLink $action): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ...GiveLink::FIELDS);
        $secret = $action($user, $order, $body);
        ShopLog::note(ShopLog::LINK, $user, $body->text('reader', 120, 2));

        return Answer::json([...LinkPage::of($user->shop_id, $order), 'address' => "/read/$secret"]);
    }

    public function revoke(Request $request, string $order, string $link): JsonResponse
    {
        $user = Answer::user($request);
        Body::of($request, []);
        $query = DB::table('reader_links')->where('shop_id', $user->shop_id)->where('repair_order_id', $order)->where('id', $link);
        if (! (clone $query)->exists()) {
            throw Refusal::notFound('link');
        }
        if ($query->whereNull('revoked_at')->update(['revoked_at' => Moment::now(), 'revoked_by' => $user->name]) === 1) {
            ShopLog::note(ShopLog::LINK_ENDED, $user, (string) DB::table('reader_links')->where('shop_id', $user->shop_id)->where('id', $link)->value('reader'));
        }

        return Answer::json(LinkPage::of($user->shop_id, $order));
    }
}
