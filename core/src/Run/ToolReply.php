<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

/** What a scan tool gives back to one command. */
final readonly class ToolReply
{
    /**
     * @param string                      $outcome   "done", "failed", "nonsense" or "never-sent"
     * @param string                      $message   the tool's own words
     * @param array<string, float|string> $values    volts, dB, degrees, or text, by name
     * @param list<string>                $codes     trouble codes told, or that came of it
     * @param bool                        $wiped     the sensor's stored axis is not valid any more
     * @param float|null                  $azimuth   degrees as the tool reports it; of a reading only, as the next
     * @param float|null                  $elevation degrees as the tool reports it
     */
    public function __construct(
        public string $outcome,
        public string $message,
        public array $values = [],
        public array $codes = [],
        public bool $wiped = false,
        public ?float $azimuth = null,
        public ?float $elevation = null,
    ) {}

    /** Whether it is a reading that can be used: numbers, and such as a sensor can have. */
    public function isReading(): bool
    {
        return $this->outcome === 'done' && $this->azimuth !== null && $this->elevation !== null
            && is_finite($this->azimuth) && is_finite($this->elevation) && max(abs($this->azimuth), abs($this->elevation)) <= 45;
    }
}
