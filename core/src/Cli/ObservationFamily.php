<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Survey\Observation\Along;
use Lumbro\Core\Survey\Observation\AxisOffset;
use Lumbro\Core\Survey\Observation\Beam;
use Lumbro\Core\Survey\Observation\Bearing;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Observation\HeadingDifference;
use Lumbro\Core\Survey\Observation\Height;
use Lumbro\Core\Survey\Observation\Line;
use Lumbro\Core\Survey\Observation\MirrorReturn;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Offset;
use Lumbro\Core\Survey\Observation\Plumb;
use Lumbro\Core\Survey\Observation\RelativeBearing;
use Lumbro\Core\Survey\Observation\Staff;

/** Reads the observation types of a network document. A further type is one entry here and one class. */
final class ObservationFamily
{
    /** Type → its own fields, required and optional. */
    private const FIELDS = [
        'distance' => [['id', 'type', 's', 'from', 'to'], ['dz', 'instrument', 'most']],
        'offset' => [['id', 'type', 's', 'point', 'line'], ['instrument', 'most']],
        'along' => [['id', 'type', 's', 'point', 'line'], ['origin', 'instrument', 'most']],
        'axisOffset' => [['id', 'type', 's', 'body', 'point'], ['instrument', 'most']],
        'beam' => [['id', 'type', 's', 'from', 'heading', 'body'], ['instrument', 'most']],
        'return' => [['id', 'type', 's', 'from', 'heading', 'body'], ['mirror', 'instrument', 'most']],
        'headingDifference' => [['id', 'type', 's', 'headings'], ['most']],
        'relativeBearing' => [['id', 'type', 's', 'body', 'point'], ['most']],
        'height' => [['id', 'type', 's', 'from', 'to'], ['instrument', 'most']],
        'staff' => [['id', 'type', 's', 'point', 'level'], ['instrument', 'most']],
        'plumb' => [['id', 'type', 's', 'from', 'to', 'axis'], ['instrument', 'most']],
        'bearing' => [['id', 'type', 's', 'from', 'to'], ['most']],
    ];

    /**
     * @param bool         $measured false for a candidate, which has no value yet
     * @param list<string> $beside   fields that whoever asks reads itself
     */
    public static function read(Node $node, Names $names, bool $measured = true, array $beside = []): Observation
    {
        $type = ($node->member('type') ?? throw InvalidInput::missing($node->path(), 'type'))->oneOf(array_keys(self::FIELDS));
        [$required, $optional] = self::FIELDS[$type];
        $f = $node->fields($measured ? [...$required, 'value'] : $required, [...$optional, ...$beside]);
        $id = $names->observation($f['id']);
        $value = isset($f['value']) ? $f['value']->number() : null;
        $s = $f['s']->positive();
        $instrument = isset($f['instrument']) ? $names->instrument($f['instrument']) : null;
        // Angles come in degrees.
        $angle = $value === null ? null : deg2rad($value);

        switch ($type) {
            case 'distance':
                return self::distance($f, $names, $id, $value, $s, $instrument);
            case 'offset':
                $point = $names->point($f['point']);

                return new Offset($id, $point, self::line($f['line'], $names, $point), $value, $s, $instrument);
            case 'along':
                $point = $names->point($f['point']);
                $origin = isset($f['origin']) ? $names->point($f['origin']) : null;
                $line = self::line($f['line'], $names, $point, ...($origin === null ? [] : [$origin]));

                return new Along($id, $point, $line, $origin ?? $line->from, $value, $s, $instrument);
            case 'axisOffset':
                [$body, $point] = [$names->body($f['body']), $names->point($f['point'])];

                return new AxisOffset($id, $body, $point, $value, $s, $instrument, $names->isInSpace($body, $point));
            case 'height':
                [$from, $to] = $names->distinct($f['from'], $f['to']);
                $names->pointInSpace($f['from']);

                return new Height($id, $from, $names->pointInSpace($f['to']), $value, $s, $instrument);
            case 'staff':
                return new Staff($id, $names->pointInSpace($f['point']), $names->level($f['level']), $value, $s, $instrument);
            case 'plumb':
                $names->distinct($f['from'], $f['to']);

                return new Plumb($id, $names->pointInSpace($f['from']), $names->pointInSpace($f['to']), $f['axis']->oneOf(['x', 'y']) === 'y', $value, $s, $instrument);
            case 'beam':
                return new Beam($id, $names->point($f['from']), $names->heading($f['heading']), $names->body($f['body']), $value, $s, $instrument);
            case 'return':
                $mirror = isset($f['mirror']) ? $names->heading($f['mirror']) : null;

                return new MirrorReturn(id: $id, from: $names->point($f['from']), heading: $names->heading($f['heading']), body: $names->body($f['body']), mirror: $mirror, value: $value, s: $s, instrument: $instrument);
            case 'headingDifference':
                [$first, $second] = $names->distinctHeadings(...$f['headings']->items(2));

                return new HeadingDifference($id, $first, $second, $angle, deg2rad($s));
            case 'relativeBearing':
                return new RelativeBearing($id, $names->body($f['body']), $names->point($f['point']), $angle, deg2rad($s));
            default:
                [$from, $to] = $names->distinct($f['from'], $f['to']);

                return new Bearing($id, $from, $to, $angle, deg2rad($s));
        }
    }

    /**
     * A tape: in space where both ends have heights, else in the plan, with a known height difference of its ends.
     *
     * @param array<array-key, Node> $f
     */
    private static function distance(array $f, Names $names, string $id, ?float $value, float $s, ?string $instrument): Distance
    {
        [$from, $to] = $names->distinct($f['from'], $f['to']);
        $inSpace = $names->isInSpace($from, $to);
        if ($inSpace && isset($f['dz'])) {
            throw InvalidInput::because($f['dz']->path(), 'network.dz-in-space');
        }
        if (! isset($f['dz']) && $names->isInSpace($from) !== $names->isInSpace($to)) {
            throw InvalidInput::because($f['from']->path(), 'network.one-end-in-space', ['from' => $from, 'to' => $to]);
        }

        return new Distance($id, $from, $to, $value, $s, isset($f['dz']) ? $f['dz']->number() : 0.0, $instrument, inSpace: $inSpace);
    }

    /** @param string ...$read what is read against the line: with all of it in space, the line runs through the feet of plumb lines */
    private static function line(Node $node, Names $names, string ...$read): Line
    {
        [$from, $to] = $names->distinct(...$node->items(2));

        return new Line($from, $to, $names->isInSpace($from, $to, ...$read));
    }
}
