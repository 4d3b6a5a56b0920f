<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * A row of one shop. Every table's keys lead with the shop.
 *
 * @property string $id
 * @property string $shop_id
 */
abstract class Register extends Model
{
    use HasUuids;

    public $timestamps = false;

    protected $guarded = [];
}
