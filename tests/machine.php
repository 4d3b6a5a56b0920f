<?php

declare(strict_types=1);

// tests/machine.php make|end NAME-NUMBER: the other machine for all tests of a run, made before any browser is opened.

use Tests\Support\Machine;

require __DIR__ . '/../vendor/autoload.php';

try {
    $argv[1] === 'make' ? Machine::made($argv[2]) : Machine::named($argv[2])->gone();
} catch (RuntimeException $failure) {
    print $failure->getMessage() . "\n";
    exit(1);
}
