<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Failure\Refusal;
use App\Models\User;
use App\People\Pads;
use App\People\SecondFactor;
use App\People\Sessions;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Lumbro\Core\Message\Message;
use Symfony\Component\HttpFoundation\Response;

/** Lets only people who have signed in, and still belong to the shop, pass. */
final class RequireSession
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (! $user instanceof User || ! $user->active) {
            throw Refusal::signIn();
        }

        if (Sessions::isOver($request)) {
            Auth::logout();
            $request->session()->invalidate();

            throw Refusal::signIn();
        }
        // The page still shows another person than the one who has signed in meanwhile: nothing is done in the wrong name.
        $shown = $request->header('X-Lumbro-Person');
        if (is_string($shown) && rawurldecode($shown) !== $user->email) {
            throw Refusal::signIn(Message::of('session.another'));
        }
        // What is due first is done in one's own account, which stays open for it.
        if (! $request->is('api/session', 'api/session/*') && ($user->must_change || SecondFactor::isDue($user))) {
            throw Refusal::forbidden(Message::of($user->must_change ? 'session.password-due' : 'session.second-due'));
        }

        Pads::bound($request);

        return $next($request);
    }
}
