<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Answer;
use App\Practice\Hidden;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets nobody see what Lumbro makes of a car that is practised without advice, until it is answered. */
final class KeepHidden
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $task = $request->route('task');
        $order = $request->route('order');
        if (is_string($task) || is_string($order)) {
            Hidden::refuse(Answer::user($request), is_string($task) ? $task : null, is_string($order) ? $order : null);
        }

        return $next($request);
    }
}
