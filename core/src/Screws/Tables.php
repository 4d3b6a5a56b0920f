<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Screws;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Screws\Screw::class => new F\Table(\Lumbro\Core\Screws\Screw::class, [
                new F\Field('id', 'id', null, new F\Text(most: null)),
                new F\Field('y', 'y', null, new F\Number(unit: 'mm')),
                new F\Field('z', 'z', null, new F\Number(unit: 'mm')),
                new F\Field('pitch', 'pitch', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('clockwise', 'clockwise', null, new F\Choice(words: \Lumbro\Core\Screws\TurnSense::class)),
                new F\Field('travel', 'travel', null, new F\Number(least: 0.0), optional: true),
                new F\Field('position', 'position', null, new F\Number(), optional: true, usual: 0.0),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Screws\Screw => new \Lumbro\Core\Screws\Screw($kinds[0]->read($f['id']), $kinds[1]->read($f['y']), $kinds[2]->read($f['z']), $kinds[3]->read($f['pitch']), $kinds[4]->read($f['clockwise']), F\Table::read($kinds[5], $f['travel'] ?? null, null), F\Table::read($kinds[6], $f['position'] ?? null, 0.0))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
