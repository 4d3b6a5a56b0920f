<?php

declare(strict_types=1);

namespace App\Devices\Simulated;

use Lumbro\Core\Document\Node;

/**
 * The hidden truth of a simulated car: how far things are from where the sheet has them (mm), where the stand was put
 * down, and the sensor's mount error (degrees).
 */
final readonly class Scenario
{
    /** @param array<string, array{float, float}> $shifts point → true place less the sheet's, mm */
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
    ) {}

    public static function read(Node $node): self
    {
        $f = $node->fields(['seed', 'shifts', 'stand', 'targetHeight', 'sensorHeight', 'mount', 'echoLevel', 'hands']);
        $shifts = [];
        foreach ($f['shifts']->members() as $name => $shift) {
            [$x, $y] = $shift->items(2);
            $shifts[(string) $name] = [$x->number(), $y->number()];
        }
        $stand = $f['stand']->fields(['along', 'across', 'turn']);
        $mount = $f['mount']->fields(['azimuth', 'elevation']);
        $hands = $f['hands']->fields(['mm', 'degrees']);

        return new self(
            (int) $f['seed']->number(),
            $shifts,
            $stand['along']->number(),
            $stand['across']->number(),
            deg2rad($stand['turn']->number()),
            $f['targetHeight']->number(),
            $f['sensorHeight']->number(),
            $mount['azimuth']->number(),
            $mount['elevation']->number(),
            $f['echoLevel']->number(),
            $hands['mm']->notNegative(),
            $hands['degrees']->notNegative(),
        );
    }
}
