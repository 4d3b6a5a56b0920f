<?php

declare(strict_types=1);

namespace App\Http;

use App\Failure\Refusal;
use App\Http\Middleware\KeepHidden;
use App\Http\Middleware\RequireAct;
use App\Models\User;
use App\Queue\Chore;
use App\Queue\Server;
use Illuminate\Http\Request;
use Illuminate\Pipeline\Pipeline;
use Illuminate\Routing\Router;
use Symfony\Component\HttpFoundation\Response;

/** A kept request, done as the server would have done it then. Who asked must still be let in, and may still do it. */
final readonly class Replay implements Server
{
    /** What a request carries that is done aside, by a worker, while whoever asked sees how far it is. */
    public const ASIDE = 'aside';

    public function __construct(private Router $router) {}

    public function of(Chore $chore): Response
    {
        $row = $chore->row;
        $request = Request::create($row->address, $row->method, [], [], [], array_filter([
            'CONTENT_TYPE' => $row->type, 'HTTP_ACCEPT' => 'application/json', 'LUMBRO_REQUEST' => $row->request, 'REMOTE_ADDR' => $row->from,
        ]), $chore->body());
        // The framework gives a request that is put in place a session's person, of which there is none here.
        app()->instance('request', $request);
        $request->setUserResolver(static fn(): ?User => User::query()->where('shop_id', $row->shop_id)->where('id', $row->user_id)->where('active', true)->first());
        $request->attributes->set(self::ASIDE, true);
        try {
            $route = $this->router->getRoutes()->match($request);
            $request->setRouteResolver(static fn() => $route);
            // Who it is and how much may come in was looked at when it was kept.
            $again = array_filter($this->router->gatherRouteMiddleware($route), static fn(mixed $one): bool => is_string($one) && in_array(strtok($one, ':'), [RequireAct::class, KeepHidden::class], true));

            return (new Pipeline(app()))->send($request)->through($again)->then(static fn(Request $request): Response => Router::toResponse($request, $route->run()));
        } catch (\Throwable $failure) {
            report($failure);

            return Problem::from($failure, $row->request);
        }
    }

    public function refused(Chore $chore, Refusal $why): Response
    {
        return Problem::from($why, $chore->row->request);
    }
}
