<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'database'),
    'stores' => [
        'database' => ['driver' => 'database', 'connection' => null, 'table' => 'cache'],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'lumbro_',
];
