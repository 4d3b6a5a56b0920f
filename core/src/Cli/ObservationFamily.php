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
use Lumbro\Core\Survey\Observation\Line;
use Lumbro\Core\Survey\Observation\MirrorReturn;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Offset;
use Lumbro\Core\Survey\Observation\RelativeBearing;

/** Reads the observation types of a network document. A further type is one entry here and one class. */
final class ObservationFamily
{
    /** Type → its own fields, required and optional. */
    private const FIELDS = [
        'distance' => [['id', 'type', 's', 'from', 'to'], ['dz', 'instrument']],
        'offset' => [['id', 'type', 's', 'point', 'line'], ['instrument']],
        'along' => [['id', 'type', 's', 'point', 'line'], ['origin', 'instrument']],
        'axisOffset' => [['id', 'type', 's', 'body', 'point'], ['instrument']],
        'beam' => [['id', 'type', 's', 'from', 'heading', 'body'], ['instrument']],
        'return' => [['id', 'type', 's', 'from', 'heading', 'body'], ['mirror', 'instrument']],
        'headingDifference' => [['id', 'type', 's', 'headings'], []],
        'relativeBearing' => [['id', 'type', 's', 'body', 'point'], []],
        'bearing' => [['id', 'type', 's', 'from', 'to'], []],
    ];

    /** @param bool $measured false for a candidate, which has no value yet */
    public static function read(Node $node, Names $names, bool $measured = true): Observation
    {
        $type = ($node->member('type') ?? throw InvalidInput::missing($node->path(), 'type'))->oneOf(array_keys(self::FIELDS));
        [$required, $optional] = self::FIELDS[$type];
        $f = $node->fields($measured ? [...$required, 'value'] : $required, $optional);
        $id = $names->observation($f['id']);
        $value = isset($f['value']) ? $f['value']->number() : null;
        $s = $f['s']->positive();
        $instrument = isset($f['instrument']) ? $names->instrument($f['instrument']) : null;
        // Angles come in degrees.
        $angle = $value === null ? null : deg2rad($value);

        switch ($type) {
            case 'distance':
                [$from, $to] = $names->distinct($f['from'], $f['to']);

                return new Distance($id, $from, $to, $value, $s, isset($f['dz']) ? $f['dz']->number() : 0.0, $instrument);
            case 'offset':
                return new Offset($id, $names->point($f['point']), self::line($f['line'], $names), $value, $s, $instrument);
            case 'along':
                $line = self::line($f['line'], $names);
                $origin = isset($f['origin']) ? $names->point($f['origin']) : $line->from;

                return new Along($id, $names->point($f['point']), $line, $origin, $value, $s, $instrument);
            case 'axisOffset':
                return new AxisOffset($id, $names->body($f['body']), $names->point($f['point']), $value, $s, $instrument);
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

    private static function line(Node $node, Names $names): Line
    {
        [$from, $to] = $node->items(2);

        return new Line(...$names->distinct($from, $to));
    }
}
