<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A reading as it was typed. Only ever added: the database refuses a change.
 *
 * @property int         $version
 * @property string      $call
 * @property string      $typed
 * @property float|null  $millimetres
 * @property float|null  $degrees
 * @property float|null  $uncertainty
 * @property string      $unit
 * @property string|null $datum_to
 * @property string|null $strikes_id
 * @property bool        $confirmed
 * @property string      $person
 * @property string      $recorded_at
 */
final class Reading extends Register
{
    protected $table = 'readings';

    /** @var array<string, string> */
    protected $casts = ['millimetres' => 'float', 'degrees' => 'float', 'uncertainty' => 'float', 'confirmed' => 'boolean'];
}
