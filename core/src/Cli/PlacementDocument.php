<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Placement\AxleLine;
use Lumbro\Core\Placement\CartesianSpot;
use Lumbro\Core\Placement\Deviation;
use Lumbro\Core\Placement\Facing;
use Lumbro\Core\Placement\LineThroughMarks;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Placement\PolarSpot;
use Lumbro\Core\Placement\ReferenceLine;
use Lumbro\Core\Placement\SensorPlace;
use Lumbro\Core\Placement\Spot;
use Lumbro\Core\Placement\ThrustLine;
use Lumbro\Core\Placement\Tolerances;
use Lumbro\Core\Survey\Body;

/** The JSON form of a placement task and of its result (formats, "placement"). */
final class PlacementDocument
{
    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "placement") */
    public static function read(Node $node): PlacementTask
    {
        $field = $node->fields(['network', 'target', 'reference', 'spec'], ['sensor', 'thresholds', 'candidates']);
        [$network, $names] = NetworkDocument::read($field['network']);
        $target = $field['target']->fields(['body', 'point']);
        $body = $names->body($target['body']);
        $point = $names->point($target['point']);
        self::mustStandOn($point, $body, $network->bodies, $target['point']->path());
        [$spot, $facing, $tolerances] = self::spec($field['spec'], $names);
        $candidates = [];
        foreach (isset($field['candidates']) ? $field['candidates']->items() : [] as $candidate) {
            $candidates[] = ObservationFamily::read($candidate, $names, false);
        }

        return new PlacementTask(
            network: $network,
            body: $body,
            target: $point,
            reference: self::reference($field['reference'], $names),
            spot: $spot,
            facing: $facing,
            tolerances: $tolerances,
            sensor: isset($field['sensor']) ? self::sensor($field['sensor'], $names) : null,
            candidates: $candidates,
            thresholds: Thresholds::read($field['thresholds'] ?? null),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Placement $placement): array
    {
        $required = ['x' => $placement->required[0], 'y' => $placement->required[1]];
        if ($placement->requiredYaw !== null) {
            $required['yaw'] = Angle::degrees($placement->requiredYaw);
        }
        $covariance = [];
        foreach ($placement->deviations as $a) {
            $row = [];
            foreach ($placement->deviations as $b) {
                $unit = ($a->angular ? rad2deg(1) : 1) * ($b->angular ? rad2deg(1) : 1);
                $row[] = $placement->solution->covariance($a->figure->gradient, $b->figure->gradient) * $unit;
            }
            $covariance[] = $row;
        }
        $predicted = [];
        foreach ($placement->solution->network->observations as $observation) {
            $value = $placement->predicted[$observation->id()] ?? null;
            if ($value !== null) {
                $predicted[$observation->id()] = $observation->isAngle() ? rad2deg($value) : $value;
            }
        }

        return [
            'required' => $required,
            'referenceHeading' => Angle::degrees($placement->referenceHeading),
            'deviations' => array_map(static fn(Deviation $deviation): array => $deviation->facts(), $placement->deviations),
            'covariance' => $covariance,
            'consistent' => $placement->solution->isConsistent(),
            'suspects' => $placement->solution->suspects(),
            'chiSquare' => $placement->solution->chiSquare,
            'degreesOfFreedom' => $placement->solution->degreesOfFreedom,
            'moves' => [
                'turn' => rad2deg($placement->moves->turn),
                'along' => $placement->moves->along,
                'across' => $placement->moves->across,
            ],
            'predicted' => (object) $predicted,
        ];
    }

    /** @param list<Body> $bodies */
    private static function mustStandOn(string $point, string $body, array $bodies, string $path): void
    {
        foreach ($bodies as $candidate) {
            if ($candidate->name === $body && ($point === $body || isset($candidate->points[$point]))) {
                return;
            }
        }

        throw InvalidInput::because($path, 'placement.not-fixed', ['point' => $point, 'body' => $body]);
    }

    private static function reference(Node $node, Names $names): ReferenceLine
    {
        $kind = $node->member('kind') ?? throw InvalidInput::missing($node->path(), 'kind');
        switch ($kind->oneOf(['line', 'thrust', 'axles'])) {
            case 'line':
                $f = $node->fields(['kind', 'from', 'to']);

                return new LineThroughMarks(...$names->distinct($f['from'], $f['to']));
            case 'thrust':
                $f = $node->fields(['kind', 'through', 'headings']);

                return new ThrustLine(self::pair($f['through'], $names), $names->distinctHeadings(...$f['headings']->items(2)));
            default:
                $f = $node->fields(['kind', 'rear', 'front']);

                return new AxleLine(self::pair($f['rear'], $names), self::pair($f['front'], $names));
        }
    }

    /** @return array{string, string} */
    private static function pair(Node $node, Names $names): array
    {
        [$a, $b] = $node->items(2);

        return $names->distinct($a, $b);
    }

    private static function sensor(Node $node, Names $names): SensorPlace
    {
        $f = $node->fields(['point'], ['design']);
        $design = null;
        if (isset($f['design'])) {
            $d = $f['design']->fields(['from', 'along', 'across']);
            $design = ['from' => $names->point($d['from']), 'along' => $d['along']->number(), 'across' => $d['across']->number()];
        }

        return new SensorPlace($names->point($f['point']), $design);
    }

    /** @return array{Spot, Facing|null, Tolerances} */
    private static function spec(Node $node, Names $names): array
    {
        $common = ['yaw', 'aimAt', 'tolerance'];
        if ($node->member('range') !== null) {
            $f = $node->fields(['from', 'range', 'bearing'], $common);
            $spot = new PolarSpot($names->point($f['from']), $f['range']->positive(), deg2rad($f['bearing']->number()));
        } else {
            $f = $node->fields(['from', 'along', 'across'], ['acrossFrom', ...$common]);
            $spot = new CartesianSpot(
                $names->point($f['from']),
                $f['along']->number(),
                $f['across']->number(),
                isset($f['acrossFrom']) && $f['acrossFrom']->oneOf(['reference', 'datum']) === 'datum',
            );
        }
        if (isset($f['yaw'], $f['aimAt'])) {
            throw InvalidInput::because($f['aimAt']->path(), 'placement.yaw-and-aim');
        }
        $facing = match (true) {
            isset($f['yaw']) => Facing::yaw(deg2rad($f['yaw']->number())),
            isset($f['aimAt']) => Facing::aimedAt($names->point($f['aimAt'])),
            default => null,
        };
        $t = isset($f['tolerance']) ? $f['tolerance']->fields([], ['along', 'across', 'yaw', 'bearing']) : [];

        return [$spot, $facing, new Tolerances(
            isset($t['along']) ? $t['along']->notNegative() : null,
            isset($t['across']) ? $t['across']->notNegative() : null,
            isset($t['yaw']) ? deg2rad($t['yaw']->notNegative()) : null,
            isset($t['bearing']) ? deg2rad($t['bearing']->notNegative()) : null,
        )];
    }
}
