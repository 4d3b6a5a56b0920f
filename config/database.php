<?php

declare(strict_types=1);

$server = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '5432'),
    'database' => env('DB_DATABASE', 'lumbro'),
    'charset' => 'utf8',
    'search_path' => 'public',
    'sslmode' => 'prefer',
];

return [
    'default' => 'app',
    'connections' => [
        // What the application works as: it can add to the record, never change it.
        'app' => $server + [
            'username' => env('DB_USERNAME', 'lumbro_app'),
            'password' => env('DB_PASSWORD', ''),
            'options' => [
                // Connecting costs more than a request's queries; each worker keeps its connection.
                PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
                PDO::ATTR_TIMEOUT => 5,
            ],
        ],
        // What owns the tables: migrations alone work as it, and the server never knows its password.
        'owner' => $server + [
            'username' => env('DB_OWNER_USERNAME', 'lumbro_owner'),
            'password' => env('DB_OWNER_PASSWORD', ''),
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
