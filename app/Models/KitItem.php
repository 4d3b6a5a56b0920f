<?php

declare(strict_types=1);

namespace App\Models;

/**
 * An instrument, stand or target of the shop.
 *
 * @property string $item     its id within the shop, as documents name it
 * @property string $sort     "instrument", "stand" or "target"
 * @property string $document JSON
 * @property int    $version
 * @property bool   $retired
 */
final class KitItem extends Register
{
    protected $table = 'kit_items';

    /** @var array<string, string> */
    protected $casts = ['retired' => 'boolean'];
}
