<?php

declare(strict_types=1);

namespace Lumbro\Core\Document;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Procedure\Kit;
use Lumbro\Core\Procedure\MeasuringInstrument;

/** Reads the JSON form of a kit. Lengths in mm. */
final class KitDocument
{
    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "kit") */
    public static function read(Node $node): Kit
    {
        $f = $node->fields(['tape', 'rule', 'staff', 'stand']);
        $stand = $f['stand']->fields(['name', 'targetAhead', 'targetLeft', 'halfWidth']);

        return new Kit(
            self::instrument($f['tape']),
            self::instrument($f['rule']),
            self::instrument($f['staff']),
            $stand['name']->text(),
            $stand['targetAhead']->number(),
            $stand['targetLeft']->number(),
            $stand['halfWidth']->positive(),
        );
    }

    private static function instrument(Node $node): MeasuringInstrument
    {
        $f = $node->fields(['id', 'name', 'accuracy', 'resolution'], ['sScale', 'sZero']);

        return new MeasuringInstrument(
            $f['id']->text(),
            $f['name']->text(),
            $f['accuracy']->positive(),
            $f['resolution']->positive(),
            isset($f['sScale']) ? $f['sScale']->positive() : null,
            isset($f['sZero']) ? $f['sZero']->positive() : null,
        );
    }
}
