<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One sensor of one repair order, with the card it is calibrated by.
 *
 * @property string      $repair_order_id
 * @property string      $sensor            its id on the vehicle's sheet
 * @property string|null $procedure_card_id null where the shop has no card for it
 */
final class SensorTask extends Register
{
    protected $table = 'sensor_tasks';
}
