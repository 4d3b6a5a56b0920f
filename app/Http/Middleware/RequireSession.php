<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Refusal;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets only people who have signed in pass. */
final class RequireSession
{
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->user() === null) {
            throw Refusal::signIn();
        }

        return $next($request);
    }
}
