<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\Sessions;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Gives cookies only where they are new. An answer to what was asked before somebody else signed in may come after it: with a
 * cookie of its own it would put the earlier session in the place of the new one, and a reading would be in the wrong name.
 */
final class NewCookies
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        // Whoever is refused for want of a session is given none.
        $isRefused = $response->getStatusCode() === 401;
        foreach ($response->headers->getCookies() as $cookie) {
            $name = $cookie->getName();
            if (! in_array($name, [config('session.cookie'), 'XSRF-TOKEN'], true)) {
                continue;
            }
            $response->headers->removeCookie($name, $cookie->getPath(), $cookie->getDomain());
            if (! $isRefused && $request->cookies->get($name) !== $cookie->getValue()) {
                // Not renewed later: it lasts as long as any session may.
                $response->headers->setCookie($cookie->withExpires(time() + Sessions::HOURS * 3600));
            }
        }

        return $response;
    }
}
