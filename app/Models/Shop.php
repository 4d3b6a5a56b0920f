<?php

declare(strict_types=1);

namespace App\Models;

use Lumbro\Words\Reader;

/**
 * A repair shop; everything belongs to one.
 *
 * @property string $name
 * @property string $language such as "en"
 * @property string $unit of lengths, "mm" or "in"
 * @property string $decimal_mark "." or ","
 * @property string $zone of the tz database
 * @property string $paper "A4" or "Letter"
 * @property bool   $leads_need_second whether its leads must have a second factor
 * @property bool   $practice whether all in it is invented and its cars are simulated
 */
final class Shop extends Register
{
    protected $table = 'shops';

    /** @var array<string, string> */
    protected $casts = ['practice' => 'boolean', 'leads_need_second' => 'boolean'];

    /** How its reports are written. */
    public function reader(): Reader
    {
        return new Reader($this->language, $this->unit, $this->decimal_mark, $this->zone);
    }
}
