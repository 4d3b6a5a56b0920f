<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Placement\AxleLine;
use Lumbro\Core\Placement\BodyAxis;
use Lumbro\Core\Placement\CartesianSpot;
use Lumbro\Core\Placement\Deviation;
use Lumbro\Core\Placement\Facing;
use Lumbro\Core\Placement\LineThroughMarks;
use Lumbro\Core\Placement\Placement;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Placement\PolarSpot;
use Lumbro\Core\Placement\ReferenceLine;
use Lumbro\Core\Placement\Reliably;
use Lumbro\Core\Placement\SensorPlace;
use Lumbro\Core\Placement\Spot;
use Lumbro\Core\Placement\ThrustLine;
use Lumbro\Core\Placement\Tolerances;
use Lumbro\Core\Survey\Body;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Observation;

/** The JSON form of a placement task and of its result (formats, "placement"). */
final class PlacementDocument
{
    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "placement") */
    public static function read(Node $node): PlacementTask
    {
        $field = $node->fields(['network', 'target', 'reference', 'spec'], ['sensor', 'thresholds', 'candidates', 'hiddenLimit']);
        [$network, $names] = NetworkDocument::read($field['network']);
        $candidates = [];
        $bounds = new Bounds();
        foreach (isset($field['candidates']) ? $field['candidates']->items() : [] as $item) {
            $candidates[] = $candidate = ObservationFamily::read($item, $names, false);
            $bounds->of($candidate, $item);
        }

        return self::task($field, $network, $names, $candidates, $bounds->all);
    }

    /**
     * The task of a document whose network and candidates are read already.
     *
     * @param array<array-key, Node> $field      target, reference and spec; sensor, thresholds and hiddenLimit where they are given
     * @param list<Observation>    $candidates
     * @param array<string, float> $bounds     of the candidates
     */
    public static function task(array $field, Network $network, Names $names, array $candidates, array $bounds): PlacementTask
    {
        $target = $field['target']->fields(['body', 'point']);
        $body = $names->body($target['body']);
        $point = $names->point($target['point']);
        self::mustStandOn($point, $body, $network->bodies, $target['point']->path());
        [$spot, $facing, $tolerances] = self::spec($field['spec'], $names);
        $height = self::height($field['spec'], $point, $names);
        $sensor = isset($field['sensor']) ? self::sensor($field['sensor'], $names) : null;
        $present = self::present($facing, $sensor, $height, $names);

        return new PlacementTask(
            network: $network,
            body: $body,
            target: $point,
            reference: self::reference($field['reference'], $names),
            spot: $spot,
            facing: $facing,
            tolerances: $tolerances,
            sensor: $sensor,
            candidates: $candidates,
            thresholds: Thresholds::read($field['thresholds'] ?? null),
            height: $height,
            reliably: new Reliably(isset($field['hiddenLimit']) ? self::limits($field['hiddenLimit'], $present) : [], $bounds),
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
                ...($placement->moves->height === null ? [] : ['height' => $placement->moves->height]),
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
        switch ($kind->oneOf(['line', 'thrust', 'axles', 'body'])) {
            case 'body':
                $node->fields(['kind']);

                return new BodyAxis();
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
            $d = $f['design']->fields(['from', 'along', 'across'], ['height']);
            $design = ['from' => $names->point($d['from']), 'along' => $d['along']->number(), 'across' => $d['across']->number()];
        }

        return new SensorPlace($names->point($f['point']), $design, isset($d['height']) ? $d['height']->number() : null);
    }

    /** @return array{Spot, Facing|null, Tolerances} */
    private static function spec(Node $node, Names $names): array
    {
        $common = ['yaw', 'aimAt', 'tolerance', 'height'];
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
        $t = isset($f['tolerance']) ? $f['tolerance']->fields([], ['along', 'across', 'yaw', 'bearing', 'height', 'elevation']) : [];
        $angle = static fn(string $name): ?float => isset($t[$name]) ? deg2rad($t[$name]->notNegative()) : null;
        $length = static fn(string $name): ?float => isset($t[$name]) ? $t[$name]->notNegative() : null;

        return [$spot, $facing, new Tolerances(
            along: $length('along'),
            across: $length('across'),
            yaw: $angle('yaw'),
            bearing: $angle('bearing'),
            height: $length('height'),
            elevation: $angle('elevation'),
        )];
    }

    /**
     * The specified height of the target.
     *
     * @throws InvalidInput where the target is a place in the plan
     */
    private static function height(Node $spec, string $target, Names $names): ?float
    {
        $height = $spec->member('height');
        if ($height === null) {
            return null;
        }
        if (! $names->isInSpace($target)) {
            throw InvalidInput::because($height->path(), 'network.in-plan', ['name' => $target]);
        }

        return $height->number();
    }

    /**
     * The deviations that there are.
     *
     * @return list<string>
     */
    public static function present(?Facing $facing, ?SensorPlace $sensor, ?float $height, Names $names): array
    {
        return [
            'along', 'across',
            ...($facing === null ? [] : ['yaw']),
            ...($sensor === null ? [] : ['bearing']),
            ...($height === null ? [] : ['height']),
            ...($height !== null && $sensor !== null && $names->isInSpace($sensor->point) ? ['elevation'] : []),
        ];
    }

    /**
     * @param list<string> $present
     *
     * @return array<string, float> deviation → mm or rad
     *
     * @throws InvalidInput for a deviation that is not there
     */
    private static function limits(Node $node, array $present): array
    {
        $limits = [];
        foreach ($node->fields([], $present) as $name => $limit) {
            $name = (string) $name;
            $limits[$name] = Deviation::isAngle($name) ? deg2rad($limit->notNegative()) : $limit->notNegative();
        }

        return $limits;
    }
}
