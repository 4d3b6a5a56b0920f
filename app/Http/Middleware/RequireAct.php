<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Failure\Refusal;
use App\Http\Answer;
use Closure;
use Illuminate\Http\Request;
use Lumbro\Core\People\Act;
use Symfony\Component\HttpFoundation\Response;

/** Lets only people pass whose role may do what the route does. */
final class RequireAct
{
    /** @param string $act value of one of the core's acts */
    public function handle(Request $request, Closure $next, string $act): Response
    {
        $wanted = Act::from($act);
        if (! Answer::user($request)->may($wanted)) {
            throw Refusal::forbidden($wanted->refusal());
        }

        return $next($request);
    }
}
