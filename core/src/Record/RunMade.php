<?php

declare(strict_types=1);

namespace Lumbro\Core\Record;

/** One run of the sensor's routine and what it answered: degrees as the tool reports them, level in dB. */
final readonly class RunMade extends Entry
{
    public function __construct(
        string $id,
        string $person,
        string $at,
        public float $azimuth,
        public float $elevation,
        public float $echoLevel,
        public string $message,
        public ?Reliance $reliedOn = null,
    ) {
        parent::__construct($id, $person, $at);
    }
}
