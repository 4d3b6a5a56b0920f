<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What is known of a car model's shape.
 *
 * @property string $name
 * @property string $document JSON
 * @property string $vins     JSON: beginnings of vehicle numbers that the shop puts to it
 * @property string $family   what all its versions share
 * @property int    $version
 * @property bool   $newest
 * @property bool   $practice whether it serves simulated cars alone
 */
final class VehicleSheet extends Register
{
    protected $table = 'vehicle_sheets';

    protected static function booted(): void
    {
        // The first version of a sheet begins its family.
        self::creating(static function (self $sheet): void {
            $sheet->family ??= $sheet->id;
        });
    }

    /** @var array<string, string> */
    protected $casts = ['practice' => 'boolean', 'newest' => 'boolean', 'version' => 'integer'];
}
