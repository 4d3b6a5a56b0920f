<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says in the Server-Timing header how long the whole request took the server, in ms. */
final class ServerTiming
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $started = $request->server('REQUEST_TIME_FLOAT');
        if (is_numeric($started)) {
            $response->headers->set('Server-Timing', sprintf('app;dur=%.2f', (microtime(true) - (float) $started) * 1000));
        }

        return $response;
    }
}
