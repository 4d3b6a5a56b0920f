<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One car's stay in the shop. What is known of it beyond these columns is its record.
 *
 * @property string      $number
 * @property string      $vehicle
 * @property string      $plate
 * @property string|null $vin
 * @property string      $vehicle_sheet_id
 * @property string|null $bay_id
 * @property string|null $summary JSON
 * @property bool        $alarm
 * @property bool        $closed
 */
final class RepairOrder extends Register
{
    protected $table = 'repair_orders';

    /** @var array<string, string> */
    protected $casts = ['alarm' => 'boolean', 'closed' => 'boolean'];
}
