<?php

declare(strict_types=1);

return [
    // Where photos lie, by their hash.
    'photos' => env('LUMBRO_PHOTOS', dirname(__DIR__) . '/var/photos'),
];
