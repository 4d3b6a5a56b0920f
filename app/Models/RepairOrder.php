<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One car's stay in the shop.
 *
 * @property string       $number
 * @property string       $vehicle
 * @property string       $plate
 * @property list<string> $operations
 */
final class RepairOrder extends Register
{
    protected $table = 'repair_orders';

    /** @var array<string, string> */
    protected $casts = ['operations' => 'array'];
}
