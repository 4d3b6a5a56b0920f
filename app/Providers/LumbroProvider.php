<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

/** Settings of the framework that hold everywhere. */
final class LumbroProvider extends ServiceProvider
{
    public function boot(): void
    {
        ini_set('serialize_precision', '-1');
        Model::shouldBeStrict(config('app.env') !== 'production');
    }
}
