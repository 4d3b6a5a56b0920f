<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A line of a repair order's record. Only ever added.
 *
 * @property int    $version
 * @property string $kind
 * @property string $payload JSON
 * @property string $person
 * @property string $recorded_at
 */
final class OrderEvent extends Register
{
    protected $table = 'order_events';
}
