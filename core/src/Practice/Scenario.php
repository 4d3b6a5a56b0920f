<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Pair;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Fields\Whole;
use Lumbro\Core\Journal\Cause;

/**
 * The hidden truth of a simulated car (schemas, "scenario"): how far things are from where the sheet has them, where the
 * stand was put down, the sensor's mount and what its adjuster does, and what is wrong around it.
 */
final readonly class Scenario
{
    public const COMMANDS = ['identify', 'unlock', 'voltage', 'codes', 'lot-code', 'empty-zone', 'start', 'read', 'level', 'zero', 'clear'];

    /**
     * @param array<string, array{float, float}> $shifts     point → true place less the sheet's, mm
     * @param array{float, float}                $gains      of the adjuster's screws, as shares of what their thread says
     * @param float                              $backlash   of a screw that turns back, turns
     * @param float                              $coverLoss  one way, dB, beyond a sound cover's
     * @param float                              $floorBelow how far the spot's floor lies under the car's, mm
     * @param float|null                         $voltage    V; null for a sound supply
     * @param float                              $otherTarget level of the target that hangs there against the right one's, dB; 0 for the right one
     * @param string|null                        $code       trouble code that the routine waits for
     * @param array<string, list<int>>           $lost       command → which of its askings stay without an answer, from 1
     * @param array<string, list<int>>           $nonsense   command → which of its askings are answered with nonsense
     * @param array<string, list<int>>           $unsent     command → which of its askings never reach the tool
     * @param Cause|null                         $fault      for which the car must go back; null where it can be put right here
     * @param array<string, float>               $rough      error of Roughness → how often its ordinary size
     * @param array<string, float>               $offsets    unknown of the survey → true value less the one everybody starts from, mm or degrees
     * @param array<string, float>               $slips      call → what its first reading shows too much, mm or degrees
     * @param float                              $cut        what every rule is short of at its end, mm
     * @param array<string, Word>                $words      precondition → who says it is met, though it is not
     */
    public function __construct(
        #[Whole(0, 2_147_483_647)]
        public int $seed,
        #[Members(new Pair(new Number('mm', -5000, 5000)))]
        public array $shifts,
        #[At('stand/along'), Number('mm', -5000, 5000)]
        public float $standX,
        #[At('stand/across'), Number('mm', -5000, 5000)]
        public float $standY,
        #[At('stand/turn'), Number('°', -180, 180)]
        public float $standTurn,
        #[Number('mm', 0, 5000)]
        public float $targetHeight,
        #[Number('mm', 0, 5000)]
        public float $sensorHeight,
        #[At('mount/azimuth'), Number('°', -45, 45)]
        public float $mountAzimuth,
        #[At('mount/elevation'), Number('°', -45, 45)]
        public float $mountElevation,
        #[Number('dB', -100, 100)]
        public float $echoLevel,
        #[At('hands/mm'), Number('mm', 0, 100)]
        public float $handsMm,
        #[At('hands/degrees'), Number('°', 0, 10)]
        public float $handsDegrees,
        #[Text(80)]
        public string $name = '',
        #[At('zero/azimuth'), Number('°', -45, 45)]
        public float $zeroAzimuth = 0.0,
        #[At('zero/elevation'), Number('°', -45, 45)]
        public float $zeroElevation = 0.0,
        #[At('screws/gains'), Pair(new Number('', -10, 10))]
        public array $gains = [1.0, 1.0],
        #[At('screws/backlash'), Number('', 0, 10)]
        public float $backlash = 0.0,
        #[At('screws/bent'), Flag]
        public bool $bent = false,
        #[Number('dB', 0, 60)]
        public float $coverLoss = 0.0,
        #[Part(Clutter::class)]
        public ?Clutter $clutter = null,
        #[Number('mm', -500, 500)]
        public float $floorBelow = 0.0,
        #[Number('V', 0, 60)]
        public ?float $voltage = null,
        #[Number('dB', -60, 60)]
        public float $otherTarget = 0.0,
        #[Flag]
        public bool $door = false,
        #[Text(20)]
        public ?string $code = null,
        #[At('tool/lost'), Members(new ListOf(new Whole(1, 1000)), self::COMMANDS)]
        public array $lost = [],
        #[At('tool/nonsense'), Members(new ListOf(new Whole(1, 1000)), self::COMMANDS)]
        public array $nonsense = [],
        #[At('tool/unsent'), Members(new ListOf(new Whole(1, 1000)), self::COMMANDS)]
        public array $unsent = [],
        #[Choice(Cause::class)]
        public ?Cause $fault = null,
        #[Members(new Number('', 0, 10), Roughness::ERRORS)]
        public array $rough = [],
        #[Members(new Number('', -1000, 1000))]
        public array $offsets = [],
        #[Members(new Number('', -1000, 1000))]
        public array $slips = [],
        #[Number('mm', -100, 100)]
        public float $cut = 0.0,
        #[Members(new Part(Word::class))]
        public array $words = [],
    ) {}

    /** What else is wrong in its bay; null in one that is as the survey's model has it. */
    public function roughness(): ?Roughness
    {
        $isPlain = $this->rough === [] && $this->offsets === [] && $this->slips === [] && $this->cut === 0.0 && $this->words === [];

        return $isPlain ? null : new Roughness($this->rough, 0.0);
    }
}
