<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Failure\Refusal;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
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

        return $next($request);
    }
}
