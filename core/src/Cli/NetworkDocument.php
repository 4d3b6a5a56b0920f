<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Numeric\Angle;
use Lumbro\Core\Survey\Body;
use Lumbro\Core\Survey\Heading;
use Lumbro\Core\Survey\Instrument;
use Lumbro\Core\Survey\Judgement;
use Lumbro\Core\Survey\Level;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Prior;
use Lumbro\Core\Survey\Residual;
use Lumbro\Core\Survey\Solution;
use Lumbro\Core\Survey\SurveyPoint;
use Lumbro\Core\Survey\Vertical;

/** The JSON form of a survey network and of its solution (formats, "network"). */
final class NetworkDocument
{
    /**
     * @param list<string> $beside fields of its observations that whoever asks reads itself
     * @param bool         $taken  whether there must be a list of observations
     *
     * @return array{Network, Names} the names serve whatever refers to the network
     */
    public static function read(Node $node, array $beside = [], bool $taken = true): array
    {
        $names = new Names();
        $field = $node->fields(['points', ...($taken ? ['observations'] : [])], ['bodies', 'headings', 'instruments', 'vertical', 'levels', 'consistencyLevel', ...($taken ? [] : ['observations'])]);
        $members = static fn(string $name): iterable => isset($field[$name]) ? $field[$name]->members() : [];
        $bounds = new Bounds();
        $points = [];
        foreach ($field['points']->members() as $name => $point) {
            $names->declarePoint((string) $name, $point, $point->member('z') !== null);
            $points[] = self::point((string) $name, $point, $bounds);
        }
        $bodies = [];
        foreach ($members('bodies') as $name => $body) {
            $names->declareBody((string) $name, $body, $body->member('z') !== null);
            $bodies[] = self::body((string) $name, $body, $names, $bounds);
        }
        $headings = [];
        foreach ($members('headings') as $name => $heading) {
            $names->declareHeading((string) $name, $heading);
            $f = $heading->fields(['deg'], ['s', 'most']);
            $bounds->put("@$name", $f['most'] ?? null, isset($f['s']), true);
            $headings[] = new Heading((string) $name, deg2rad($f['deg']->number()), isset($f['s']) ? deg2rad($f['s']->positive()) : null);
        }
        $instruments = [];
        foreach ($members('instruments') as $name => $instrument) {
            $names->declareInstrument((string) $name, $instrument);
            $f = $instrument->fields([], ['scale', 'zero']);
            $errors = [];
            foreach ($f as $kind => $error) {
                $e = $error->fields(['s'], ['value', 'most']);
                $bounds->put("#$name.$kind", $e['most'] ?? null);
                $errors[$kind] = new Prior(isset($e['value']) ? $e['value']->number() : 0.0, $e['s']->positive());
            }
            $instruments[] = new Instrument((string) $name, $errors['scale'] ?? null, $errors['zero'] ?? null);
        }
        $vertical = isset($field['vertical']) ? self::vertical($field['vertical'], $bounds) : null;
        $levels = [];
        foreach ($members('levels') as $name => $level) {
            $names->declareLevel((string) $name, $level);
            $levels[] = self::level((string) $name, $level, $bounds);
        }
        $observations = [];
        foreach (isset($field['observations']) ? $field['observations']->items() : [] as $item) {
            $observations[] = $observation = ObservationFamily::read($item, $names, true, $beside);
            $bounds->of($observation, $item);
        }
        if ($points === [] && $bodies === []) {
            throw InvalidInput::because($field['points']->path(), 'network.no-point');
        }

        return [new Network(
            points: $points,
            bodies: $bodies,
            headings: $headings,
            instruments: $instruments,
            observations: $observations,
            vertical: $vertical,
            levels: $levels,
            bounds: $bounds->all,
            judgement: isset($field['consistencyLevel']) ? Judgement::at(self::share($field['consistencyLevel'])) : Judgement::at(),
        ), $names];
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
            $bodies[$body->name] = [...$place, 'yaw' => Angle::degrees($yaw->value), 'syaw' => rad2deg($solution->uncertainty($yaw)), ...self::lean($solution, $body->name)];
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
            ...self::space($solution),
            'observations' => array_map(self::residual(...), $solution->residuals),
            'degreesOfFreedom' => $solution->degreesOfFreedom,
            'chiSquare' => $solution->chiSquare,
            'chiSquareLimit' => $solution->chiSquareLimit(),
            'consistent' => $solution->isConsistent(),
            'suspects' => $solution->suspects(),
            'suspect' => $solution->suspects()[0] ?? null,
        ];
    }

    private static function point(string $name, Node $node, Bounds $bounds): SurveyPoint
    {
        $f = $node->fields(['x', 'y'], ['z', 'sx', 'sy', ...($node->member('z') === null ? [] : ['sz']), 'most']);
        $s = static fn(string $field): ?float => isset($f[$field]) ? $f[$field]->positive() : null;
        $bounds->ofCoordinates($name, $f['most'] ?? null, ['x' => isset($f['sx']), 'y' => isset($f['sy']), 'z' => isset($f['sz'])]);

        return new SurveyPoint($name, $f['x']->number(), $f['y']->number(), $s('sx'), $s('sy'), isset($f['z']) ? $f['z']->number() : null, $s('sz'));
    }

    private static function body(string $name, Node $node, Names $names, Bounds $bounds): Body
    {
        $inSpace = $node->member('z') !== null;
        $f = $node->fields(['x', 'y', 'yaw'], ['sx', 'sy', 'syaw', 'points', 'most', ...($inSpace ? ['z', 'sz', 'lean'] : [])]);
        $points = [];
        foreach (isset($f['points']) ? $f['points']->members() : [] as $pointName => $point) {
            $names->declarePoint((string) $pointName, $point, $inSpace);
            $p = $point->fields(['x', 'y'], $inSpace ? ['z'] : []);
            $points[$pointName] = [$p['x']->number(), $p['y']->number(), isset($p['z']) ? $p['z']->number() : 0.0];
        }
        $s = static fn(string $field): ?float => isset($f[$field]) ? $f[$field]->positive() : null;
        $bounds->ofCoordinates($name, $f['most'] ?? null, ['x' => isset($f['sx']), 'y' => isset($f['sy']), 'z' => isset($f['sz']), 'yaw' => isset($f['syaw'])]);
        $lean = null;
        if (isset($f['lean'])) {
            $l = $f['lean']->fields(['s'], ['most']);
            $lean = deg2rad($l['s']->positive());
            $bounds->put("$name.leanX", $l['most'] ?? null, angular: true);
            $bounds->put("$name.leanY", $l['most'] ?? null, angular: true);
        }

        return new Body(
            name: $name,
            x: $f['x']->number(),
            y: $f['y']->number(),
            yaw: deg2rad($f['yaw']->number()),
            points: $points,
            sx: $s('sx'),
            sy: $s('sy'),
            syaw: isset($f['syaw']) ? deg2rad($f['syaw']->positive()) : null,
            z: isset($f['z']) ? $f['z']->number() : null,
            sz: $s('sz'),
            lean: $lean,
        );
    }

    private static function vertical(Node $node, Bounds $bounds): Vertical
    {
        $f = $node->fields(['pitch', 'roll'], ['sPitch', 'sRoll', 'most']);
        $most = isset($f['most']) ? $f['most']->fields([], ['pitch', 'roll']) : [];
        $bounds->put('^pitch', $most['pitch'] ?? null, isset($f['sPitch']), true);
        $bounds->put('^roll', $most['roll'] ?? null, isset($f['sRoll']), true);

        return new Vertical(
            deg2rad($f['pitch']->number()),
            deg2rad($f['roll']->number()),
            isset($f['sPitch']) ? deg2rad($f['sPitch']->positive()) : null,
            isset($f['sRoll']) ? deg2rad($f['sRoll']->positive()) : null,
        );
    }

    private static function level(string $name, Node $node, Bounds $bounds): Level
    {
        $f = $node->fields(['height'], ['s', 'most', 'tilt']);
        $bounds->put("~$name.height", $f['most'] ?? null, isset($f['s']));
        $tilt = null;
        if (isset($f['tilt'])) {
            $t = $f['tilt']->fields(['s'], ['most']);
            $tilt = $t['s']->positive();
            $bounds->put("~$name.tiltX", $t['most'] ?? null);
            $bounds->put("~$name.tiltY", $t['most'] ?? null);
        }

        return new Level($name, $f['height']->number(), isset($f['s']) ? $f['s']->positive() : null, $tilt);
    }

    /** Above 0 and below 1. */
    private static function share(Node $node): float
    {
        $share = $node->positive();

        return $share < 1 ? $share : throw InvalidInput::because($node->path(), 'network.level');
    }

    /** @return array<string, float> */
    private static function place(Solution $solution, string $name): array
    {
        [$sx, $sy] = $solution->uncertaintyOf($name);
        $at = $solution->geometry;

        return [
            'x' => $at->x[$name], 'y' => $at->y[$name], ...(isset($at->z[$name]) ? ['z' => $at->z[$name]] : []),
            'sx' => $sx, 'sy' => $sy, ...(isset($at->z[$name]) ? ['sz' => $solution->uncertainty($at->height($name))] : []),
        ];
    }

    /** @return array{value: float, s: float} an unknown of its own, in its unit */
    private static function unknown(Solution $solution, int $place, float $unit = 1.0): array
    {
        return ['value' => $solution->geometry->state[$place] * $unit, 's' => sqrt(max(0.0, $solution->variance([$place => 1.0]))) * $unit];
    }

    /** @return array<string, mixed> */
    private static function lean(Solution $solution, string $body): array
    {
        $place = $solution->geometry->layout->lean[$body] ?? null;
        if ($place === null) {
            return [];
        }
        $x = self::unknown($solution, $place, rad2deg(1));
        $y = self::unknown($solution, $place + 1, rad2deg(1));

        return ['leanX' => $x['value'], 'leanY' => $y['value'], 'sLean' => [$x['s'], $y['s']]];
    }

    /** @return array<string, mixed> what stands upright, and the laser planes */
    private static function space(Solution $solution): array
    {
        $layout = $solution->geometry->layout;
        $space = [];
        if ($layout->pitch !== null) {
            $pitch = self::unknown($solution, $layout->pitch, rad2deg(1));
            $roll = self::unknown($solution, $layout->pitch + 1, rad2deg(1));
            $space['vertical'] = ['pitch' => $pitch['value'], 'roll' => $roll['value'], 'sPitch' => $pitch['s'], 'sRoll' => $roll['s']];
        }
        foreach ($layout->level as $name => $place) {
            $height = self::unknown($solution, $place);
            $written = ['height' => $height['value'], 's' => $height['s']];
            if (isset($layout->tilt[$name])) {
                $x = self::unknown($solution, $layout->tilt[$name]);
                $y = self::unknown($solution, $layout->tilt[$name] + 1);
                $written += ['tiltX' => $x['value'], 'tiltY' => $y['value'], 'sTilt' => [$x['s'], $y['s']]];
            }
            $space['levels'][$name] = $written;
        }

        return $space;
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
                    $errors[$kind] = self::unknown($solution, $place);
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
