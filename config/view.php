<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    // Made where it is missing: a storage folder of its own begins empty.
    'compiled' => storage_path('framework/views'),
];
