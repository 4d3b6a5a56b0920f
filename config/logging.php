<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'kept'),
    'channels' => [
        // What cannot be logged, where the disk is full, takes nobody's answer away.
        'kept' => ['driver' => 'stack', 'channels' => ['file'], 'ignore_exceptions' => true],
        // A line of JSON for each event, in a file for each day, of which a fortnight is kept.
        'file' => [
            'driver' => 'monolog',
            'handler' => Monolog\Handler\RotatingFileHandler::class,
            'handler_with' => ['filename' => storage_path('logs/lumbro.log'), 'maxFiles' => 14],
            'formatter' => Monolog\Formatter\JsonFormatter::class,
            'processors' => [App\Failure\ShortLines::class],
            'level' => env('LOG_LEVEL', 'warning'),
        ],
        'stderr' => [
            'driver' => 'monolog',
            'handler' => Monolog\Handler\StreamHandler::class,
            'handler_with' => ['stream' => 'php://stderr'],
            'formatter' => Monolog\Formatter\JsonFormatter::class,
            'processors' => [App\Failure\ShortLines::class],
            'level' => env('LOG_LEVEL', 'warning'),
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => storage_path('logs/emergency.log')],
    ],
];
