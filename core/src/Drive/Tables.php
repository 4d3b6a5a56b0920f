<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Drive;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Drive\DriveRule::class => new F\Table(\Lumbro\Core\Drive\DriveRule::class, [
                new F\Field('slowest', 'slowest', null, new F\Number(unit: 'km/h', least: 0.0, most: 300.0)),
                new F\Field('fastest', 'fastest', null, new F\Number(unit: 'km/h', least: 1.0, most: 300.0)),
                new F\Field('turning', 'turning', null, new F\Number(unit: '°/s', least: 0.1, most: 90.0)),
                new F\Field('seconds', 'minutes', null, new F\Number(unit: 'min', least: 0.0, most: 600.0, factor: 60.0)),
                new F\Field('metres', 'kilometres', null, new F\Number(unit: 'km', least: 0.0, most: 1000.0, factor: 1000.0)),
                new F\Field('daylight', 'daylight', null, new F\Flag(), optional: true, usual: false),
                new F\Field('glare', 'glare', null, new F\Number(unit: '°', least: 1.0, most: 90.0), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Drive\DriveRule => new \Lumbro\Core\Drive\DriveRule($kinds[0]->read($f['slowest']), $kinds[1]->read($f['fastest']), $kinds[2]->read($f['turning']), $kinds[3]->read($f['minutes']), $kinds[4]->read($f['kilometres']), F\Table::read($kinds[5], $f['daylight'] ?? null, false), F\Table::read($kinds[6], $f['glare'] ?? null, null))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
