<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One sensor of one repair order, with the card it is calibrated by.
 *
 * @property string $repair_order_id
 * @property string $procedure_card_id
 */
final class SensorTask extends Register
{
    protected $table = 'sensor_tasks';
}
