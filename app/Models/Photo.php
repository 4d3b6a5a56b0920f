<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A photo of an order. Its bytes lie in a file named by their hash.
 *
 * @property string      $repair_order_id
 * @property string      $hash
 * @property string      $type
 * @property int         $width
 * @property int         $height
 * @property int         $bytes
 * @property string|null $taken_at
 * @property string|null $location JSON
 */
final class Photo extends Register
{
    protected $table = 'photos';
}
