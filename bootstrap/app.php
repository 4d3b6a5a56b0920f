<?php

declare(strict_types=1);

use App\Http\Middleware\BoundRequest;
use App\Http\Middleware\Deferred;
use App\Http\Middleware\EndedSession;
use App\Http\Middleware\KeepHidden;
use App\Http\Middleware\NewCookies;
use App\Http\Middleware\RequireAct;
use App\Http\Middleware\RequireRoom;
use App\Http\Middleware\RequireSession;
use App\Http\Middleware\ServerTiming;
use App\Http\Middleware\Traced;
use App\Http\Problem;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Lumbro\Core\Failure\CoreFailure;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__ . '/../routes/console.php',
        using: static function (): void {
            Route::middleware('browser')->prefix('api')->group(__DIR__ . '/../routes/api.php');
            Route::get('health', App\Http\Controllers\HealthController::class);
            Route::prefix('read')->group(__DIR__ . '/../routes/read.php');
        },
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        // Same origin only: nothing answers other sites.
        $middleware->remove(HandleCors::class);
        $middleware->prepend(ServerTiming::class);
        $middleware->prepend(Traced::class);
        $middleware->group('browser', [
            EncryptCookies::class,
            AddQueuedCookiesToResponse::class,
            NewCookies::class,
            StartSession::class,
            EndedSession::class,
            ValidateCsrfToken::class,
            BoundRequest::class,
            RequireRoom::class,
        ]);
        $middleware->alias(['signed-in' => RequireSession::class, 'may' => RequireAct::class, 'kept' => KeepHidden::class, 'long' => Deferred::class]);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(static fn(): bool => true);
        $exceptions->dontReport([CoreFailure::class, App\Failure\Refusal::class]);
        $exceptions->render(static fn(Throwable $failure, Request $request) => Problem::from($failure, Traced::number($request)));
    })
    ->create()
    ->useStoragePath(getenv('LUMBRO_STORAGE') ?: dirname(__DIR__) . '/var/storage');
