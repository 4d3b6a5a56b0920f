<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What is known of a car model's shape.
 *
 * @property string $name
 * @property string $document JSON
 */
final class VehicleSheet extends Register
{
    protected $table = 'vehicle_sheets';
}
