<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Survey\Body;
use Lumbro\Core\Survey\Heading;
use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\Residual;
use Lumbro\Core\Survey\Solution;
use Lumbro\Core\Survey\SurveyPoint;

/** The JSON form of a survey network and of its solution (formats, "network"). */
final class NetworkDocument
{
    /** @return array{Network, Names} the names serve whatever refers to the network */
    public static function read(Node $node): array
    {
        $names = new Names();
        $field = $node->fields(['points', 'observations'], ['bodies', 'headings', 'instruments']);
        $points = [];
        foreach ($field['points']->members() as $name => $point) {
            $names->declarePoint((string) $name, $point);
            $points[] = self::point((string) $name, $point);
        }
        $bodies = [];
        foreach (isset($field['bodies']) ? $field['bodies']->members() : [] as $name => $body) {
            $names->declareBody((string) $name, $body);
            $bodies[] = self::body((string) $name, $body, $names);
        }
        $headings = [];
        foreach (isset($field['headings']) ? $field['headings']->members() : [] as $name => $heading) {
            $names->declareHeading((string) $name, $heading);
            $f = $heading->fields(['deg'], ['s']);
            $headings[] = new Heading((string) $name, deg2rad($f['deg']->number()), isset($f['s']) ? deg2rad($f['s']->positive()) : null);
        }
        $instruments = [];
        foreach (isset($field['instruments']) ? $field['instruments']->members() : [] as $name => $instrument) {
            $names->declareInstrument((string) $name, $instrument);
            $f = $instrument->fields([], ['scale', 'zero']);
            $instruments[] = new Instrument(
                (string) $name,
                isset($f['scale']) ? self::prior($f['scale']) : null,
                isset($f['zero']) ? self::prior($f['zero']) : null,
            );
        }
        $observations = [];
        foreach ($field['observations']->items() as $observation) {
            $observations[] = ObservationFamily::read($observation, $names);
        }
        if ($points === [] && $bodies === []) {
            throw InvalidInput::because($field['points']->path(), 'network.no-point');
        }

        return [new Network($points, $bodies, $headings, $instruments, $observations), $names];
    }

    /** @return array<string, mixed> */
    public static function write(Solution $solution): array
    {
        $at = $solution->geometry;
        $points = [];
        foreach ($solution->network->points as $point) {
            $points[$point->name] = self::place($solution, $point->name);
        }
        $bodies = [];
        foreach ($solution->network->bodies as $body) {
            foreach (array_keys($body->points) as $name) {
                $points[$name] = self::place($solution, (string) $name);
            }
            $place = self::place($solution, $body->name);
            $yaw = $at->bodyYaw($body->name);
            $bodies[$body->name] = [
                'x' => $place['x'],
                'y' => $place['y'],
                'yaw' => Angle::degrees($yaw->value),
                'sx' => $place['sx'],
                'sy' => $place['sy'],
                'syaw' => rad2deg($solution->uncertainty($yaw)),
            ];
        }
        $headings = [];
        foreach ($solution->network->headings as $heading) {
            $value = $at->heading($heading->name);
            // Not brought into one turn: it stays the heading that was given, as near as it was found.
            $headings[$heading->name] = ['deg' => rad2deg($value->value), 's' => rad2deg($solution->uncertainty($value))];
        }

        return [
            'iterations' => $solution->iterations,
            'points' => (object) $points,
            'bodies' => (object) $bodies,
            'headings' => (object) $headings,
            ...self::instruments($solution),
            'observations' => array_map(self::residual(...), $solution->residuals),
            'degreesOfFreedom' => $solution->degreesOfFreedom,
            'chiSquare' => $solution->chiSquare,
            'chiSquareLimit' => $solution->chiSquareLimit(),
            'consistent' => $solution->isConsistent(),
            'suspects' => $solution->suspects(),
            'suspect' => $solution->suspects()[0] ?? null,
        ];
    }

    private static function point(string $name, Node $node): SurveyPoint
    {
        $f = $node->fields(['x', 'y'], ['sx', 'sy']);

        return new SurveyPoint(
            $name,
            $f['x']->number(),
            $f['y']->number(),
            isset($f['sx']) ? $f['sx']->positive() : null,
            isset($f['sy']) ? $f['sy']->positive() : null,
        );
    }

    private static function body(string $name, Node $node, Names $names): Body
    {
        $f = $node->fields(['x', 'y', 'yaw'], ['sx', 'sy', 'syaw', 'points']);
        $points = [];
        foreach (isset($f['points']) ? $f['points']->members() : [] as $pointName => $point) {
            $names->declarePoint((string) $pointName, $point);
            $p = $point->fields(['x', 'y']);
            $points[$pointName] = [$p['x']->number(), $p['y']->number()];
        }

        return new Body(
            name: $name,
            x: $f['x']->number(),
            y: $f['y']->number(),
            yaw: deg2rad($f['yaw']->number()),
            points: $points,
            sx: isset($f['sx']) ? $f['sx']->positive() : null,
            sy: isset($f['sy']) ? $f['sy']->positive() : null,
            syaw: isset($f['syaw']) ? deg2rad($f['syaw']->positive()) : null,
        );
    }

    private static function prior(Node $node): Prior
    {
        $f = $node->fields(['s'], ['value']);

        return new Prior(isset($f['value']) ? $f['value']->number() : 0.0, $f['s']->positive());
    }

    /** @return array{x: float, y: float, sx: float, sy: float} */
    private static function place(Solution $solution, string $name): array
    {
        [$sx, $sy] = $solution->uncertaintyOf($name);

        return ['x' => $solution->geometry->x[$name], 'y' => $solution->geometry->y[$name], 'sx' => $sx, 'sy' => $sy];
    }

    /** @return array<string, mixed> */
    private static function instruments(Solution $solution): array
    {
        if ($solution->network->instruments === []) {
            return [];
        }
        $layout = $solution->geometry->layout;
        $written = [];
        foreach ($solution->network->instruments as $instrument) {
            $errors = [];
            foreach (['scale' => $layout->scale, 'zero' => $layout->zero] as $kind => $places) {
                $place = $places[$instrument->name] ?? null;
                if ($place !== null) {
                    $errors[$kind] = [
                        'value' => $solution->geometry->state[$place],
                        's' => sqrt($solution->variance([$place => 1.0])),
                    ];
                }
            }
            $written[$instrument->name] = (object) $errors;
        }

        return ['instruments' => (object) $written];
    }

    /** @return array<string, mixed> */
    private static function residual(Residual $residual): array
    {
        $unit = $residual->angular ? rad2deg(1) : 1.0;

        return [
            'id' => $residual->id,
            'prior' => $residual->prior,
            'observed' => $residual->observed * $unit,
            'adjusted' => $residual->adjusted * $unit,
            'residual' => $residual->residual * $unit,
            'redundancy' => $residual->redundancy,
            'w' => $residual->w,
            'unchecked' => $residual->isUnchecked(),
        ];
    }
}
