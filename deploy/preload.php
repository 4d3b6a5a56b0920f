<?php

declare(strict_types=1);

// Loads the project's own classes once, when the server starts, instead of in every request.
require __DIR__ . '/../vendor/autoload.php';

foreach (['core/src' => 'Lumbro\\Core\\', 'app' => 'App\\'] as $folder => $namespace) {
    $root = dirname(__DIR__) . '/' . $folder;
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS));
    foreach ($files as $file) {
        assert($file instanceof SplFileInfo);
        if ($file->getExtension() === 'php') {
            class_exists($namespace . str_replace('/', '\\', substr($file->getPathname(), strlen($root) + 1, -4)));
        }
    }
}
