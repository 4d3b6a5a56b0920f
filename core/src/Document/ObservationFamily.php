<?php

declare(strict_types=1);

namespace Lumbro\Core\Document;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Survey\Observation\Along;
use Lumbro\Core\Survey\Observation\AxisOffset;
use Lumbro\Core\Survey\Observation\Distance;
use Lumbro\Core\Survey\Observation\Line;
use Lumbro\Core\Survey\Observation\Observation;
use Lumbro\Core\Survey\Observation\Offset;

/** Reads the observation types of a network document. A further type is one entry here and one class. */
final class ObservationFamily
{
    private const TYPES = ['distance', 'offset', 'along', 'axisOffset'];

    /** @param bool $measured false for a candidate, which has no value yet */
    public static function read(Node $node, Names $names, bool $measured = true): Observation
    {
        $type = $node->members()['type'] ?? throw InvalidInput::missing($node->path, 'type');
        $fields = match ($type->oneOf(self::TYPES)) {
            'distance' => [['from', 'to'], ['dz']],
            'offset' => [['point', 'line'], []],
            'along' => [['point', 'line'], ['origin']],
            default => [['body', 'point'], []],
        };
        $required = ['id', 'type', 's', ...$fields[0], ...($measured ? ['value'] : [])];
        $field = $node->fields($required, [...$fields[1], 'instrument']);

        $id = $names->observation($field['id']);
        $value = isset($field['value']) ? $field['value']->number() : null;
        $s = $field['s']->positive();
        $instrument = isset($field['instrument']) ? $names->instrument($field['instrument']) : null;

        return match ($type->text()) {
            'distance' => new Distance(
                $id,
                ...$names->distinct($field['from'], $field['to']),
                value: $value,
                s: $s,
                dz: isset($field['dz']) ? $field['dz']->number() : 0.0,
                instrument: $instrument,
            ),
            'offset' => new Offset($id, $names->point($field['point']), self::line($field['line'], $names), $value, $s, $instrument),
            'along' => new Along(
                $id,
                $names->point($field['point']),
                $line = self::line($field['line'], $names),
                isset($field['origin']) ? $names->point($field['origin']) : $line->from,
                $value,
                $s,
                $instrument,
            ),
            default => new AxisOffset($id, $names->body($field['body']), $names->point($field['point']), $value, $s, $instrument),
        };
    }

    private static function line(Node $node, Names $names): Line
    {
        [$from, $to] = $node->items(2);

        return new Line(...$names->distinct($from, $to));
    }
}
