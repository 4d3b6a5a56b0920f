<?php

declare(strict_types=1);

return [
    // Where photos lie, by their hash.
    'photos' => env('LUMBRO_PHOTOS', dirname(__DIR__) . '/var/photos'),
    // What the nightly backup says of itself, and the certificate the network is served with; empty for none.
    'backup-state' => dirname(__DIR__) . '/var/backup-state',
    'certificate' => env('LUMBRO_SERVED_CERTIFICATE', ''),
    // Where the service that keeps the shops' keys is asked; empty for none.
    'signer' => env('LUMBRO_SIGNER', dirname(__DIR__) . '/var/run/signer/socket'),
];
