<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => (int) env('SESSION_LIFETIME', 720),
    'expire_on_close' => false,
    'encrypt' => false,
    'connection' => null,
    'table' => 'sessions',
    'lottery' => [2, 100],
    'cookie' => 'lumbro_session',
    'path' => '/',
    'domain' => null,
    'secure' => (bool) env('SESSION_SECURE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
