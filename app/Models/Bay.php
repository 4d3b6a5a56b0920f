<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A place where a car is measured.
 *
 * @property string $name
 */
final class Bay extends Register
{
    protected $table = 'bays';
}
