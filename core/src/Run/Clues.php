<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Axis\ShiftResult;
use Lumbro\Core\Decision\Verdict;

/** What this task's own record says about why something went wrong: each part null where it is not known. */
final readonly class Clues
{
    /**
     * @param string|null              $reason     why the tool says it ended: "no-target", "several-targets", "supply" or "conditions"
     * @param float|null               $excess     of the echo's level over what is expected, dB
     * @param float|null               $voltage    as last read, V
     * @param Verdict|null             $setUp      of the placement as a whole
     * @param float|null               $emptyLevel of the empty zone against what the target should give, dB
     * @param float                    $emptyUnder what it has to lie under, dB
     * @param bool|null                $film       whether the film build over the sensor is within its limit
     * @param bool|null                $gain       whether the screws moved the sensor as their thread says
     * @param bool                     $strays     whether readings do not repeat
     * @param ShiftResult|null         $shift      of a shift test
     * @param int                      $unheard    how often in a row the tool gave nothing that could be used
     * @param bool                     $code       whether the tool told a trouble code after the run was refused
     * @param array<string, bool>      $checked    cause → whether it was found
     * @param list<string>             $once       causes that one look alone has found, where a second has to
     */
    public function __construct(
        public ?string $reason = null,
        public ?float $excess = null,
        public ?float $voltage = null,
        public ?Verdict $setUp = null,
        public ?float $emptyLevel = null,
        public float $emptyUnder = Diagnosis::NOT_EMPTY,
        public ?bool $film = null,
        public ?bool $gain = null,
        public bool $strays = false,
        public ?ShiftResult $shift = null,
        public int $unheard = 0,
        public bool $code = false,
        public array $checked = [],
        public array $once = [],
    ) {}
}
