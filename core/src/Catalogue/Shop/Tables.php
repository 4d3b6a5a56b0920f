<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Shop;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Catalogue\Shop\DayRules::class => new F\Table(\Lumbro\Core\Catalogue\Shop\DayRules::class, [
                new F\Field('opening', 'opening', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Shop\Opening::class), most: 28), optional: true, usual: []),
                new F\Field('people', 'people', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Shop\PersonDay::class), most: 200), optional: true, usual: []),
                new F\Field('walls', 'walls', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Shop\SharedWall::class), most: 20), optional: true, usual: []),
                new F\Field('warmUp', 'warmUp', null, new F\Whole(least: 0, most: 120), optional: true, usual: 0),
                new F\Field('latitude', 'latitude', null, new F\Number(unit: '°', least: -89.0, most: 89.0), optional: true),
                new F\Field('east', 'east', null, new F\Number(unit: '°', least: -180.0, most: 180.0), optional: true),
                new F\Field('outside', 'outside', null, new F\Part(of: \Lumbro\Core\Catalogue\Shop\OutsideShop::class), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Shop\DayRules => new \Lumbro\Core\Catalogue\Shop\DayRules(F\Table::read($kinds[0], $f['opening'] ?? null, []), F\Table::read($kinds[1], $f['people'] ?? null, []), F\Table::read($kinds[2], $f['walls'] ?? null, []), F\Table::read($kinds[3], $f['warmUp'] ?? null, 0), F\Table::read($kinds[4], $f['latitude'] ?? null, null), F\Table::read($kinds[5], $f['east'] ?? null, null), F\Table::read($kinds[6], $f['outside'] ?? null, null))),
            \Lumbro\Core\Catalogue\Shop\Opening::class => new F\Table(\Lumbro\Core\Catalogue\Shop\Opening::class, [
                new F\Field('day', 'day', null, new F\Whole(least: 1, most: 7)),
                new F\Field('from', 'from', null, new F\Hour()),
                new F\Field('to', 'to', null, new F\Hour()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Shop\Opening => new \Lumbro\Core\Catalogue\Shop\Opening($kinds[0]->read($f['day']), $kinds[1]->read($f['from']), $kinds[2]->read($f['to']))),
            \Lumbro\Core\Catalogue\Shop\OutsideShop::class => new F\Table(\Lumbro\Core\Catalogue\Shop\OutsideShop::class, [
                new F\Field('name', 'name', null, new F\Text(most: 120)),
                new F\Field('fee', 'fee', null, new F\Number(least: 0.0, most: 1000000.0)),
                new F\Field('there', 'there', null, new F\Whole(least: 1, most: 600)),
                new F\Field('away', 'away', null, new F\Whole(least: 1, most: 6000)),
                new F\Field('hour', 'hour', null, new F\Number(least: 0.0, most: 100000.0)),
                new F\Field('currency', 'currency', null, new F\Text(most: 12)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Shop\OutsideShop => new \Lumbro\Core\Catalogue\Shop\OutsideShop($kinds[0]->read($f['name']), $kinds[1]->read($f['fee']), $kinds[2]->read($f['there']), $kinds[3]->read($f['away']), $kinds[4]->read($f['hour']), $kinds[5]->read($f['currency']))),
            \Lumbro\Core\Catalogue\Shop\PersonDay::class => new F\Table(\Lumbro\Core\Catalogue\Shop\PersonDay::class, [
                new F\Field('person', 'person', null, new F\Text(most: 60)),
                new F\Field('works', 'works', null, new F\Flag(), optional: true, usual: true),
                new F\Field('runs', 'runs', null, new F\Flag(), optional: true, usual: true),
                new F\Field('drives', 'drives', null, new F\Flag(), optional: true, usual: true),
                new F\Field('hours', 'hours', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Shop\Opening::class), most: 28), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Shop\PersonDay => new \Lumbro\Core\Catalogue\Shop\PersonDay($kinds[0]->read($f['person']), F\Table::read($kinds[1], $f['works'] ?? null, true), F\Table::read($kinds[2], $f['runs'] ?? null, true), F\Table::read($kinds[3], $f['drives'] ?? null, true), F\Table::read($kinds[4], $f['hours'] ?? null, []))),
            \Lumbro\Core\Catalogue\Shop\SharedWall::class => new F\Table(\Lumbro\Core\Catalogue\Shop\SharedWall::class, [
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('bays', 'bays', null, new F\ListOf(of: new F\Text(most: 60), most: 40)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Shop\SharedWall => new \Lumbro\Core\Catalogue\Shop\SharedWall($kinds[0]->read($f['name']), $kinds[1]->read($f['bays']))),
            \Lumbro\Core\Catalogue\Shop\ShopSettings::class => new F\Table(\Lumbro\Core\Catalogue\Shop\ShopSettings::class, [
                new F\Field('name', 'name', null, new F\Text(most: 120)),
                new F\Field('zone', 'zone', null, new F\Text(most: 60)),
                new F\Field('language', 'language', null, new F\Text(most: 10)),
                new F\Field('unit', 'unit', null, new F\Choice(words: ['mm', 'in'])),
                new F\Field('decimal', 'decimal', null, new F\Choice(words: ['.', ','])),
                new F\Field('paper', 'paper', null, new F\Choice(words: ['A4', 'Letter'])),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Shop\ShopSettings => new \Lumbro\Core\Catalogue\Shop\ShopSettings($kinds[0]->read($f['name']), $kinds[1]->read($f['zone']), $kinds[2]->read($f['language']), $kinds[3]->read($f['unit']), $kinds[4]->read($f['decimal']), $kinds[5]->read($f['paper']))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
