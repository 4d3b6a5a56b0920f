<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** The sensor's axis was corrected: by screws or mirror spots the sensor itself, by an electronic zero only what it reports. */
final readonly class Corrected extends Line
{
    /**
     * @param string               $way       "screws", "mirror spots" or "electronic"
     * @param array<string, float> $turns     screw → clockwise turns made
     * @param float                $azimuth   of an electronic zero, degrees; 0 otherwise
     * @param float                $elevation of an electronic zero, degrees; 0 otherwise
     * @param string|null          $to        what the tool was asked, where it stored a zero
     */
    public function __construct(string $id, string $person, string $at, public string $way, public array $turns = [], public float $azimuth = 0.0, public float $elevation = 0.0, public ?string $to = null)
    {
        parent::__construct($id, $person, $at);
    }

    /** Whether only what the sensor reports was changed. */
    public function isElectronic(): bool
    {
        return $this->way === 'electronic';
    }
}
