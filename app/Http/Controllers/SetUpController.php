<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenShop;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Models\Shop;
use App\People\SetUpCode;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;

/** The first run: a shop is set up by whoever has the code that starting Lumbro printed. */
final class SetUpController
{
    public function show(): JsonResponse
    {
        $wanted = SetUpCode::isWanted();

        return Answer::json([
            'wanted' => $wanted,
            'practice' => Shop::query()->where('practice', true)->exists(),
            'kit' => $wanted ? OpenShop::checklist() : [],
            'zones' => $wanted ? \DateTimeZone::listIdentifiers() : [],
        ]);
    }

    public function open(Request $request, OpenShop $open, SessionController $session): JsonResponse
    {
        $body = Body::of($request, ['code', ...OpenShop::FIELDS]);
        if (! SetUpCode::isWanted()) {
            throw Refusal::conflict('set-up-already', Message::of('set-up.already'));
        }
        SetUpCode::check($body->text('code', 40));
        $user = DB::transaction(static function () use ($body, $open) {
            // Two who have the code at once make one shop.
            DB::select('select pg_advisory_xact_lock(7)');
            if (! SetUpCode::isWanted()) {
                throw Refusal::conflict('set-up-already', Message::of('set-up.already'));
            }
            $fields = [];
            foreach (OpenShop::FIELDS as $field) {
                $fields[$field] = $body->node($field);
            }
            [$user] = $open($fields);
            SetUpCode::spend();

            return $user;
        });
        Auth::login($user);
        $request->session()->regenerate();

        return $session->show($request);
    }
}
