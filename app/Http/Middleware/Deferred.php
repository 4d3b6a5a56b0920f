<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Answer;
use App\Queue\Beat;
use App\Queue\Chore;
use App\Queue\Kind;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Keeps what takes long for a worker, where whoever asks would rather hear at once that it is underway (RFC 7240,
 * "respond-async"), and what always takes seconds in any case. Without a worker it is done here and now: nothing waits for
 * one that is not there.
 */
final class Deferred
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next, string $kind, string $always = ''): Response
    {
        $isPreferred = preg_match('/(^|[,;\s])respond-async([,;\s]|$)/', (string) $request->headers->get('Prefer')) === 1;
        if ((! $isPreferred && $always !== 'always') || ! Beat::isAlive()) {
            return $next($request);
        }
        $chore = Chore::keep(Answer::user($request), $request, Kind::from($kind), Traced::number($request));
        $answer = Answer::json($chore->progress());
        $answer->setStatusCode(202);
        $answer->headers->set('Location', "/api/chores/{$chore->row->id}");
        if ($isPreferred) {
            $answer->headers->set('Preference-Applied', 'respond-async');
        }

        return $answer;
    }
}
