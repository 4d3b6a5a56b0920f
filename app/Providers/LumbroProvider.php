<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Replay;
use App\People\SessionRows;
use App\Queue\Beat;
use App\Queue\Lost;
use App\Queue\Server;
use App\Queue\Woken;
use App\Reports\PdfRenderer;
use App\Reports\QrCode;
use App\Reports\QrEncode;
use App\Reports\WeasyPrint;
use App\Signing\Signer;
use App\Signing\SocketSigner;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Queue\Events\Looping;
use Illuminate\Queue\Worker;
use Illuminate\Session\SessionManager;
use Illuminate\Support\ServiceProvider;

/** Settings of the framework that hold everywhere. */
final class LumbroProvider extends ServiceProvider
{
    /** @var array<class-string, class-string> port → what stands in it */
    public array $bindings = [
        PdfRenderer::class => WeasyPrint::class,
        QrCode::class => QrEncode::class,
        Server::class => Replay::class,
    ];

    public function register(): void
    {
        $this->app->singleton(Signer::class, static fn(): Signer => new SocketSigner((string) config('lumbro.signer')));
        $this->app->extend('session', static fn(SessionManager $sessions, Application $app): SessionManager => $sessions->extend('database', static fn(): SessionRows => new SessionRows($app->make('db')->connection(), (string) config('session.table'), (int) config('session.lifetime'), $app)));
        $this->app->extend('queue.worker', static fn(Worker $worker): Worker => Woken::of($worker));
    }

    public function boot(): void
    {
        ini_set('serialize_precision', '-1');
        Model::shouldBeStrict(config('app.env') !== 'production');
        if ($this->app->runningInConsole()) {
            // A worker's children make connections of their own; one that is kept would be theirs and its.
            config(['database.connections.app.options' => [\PDO::ATTR_PERSISTENT => false] + (array) config('database.connections.app.options')]);
        }
        $this->app->make('events')->listen(Looping::class, static function (): void {
            Beat::touch();
            Lost::look();
        });
    }
}
