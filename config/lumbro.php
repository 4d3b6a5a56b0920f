<?php

declare(strict_types=1);

return [
    // Where photos lie, by their hash.
    'photos' => env('LUMBRO_PHOTOS', dirname(__DIR__) . '/var/photos'),
    // Where the service that keeps the shops' keys is asked; empty for none.
    'signer' => env('LUMBRO_SIGNER', dirname(__DIR__) . '/var/run/signer/socket'),
];
