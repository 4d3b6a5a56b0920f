<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A set of measuring gear and a stand.
 *
 * @property string $name
 */
final class Kit extends Register
{
    protected $table = 'kits';
}
