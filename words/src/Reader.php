<?php

declare(strict_types=1);

namespace Lumbro\Words;

/** Who reads: the language, the unit of lengths, the decimal mark and the time zone. */
final readonly class Reader
{
    /**
     * @param string $language such as "en"; words/{language}.json
     * @param string $unit     "mm" or "in"
     * @param string $decimal  "." or ","
     * @param string $zone     of the tz database, such as "Europe/Zurich"
     */
    public function __construct(public string $language = 'en', public string $unit = 'mm', public string $decimal = '.', public string $zone = 'UTC') {}
}
