<?php

declare(strict_types=1);

namespace App\Providers;

use App\Reports\PdfRenderer;
use App\Reports\QrCode;
use App\Reports\QrEncode;
use App\Reports\WeasyPrint;
use App\Signing\Signer;
use App\Signing\SocketSigner;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

/** Settings of the framework that hold everywhere. */
final class LumbroProvider extends ServiceProvider
{
    /** @var array<class-string, class-string> port → what stands in it */
    public array $bindings = [
        PdfRenderer::class => WeasyPrint::class,
        QrCode::class => QrEncode::class,
    ];

    public function register(): void
    {
        $this->app->singleton(Signer::class, static fn(): Signer => new SocketSigner((string) config('lumbro.signer')));
    }

    public function boot(): void
    {
        ini_set('serialize_precision', '-1');
        Model::shouldBeStrict(config('app.env') !== 'production');
    }
}
