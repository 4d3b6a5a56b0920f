<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A repair shop; everything belongs to one.
 *
 * @property string $name
 */
final class Shop extends Register
{
    protected $table = 'shops';
}
