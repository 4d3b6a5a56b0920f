<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The JSON form of the kit a set-up is measured with. Lengths in mm. */
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

    /** @return array<string, mixed> */
    public static function write(Kit $kit): array
    {
        return [
            'tape' => self::writeInstrument($kit->tape),
            'rule' => self::writeInstrument($kit->rule),
            'staff' => self::writeInstrument($kit->staff),
            'stand' => [
                'name' => $kit->stand, 'targetAhead' => $kit->targetAhead, 'targetLeft' => $kit->targetLeft, 'halfWidth' => $kit->halfWidth,
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function writeInstrument(MeasuringInstrument $instrument): array
    {
        return [
            'id' => $instrument->id,
            'name' => $instrument->name,
            'accuracy' => $instrument->accuracy,
            'resolution' => $instrument->resolution,
            ...($instrument->sScale === null ? [] : ['sScale' => $instrument->sScale]),
            ...($instrument->sZero === null ? [] : ['sZero' => $instrument->sZero]),
            ...($instrument->scale === 0.0 ? [] : ['scale' => $instrument->scale]),
            ...($instrument->zero === 0.0 ? [] : ['zero' => $instrument->zero]),
        ];
    }

    private static function instrument(Node $node): MeasuringInstrument
    {
        return self::readInstrument($node->fields(['id', 'name', 'accuracy', 'resolution'], ['sScale', 'sZero', 'scale', 'zero']));
    }

    /**
     * An instrument's own fields, among others.
     *
     * @param array<array-key, Node> $f
     */
    public static function readInstrument(array $f): MeasuringInstrument
    {
        foreach (['scale' => 'sScale', 'zero' => 'sZero'] as $known => $s) {
            if (isset($f[$known]) && ! isset($f[$s])) {
                throw InvalidInput::because($f[$known]->path(), 'kit.error-without-s', ['field' => $s]);
            }
        }

        return new MeasuringInstrument(
            $f['id']->text(),
            $f['name']->text(),
            $f['accuracy']->positive(),
            $f['resolution']->positive(),
            isset($f['sScale']) ? $f['sScale']->positive() : null,
            isset($f['sZero']) ? $f['sZero']->positive() : null,
            isset($f['scale']) ? $f['scale']->between(-0.05, 0.05) : 0.0,
            isset($f['zero']) ? $f['zero']->between(-1000, 1000) : 0.0,
        );
    }
}
