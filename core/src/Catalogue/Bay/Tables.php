<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Catalogue\Bay\Bay::class => new F\Table(\Lumbro\Core\Catalogue\Bay\Bay::class, [
                new F\Field('name', 'name', null, new F\Text(most: 60)),
                new F\Field('outline', 'outline', null, new F\Corners()),
                new F\Field('sFloor', 'sFloor', null, new F\Number(unit: 'mm', least: 1.0E-6, most: 500.0)),
                new F\Field('obstacles', 'obstacles', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Bay\Obstacle::class), most: 200), optional: true, usual: []),
                new F\Field('levelZone', 'levelZone', null, new F\Corners(), optional: true),
                new F\Field('survey', 'survey', null, new F\Part(of: \Lumbro\Core\Catalogue\Bay\FloorSurvey::class), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Bay\Bay => new \Lumbro\Core\Catalogue\Bay\Bay($kinds[0]->read($f['name']), $kinds[1]->read($f['outline']), $kinds[2]->read($f['sFloor']), F\Table::read($kinds[3], $f['obstacles'] ?? null, []), F\Table::read($kinds[4], $f['levelZone'] ?? null, null), F\Table::read($kinds[5], $f['survey'] ?? null, null))),
            \Lumbro\Core\Catalogue\Bay\FloorSurvey::class => new F\Table(\Lumbro\Core\Catalogue\Bay\FloorSurvey::class, [
                new F\Field('date', 'date', null, new F\Day()),
                new F\Field('by', 'by', null, new F\Text(most: 80)),
                new F\Field('s', 's', null, new F\Number(unit: 'mm', least: 1.0E-6, most: 100.0)),
                new F\Field('laserTilt', 'laserTilt', null, new F\Number(unit: 'mm/m', least: 0.0, most: 20.0)),
                new F\Field('points', 'points', null, new F\ListOf(of: new F\Row(fields: ['x' => new F\Number(unit: 'mm', least: -200000.0, most: 200000.0), 'y' => new F\Number(unit: 'mm', least: -200000.0, most: 200000.0), 'reading' => new F\Number(unit: 'mm', least: 0.0, most: 10000.0)]), most: 200)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Bay\FloorSurvey => new \Lumbro\Core\Catalogue\Bay\FloorSurvey($kinds[0]->read($f['date']), $kinds[1]->read($f['by']), $kinds[2]->read($f['s']), $kinds[3]->read($f['laserTilt']), $kinds[4]->read($f['points']))),
            \Lumbro\Core\Catalogue\Bay\Obstacle::class => new F\Table(\Lumbro\Core\Catalogue\Bay\Obstacle::class, [
                new F\Field('name', 'name', null, new F\Text(most: 60)),
                new F\Field('corners', 'corners', null, new F\Corners()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Bay\Obstacle => new \Lumbro\Core\Catalogue\Bay\Obstacle($kinds[0]->read($f['name']), $kinds[1]->read($f['corners']))),
            \Lumbro\Core\Catalogue\Bay\PlainBay::class => new F\Table(\Lumbro\Core\Catalogue\Bay\PlainBay::class, [
                new F\Field('name', 'name', null, new F\Text(most: 60)),
                new F\Field('length', 'length', null, new F\Number(unit: 'mm', least: 4000.0, most: 60000.0)),
                new F\Field('width', 'width', null, new F\Number(unit: 'mm', least: 2200.0, most: 40000.0)),
                new F\Field('obstacles', 'obstacles', null, new F\ListOf(of: new F\Row(fields: ['name' => new F\Text(most: 60), 'fromBack' => new F\Number(unit: 'mm', least: 0.0, most: 60000.0), 'fromLeft' => new F\Number(unit: 'mm', least: 0.0, most: 40000.0), 'length' => new F\Number(unit: 'mm', least: 1.0, most: 60000.0), 'width' => new F\Number(unit: 'mm', least: 1.0, most: 40000.0)]), most: 40), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Bay\PlainBay => new \Lumbro\Core\Catalogue\Bay\PlainBay($kinds[0]->read($f['name']), $kinds[1]->read($f['length']), $kinds[2]->read($f['width']), F\Table::read($kinds[3], $f['obstacles'] ?? null, []))),
            \Lumbro\Core\Catalogue\Bay\Stance::class => new F\Table(\Lumbro\Core\Catalogue\Bay\Stance::class, [
                new F\Field('x', 'x', null, new F\Number(unit: 'mm', least: -200000.0, most: 200000.0)),
                new F\Field('y', 'y', null, new F\Number(unit: 'mm', least: -200000.0, most: 200000.0)),
                new F\Field('heading', 'heading', null, new F\Number(unit: '°', least: -360.0, most: 360.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Bay\Stance => new \Lumbro\Core\Catalogue\Bay\Stance($kinds[0]->read($f['x']), $kinds[1]->read($f['y']), $kinds[2]->read($f['heading']))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
