<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Failure\Refusal;
use App\Watch\Checks;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Takes nothing in where the disk is as good as full: a database without room to write ends, and takes everybody's work with it. */
final class RequireRoom
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && ! $request->is('api/session', 'api/session/*') && Checks::disk()['state'] === 'full') {
            throw Refusal::diskFull();
        }

        return $next($request);
    }
}
