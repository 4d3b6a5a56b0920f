<?php

declare(strict_types=1);

// The core and its words need no installed package: their classes are found by their names.
spl_autoload_register(static function (string $class): void {
    foreach (['Lumbro\\Core\\Tests\\' => '/../tests/', 'Lumbro\\Core\\Derive\\' => '/../derive/', 'Lumbro\\Core\\' => '/../src/', 'Lumbro\\Words\\' => '/../../words/src/'] as $prefix => $folder) {
        if (str_starts_with($class, $prefix)) {
            require __DIR__ . $folder . str_replace('\\', '/', substr($class, strlen($prefix))) . '.php';

            return;
        }
    }
});

// Full double precision, in the fewest digits that keep it.
ini_set('serialize_precision', '-1');
