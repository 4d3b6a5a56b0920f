<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** One run of the sensor's routine and what it answered: degrees as the tool reports them, level in dB. */
final readonly class RunMade extends Line
{
    /**
     * @param float         $azimuth   degrees, as the tool reports it
     * @param float         $elevation degrees, as the tool reports it
     * @param float         $echoLevel dB; null where the tool shows none
     * @param string        $message   the tool's own words; a message, no proof
     * @param string|null   $to        what the tool was asked; null where a person typed what it shows
     * @param Reliance|null $reliedOn  the verdicts the run was made on; null in records older than that
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public float $azimuth,
        public float $elevation,
        public ?float $echoLevel,
        public string $message,
        public ?Reliance $reliedOn = null,
        public ?string $to = null,
    ) {
        parent::__construct($id, $person, $at);
    }
}
