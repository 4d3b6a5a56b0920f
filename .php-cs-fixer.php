<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'not_operator_with_successor_space' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
    ])
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setFinder(
        PhpCsFixer\Finder::create()
            ->in([__DIR__ . '/app', __DIR__ . '/core', __DIR__ . '/signer', __DIR__ . '/words', __DIR__ . '/bootstrap', __DIR__ . '/config', __DIR__ . '/database', __DIR__ . '/routes', __DIR__ . '/signer', __DIR__ . '/tests'])
            ->exclude('cache')
            ->append([__DIR__ . '/bin/pins', __DIR__ . '/artisan', __DIR__ . '/public/index.php', __DIR__ . '/core/bin/lumbro-core']),
    );
