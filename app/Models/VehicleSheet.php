<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What is known of a car model's shape.
 *
 * @property string $name
 * @property string $document JSON
 * @property bool   $practice whether it serves simulated cars alone
 */
final class VehicleSheet extends Register
{
    protected $table = 'vehicle_sheets';

    /** @var array<string, string> */
    protected $casts = ['practice' => 'boolean'];
}
