<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Symfony\Component\HttpFoundation\Response;

/** Gives every request a number: in each line of the log it leads to, in its answer, and in words where something went wrong. */
final class Traced
{
    private const CHARACTERS = 12;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        Log::withContext(['request' => self::number($request), 'method' => $request->method(), 'path' => substr(self::path($request), 0, 200)]);

        return $next($request);
    }

    /** The number of a request: the server's own, or one that is made up where none stands before the application. */
    public static function number(Request $request): string
    {
        $given = $request->server('LUMBRO_REQUEST');
        if (! is_string($given) || $given === '') {
            $given = bin2hex(random_bytes(intdiv(self::CHARACTERS, 2)));
            $request->server->set('LUMBRO_REQUEST', $given);
        }

        return substr($given, 0, self::CHARACTERS);
    }

    /** A link's secret is its key: it is in no log. */
    private static function path(Request $request): string
    {
        return (string) preg_replace('~^read/[^/]+~', 'read/…', $request->path());
    }
}
