<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\SessionRows;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Never begins a session anew under the name of one that was ended. What was still under way in that one when it ended writes
 * into the row of its name at last: were there one again, whoever had been shut out would be signed in as before.
 */
final class EndedSession
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $rows = $request->session()->getHandler();
        if (! $rows instanceof SessionRows) {
            return $next($request);
        }
        if (! $rows->isThere()) {
            $request->session()->migrate();
        }
        $response = $next($request);
        // Whoever is refused for want of a session is given none (NewCookies).
        if ($response->getStatusCode() === 401) {
            $rows->forgo();
        }

        return $response;
    }
}
