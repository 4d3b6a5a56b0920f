<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Measure\Node;

/**
 * The hidden truth of a simulated car (schemas, "scenario"): how far things are from where the sheet has them (mm),
 * where the stand was put down, the sensor's mount and what its adjuster does, and what is wrong around it.
 */
final readonly class Scenario
{
    /**
     * @param array<string, array{float, float}> $shifts     point → true place less the sheet's, mm
     * @param array{float, float}                $zero       stored in the sensor before, degrees
     * @param array{float, float}                $gains      of the adjuster's screws, as shares of what their thread says
     * @param float                              $backlash   of a screw that turns back, turns
     * @param float                              $coverLoss  one way, dB, beyond a sound cover's
     * @param array{float, float}|null           $clutter    level against the target's, dB, and bearing from the target, degrees
     * @param float                              $floorBelow how far the spot's floor lies under the car's, mm
     * @param float|null                         $voltage    V; null for a sound supply
     * @param float                              $otherTarget level of the target that hangs there against the right one's, dB; 0 for the right one
     * @param string|null                        $code       trouble code that the routine waits for
     * @param array<string, list<int>>           $lost       command → which of its askings stay without an answer, from 1
     * @param array<string, list<int>>           $nonsense   command → which of its askings are answered with nonsense
     * @param array<string, list<int>>           $unsent     command → which of its askings never reach the tool
     * @param Cause|null                         $fault      for which the car must go back; null where it can be put right here
     */
    private function __construct(
        public int $seed,
        public array $shifts,
        public float $standX,
        public float $standY,
        public float $standYaw,
        public float $targetHeight,
        public float $sensorHeight,
        public float $mountAzimuth,
        public float $mountElevation,
        public float $echoLevel,
        public float $handsMm,
        public float $handsDegrees,
        public string $name = '',
        public array $zero = [0.0, 0.0],
        public array $gains = [1.0, 1.0],
        public float $backlash = 0.0,
        public bool $bent = false,
        public float $coverLoss = 0.0,
        public ?array $clutter = null,
        public float $floorBelow = 0.0,
        public ?float $voltage = null,
        public float $otherTarget = 0.0,
        public bool $door = false,
        public ?string $code = null,
        public array $lost = [],
        public array $nonsense = [],
        public array $unsent = [],
        public ?Cause $fault = null,
    ) {}

    /** @throws InvalidInput naming the field that is missing, unknown or wrong */
    public static function read(Node $node): self
    {
        $f = $node->fields(
            ['seed', 'shifts', 'stand', 'targetHeight', 'sensorHeight', 'mount', 'echoLevel', 'hands'],
            ['name', 'zero', 'screws', 'coverLoss', 'clutter', 'floorBelow', 'voltage', 'otherTarget', 'door', 'code', 'tool', 'fault'],
        );
        $shifts = [];
        foreach ($f['shifts']->members() as $name => $shift) {
            [$x, $y] = $shift->items(2);
            $shifts[(string) $name] = [$x->number(), $y->number()];
        }
        $stand = $f['stand']->fields(['along', 'across', 'turn']);
        $mount = $f['mount']->fields(['azimuth', 'elevation']);
        $hands = $f['hands']->fields(['mm', 'degrees']);
        $zero = isset($f['zero']) ? $f['zero']->fields(['azimuth', 'elevation']) : null;
        $screws = isset($f['screws']) ? $f['screws']->fields([], ['gains', 'backlash', 'bent']) : [];
        $gains = isset($screws['gains']) ? $screws['gains']->items(2) : null;
        $clutter = isset($f['clutter']) ? $f['clutter']->fields(['level', 'bearing']) : null;
        $tool = isset($f['tool']) ? $f['tool']->fields([], ['lost', 'nonsense', 'unsent']) : [];

        return new self(
            seed: (int) $f['seed']->number(),
            shifts: $shifts,
            standX: $stand['along']->number(),
            standY: $stand['across']->number(),
            standYaw: deg2rad($stand['turn']->number()),
            targetHeight: $f['targetHeight']->number(),
            sensorHeight: $f['sensorHeight']->number(),
            mountAzimuth: $mount['azimuth']->number(),
            mountElevation: $mount['elevation']->number(),
            echoLevel: $f['echoLevel']->number(),
            handsMm: $hands['mm']->notNegative(),
            handsDegrees: $hands['degrees']->notNegative(),
            name: isset($f['name']) ? $f['name']->line(80) : '',
            zero: $zero === null ? [0.0, 0.0] : [$zero['azimuth']->number(), $zero['elevation']->number()],
            gains: $gains === null ? [1.0, 1.0] : [$gains[0]->number(), $gains[1]->number()],
            backlash: isset($screws['backlash']) ? $screws['backlash']->notNegative() : 0.0,
            bent: isset($screws['bent']) && $screws['bent']->flag(),
            coverLoss: isset($f['coverLoss']) ? $f['coverLoss']->notNegative() : 0.0,
            clutter: $clutter === null ? null : [$clutter['level']->number(), $clutter['bearing']->number()],
            floorBelow: isset($f['floorBelow']) ? $f['floorBelow']->number() : 0.0,
            voltage: isset($f['voltage']) ? $f['voltage']->notNegative() : null,
            otherTarget: isset($f['otherTarget']) ? $f['otherTarget']->number() : 0.0,
            door: isset($f['door']) && $f['door']->flag(),
            code: isset($f['code']) ? $f['code']->line(20) : null,
            lost: self::times($tool['lost'] ?? null),
            nonsense: self::times($tool['nonsense'] ?? null),
            unsent: self::times($tool['unsent'] ?? null),
            fault: isset($f['fault']) ? Cause::from($f['fault']->oneOf(array_column(Cause::cases(), 'value'))) : null,
        );
    }

    /** @return array<string, list<int>> */
    private static function times(?Node $node): array
    {
        $times = [];
        foreach ($node === null ? [] : $node->members() as $command => $list) {
            if (ToolCommand::tryFrom((string) $command) === null) {
                throw InvalidInput::because($list->path(), 'scenario.unknown-command', ['known' => array_column(ToolCommand::cases(), 'value')]);
            }
            $times[(string) $command] = array_map(static fn(Node $time): int => (int) $time->between(1, 1_000), $list->items());
        }

        return $times;
    }
}
