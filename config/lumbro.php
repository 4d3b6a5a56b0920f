<?php

declare(strict_types=1);

return [
    // Where photos lie, by their hash.
    'photos' => env('LUMBRO_PHOTOS', dirname(__DIR__) . '/var/photos'),
    // Where the database lies, for how much room there is; empty where that is not known.
    'data' => env('LUMBRO_DATA', ''),
    // What the nightly backup says of itself, and the certificate the network is served with; empty for none.
    'backup-state' => dirname(__DIR__) . '/var/backup-state',
    'certificate' => env('LUMBRO_SERVED_CERTIFICATE', ''),
    // Where the network asks for it, and the certificate of the authority that tablets are to trust; empty for none.
    'address' => env('LUMBRO_ADDRESS', ''),
    'authority' => env('LUMBRO_AUTHORITY', ''),
    // Where the service that keeps the shops' keys is asked; empty for none.
    'signer' => env('LUMBRO_SIGNER', dirname(__DIR__) . '/var/run/signer/socket'),
    // Seconds that a worker gives to what takes long.
    'chore-seconds' => env('LUMBRO_CHORE_SECONDS', 120),
];
