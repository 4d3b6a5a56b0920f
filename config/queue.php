<?php

declare(strict_types=1);

return [
    'default' => 'database',
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'jobs',
            'queue' => 'long',
            // Longer than any of it may take: what a dead worker held is given back sooner, by App\Queue\Lost.
            'retry_after' => 900,
            'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => 'null'],
];
