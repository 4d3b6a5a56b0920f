<?php

declare(strict_types=1);

// tests/template.php: the demo shop that all databases of a run are copies of, made while the interface is still being built.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Tests\Support\TestDatabase;

require __DIR__ . '/../vendor/autoload.php';

$app = require __DIR__ . '/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
TestDatabase::create('lumbro_test_first', $app);
