<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\DayPage;
use App\Day\DayPlans;
use App\Day\EstimatesPage;
use App\Day\OutsidePage;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Http\Replay;
use App\Input\Body;
use App\Models\User;
use App\Records\Moment;
use App\Records\ShopClock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;

/** The day: its plan, and what somebody fixes of it by hand. */
final class DayController
{
    public function show(Request $request): JsonResponse
    {
        return Answer::json(DayPage::of(Answer::user($request)));
    }

    /** Fixes when, by whom or where a stage is done; with nothing of it, lets it go again. */
    public function pin(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['stage'], ['at', 'person', 'bay']);
        $stage = $body->text('stage', 300);
        [$order] = explode(' ', $stage);
        $at = $body->has('at') ? ShopClock::checked($body->text('at', 16), '/at') : null;
        $person = $body->has('person') ? self::of($user, 'users', $body->uuid('person'), '/person', 'people.none') : null;
        $bay = $body->has('bay') ? self::of($user, 'bays', $body->uuid('bay'), '/bay', 'bay.none') : null;
        if (preg_match('/^[0-9a-f-]{36}$/', $order) !== 1 || ! DB::table('repair_orders')->where('shop_id', $user->shop_id)->where('id', $order)->exists()) {
            throw Refusal::field('/stage', Message::of('day.no-stage'));
        }
        $pins = DB::table('day_pins')->where('shop_id', $user->shop_id)->where('stage', $stage);
        if ($at === null && $person === null && $bay === null) {
            $pins->delete();
        } else {
            DB::table('day_pins')->upsert([[
                'shop_id' => $user->shop_id, 'id' => $body->id, 'repair_order_id' => $order, 'stage' => $stage,
                'at_hour' => $at, 'user_id' => $person, 'bay_id' => $bay, 'person' => $user->name, 'made_at' => Moment::now(),
            ]], ['shop_id', 'stage'], ['at_hour', 'user_id', 'bay_id', 'person', 'made_at']);
        }

        return Answer::json(DayPage::of($user));
    }

    /** Everything planned anew, whatever was told. */
    public function anew(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        Body::of($request, []);
        DayPlans::anew($user, $request->attributes->has(Replay::ASIDE));

        return Answer::json(DayPage::of($user));
    }

    /** Puts a practice shop's clock to an hour, or lets it go right again. */
    public function clock(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, [], ['at']);
        if (! ShopClock::of($user->shop_id)->canBeSet) {
            throw Refusal::conflict('no-practice-shop', Message::of('day.clock-real'));
        }
        ShopClock::set($user->shop_id, $body->has('at') ? ShopClock::checked($body->text('at', 16), '/at') : null);

        return Answer::json(DayPage::of($user));
    }

    /** What stages were expected to take, and what they took. */
    public function estimates(Request $request): JsonResponse
    {
        return Answer::json(EstimatesPage::of(Answer::user($request)));
    }

    /** What it would cost to send a car out, beside keeping it. */
    public function outside(Request $request, string $order): JsonResponse
    {
        return Answer::json(OutsidePage::of(Answer::user($request), $order));
    }

    /** An id of the shop's own. */
    private static function of(User $user, string $table, string $id, string $path, string $code): string
    {
        return DB::table($table)->where('shop_id', $user->shop_id)->where('id', $id)->exists() ? $id : throw Refusal::field($path, Message::of($code));
    }
}
