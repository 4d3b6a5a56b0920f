<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Practice\Clutter::class => new F\Table(\Lumbro\Core\Practice\Clutter::class, [
                new F\Field('level', 'level', null, new F\Number(unit: 'dB', least: -60.0, most: 20.0)),
                new F\Field('bearing', 'bearing', null, new F\Number(unit: '°', least: -90.0, most: 90.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Practice\Clutter => new \Lumbro\Core\Practice\Clutter($kinds[0]->read($f['level']), $kinds[1]->read($f['bearing']))),
            \Lumbro\Core\Practice\Scenario::class => new F\Table(\Lumbro\Core\Practice\Scenario::class, [
                new F\Field('seed', 'seed', null, new F\Whole(least: 0, most: 2147483647)),
                new F\Field('shifts', 'shifts', null, new F\Members(of: new F\Pair(of: new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)))),
                new F\Field('standX', 'along', 'stand', new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
                new F\Field('standY', 'across', 'stand', new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
                new F\Field('standTurn', 'turn', 'stand', new F\Number(unit: '°', least: -180.0, most: 180.0)),
                new F\Field('targetHeight', 'targetHeight', null, new F\Number(unit: 'mm', least: 0.0, most: 5000.0)),
                new F\Field('sensorHeight', 'sensorHeight', null, new F\Number(unit: 'mm', least: 0.0, most: 5000.0)),
                new F\Field('mountAzimuth', 'azimuth', 'mount', new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('mountElevation', 'elevation', 'mount', new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('echoLevel', 'echoLevel', null, new F\Number(unit: 'dB', least: -100.0, most: 100.0)),
                new F\Field('handsMm', 'mm', 'hands', new F\Number(unit: 'mm', least: 0.0, most: 100.0)),
                new F\Field('handsDegrees', 'degrees', 'hands', new F\Number(unit: '°', least: 0.0, most: 10.0)),
                new F\Field('name', 'name', null, new F\Text(most: 80), optional: true, usual: ''),
                new F\Field('zeroAzimuth', 'azimuth', 'zero', new F\Number(unit: '°', least: -45.0, most: 45.0), optional: true, usual: 0.0),
                new F\Field('zeroElevation', 'elevation', 'zero', new F\Number(unit: '°', least: -45.0, most: 45.0), optional: true, usual: 0.0),
                new F\Field('gains', 'gains', 'screws', new F\Pair(of: new F\Number(least: -10.0, most: 10.0)), optional: true, usual: [1.0, 1.0]),
                new F\Field('backlash', 'backlash', 'screws', new F\Number(least: 0.0, most: 10.0), optional: true, usual: 0.0),
                new F\Field('bent', 'bent', 'screws', new F\Flag(), optional: true, usual: false),
                new F\Field('coverLoss', 'coverLoss', null, new F\Number(unit: 'dB', least: 0.0, most: 60.0), optional: true, usual: 0.0),
                new F\Field('clutter', 'clutter', null, new F\Part(of: \Lumbro\Core\Practice\Clutter::class), optional: true),
                new F\Field('floorBelow', 'floorBelow', null, new F\Number(unit: 'mm', least: -500.0, most: 500.0), optional: true, usual: 0.0),
                new F\Field('voltage', 'voltage', null, new F\Number(unit: 'V', least: 0.0, most: 60.0), optional: true),
                new F\Field('otherTarget', 'otherTarget', null, new F\Number(unit: 'dB', least: -60.0, most: 60.0), optional: true, usual: 0.0),
                new F\Field('door', 'door', null, new F\Flag(), optional: true, usual: false),
                new F\Field('code', 'code', null, new F\Text(most: 20), optional: true),
                new F\Field('lost', 'lost', 'tool', new F\Members(of: new F\ListOf(of: new F\Whole(least: 1, most: 1000)), names: ['identify', 'unlock', 'voltage', 'codes', 'lot-code', 'empty-zone', 'start', 'read', 'level', 'zero', 'clear']), optional: true, usual: []),
                new F\Field('nonsense', 'nonsense', 'tool', new F\Members(of: new F\ListOf(of: new F\Whole(least: 1, most: 1000)), names: ['identify', 'unlock', 'voltage', 'codes', 'lot-code', 'empty-zone', 'start', 'read', 'level', 'zero', 'clear']), optional: true, usual: []),
                new F\Field('unsent', 'unsent', 'tool', new F\Members(of: new F\ListOf(of: new F\Whole(least: 1, most: 1000)), names: ['identify', 'unlock', 'voltage', 'codes', 'lot-code', 'empty-zone', 'start', 'read', 'level', 'zero', 'clear']), optional: true, usual: []),
                new F\Field('fault', 'fault', null, new F\Choice(words: \Lumbro\Core\Journal\Cause::class), optional: true),
                new F\Field('rough', 'rough', null, new F\Members(of: new F\Number(least: 0.0, most: 10.0), names: ['marks', 'hubs', 'thrust', 'clamps', 'tape', 'rule', 'slips', 'tails', 'floor', 'lean', 'phase', 'pitch', 'sensor', 'echo', 'screws', 'invented']), optional: true, usual: []),
                new F\Field('offsets', 'offsets', null, new F\Members(of: new F\Number(least: -1000.0, most: 1000.0)), optional: true, usual: []),
                new F\Field('slips', 'slips', null, new F\Members(of: new F\Number(least: -1000.0, most: 1000.0)), optional: true, usual: []),
                new F\Field('cut', 'cut', null, new F\Number(unit: 'mm', least: -100.0, most: 100.0), optional: true, usual: 0.0),
                new F\Field('words', 'words', null, new F\Members(of: new F\Part(of: \Lumbro\Core\Practice\Word::class)), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Practice\Scenario => new \Lumbro\Core\Practice\Scenario($kinds[0]->read($f['seed']), $kinds[1]->read($f['shifts']), $kinds[2]->read($in['stand']['along']), $kinds[3]->read($in['stand']['across']), $kinds[4]->read($in['stand']['turn']), $kinds[5]->read($f['targetHeight']), $kinds[6]->read($f['sensorHeight']), $kinds[7]->read($in['mount']['azimuth']), $kinds[8]->read($in['mount']['elevation']), $kinds[9]->read($f['echoLevel']), $kinds[10]->read($in['hands']['mm']), $kinds[11]->read($in['hands']['degrees']), F\Table::read($kinds[12], $f['name'] ?? null, ''), F\Table::read($kinds[13], $in['zero']['azimuth'] ?? null, 0.0), F\Table::read($kinds[14], $in['zero']['elevation'] ?? null, 0.0), F\Table::read($kinds[15], $in['screws']['gains'] ?? null, [1.0, 1.0]), F\Table::read($kinds[16], $in['screws']['backlash'] ?? null, 0.0), F\Table::read($kinds[17], $in['screws']['bent'] ?? null, false), F\Table::read($kinds[18], $f['coverLoss'] ?? null, 0.0), F\Table::read($kinds[19], $f['clutter'] ?? null, null), F\Table::read($kinds[20], $f['floorBelow'] ?? null, 0.0), F\Table::read($kinds[21], $f['voltage'] ?? null, null), F\Table::read($kinds[22], $f['otherTarget'] ?? null, 0.0), F\Table::read($kinds[23], $f['door'] ?? null, false), F\Table::read($kinds[24], $f['code'] ?? null, null), F\Table::read($kinds[25], $in['tool']['lost'] ?? null, []), F\Table::read($kinds[26], $in['tool']['nonsense'] ?? null, []), F\Table::read($kinds[27], $in['tool']['unsent'] ?? null, []), F\Table::read($kinds[28], $f['fault'] ?? null, null), F\Table::read($kinds[29], $f['rough'] ?? null, []), F\Table::read($kinds[30], $f['offsets'] ?? null, []), F\Table::read($kinds[31], $f['slips'] ?? null, []), F\Table::read($kinds[32], $f['cut'] ?? null, 0.0), F\Table::read($kinds[33], $f['words'] ?? null, []))),
            \Lumbro\Core\Practice\Word::class => new F\Table(\Lumbro\Core\Practice\Word::class, [
                new F\Field('who', 'who', null, new F\Text(most: 80)),
                new F\Field('offsets', 'offsets', null, new F\Members(of: new F\Number(least: -1000.0, most: 1000.0)), optional: true, usual: []),
                new F\Field('cause', 'cause', null, new F\Choice(words: \Lumbro\Core\Journal\Cause::class), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Practice\Word => new \Lumbro\Core\Practice\Word($kinds[0]->read($f['who']), F\Table::read($kinds[1], $f['offsets'] ?? null, []), F\Table::read($kinds[2], $f['cause'] ?? null, null))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
