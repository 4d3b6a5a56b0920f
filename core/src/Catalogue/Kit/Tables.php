<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Catalogue\Kit\Check::class => new F\Table(\Lumbro\Core\Catalogue\Kit\Check::class, [
                new F\Field('last', 'lastCheck', null, new F\Day(), optional: true),
                new F\Field('next', 'nextCheck', null, new F\Day(), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Kit\Check => new \Lumbro\Core\Catalogue\Kit\Check(F\Table::read($kinds[0], $f['lastCheck'] ?? null, null), F\Table::read($kinds[1], $f['nextCheck'] ?? null, null))),
            \Lumbro\Core\Catalogue\Kit\Instrument::class => new F\Table(\Lumbro\Core\Catalogue\Kit\Instrument::class, [
                new F\Field('kind', 'kind', null, new F\Choice(words: ['tape', 'rule', 'staff', 'laser', 'level', 'inclinometer', 'film-gauge', 'charger', 'scan-tool'])),
                new F\Field('measures', 'measures', null, new F\Inline(of: \Lumbro\Core\Catalogue\Kit\MeasuringInstrument::class)),
                new F\Field('check', 'check', null, new F\Inline(of: \Lumbro\Core\Catalogue\Kit\Check::class)),
                new F\Field('note', 'note', null, new F\Text(), optional: true, usual: ''),
                new F\Field('driftZero', 'driftZero', null, new F\Number(unit: 'mm', least: 0.0, most: 100.0), optional: true),
                new F\Field('driftScale', 'driftScale', null, new F\Number(least: 0.0, most: 0.05), optional: true),
                new F\Field('signs', 'signs', null, new F\Row(fields: ['left' => new F\Choice(words: ['plus', 'minus']), 'up' => new F\Choice(words: ['plus', 'minus'])]), optional: true),
            ], tag: new F\Tagged(name: 'sort', value: 'instrument'), make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Kit\Instrument => new \Lumbro\Core\Catalogue\Kit\Instrument($kinds[0]->read($f['kind']), F\Table::of(\Lumbro\Core\Catalogue\Kit\MeasuringInstrument::class)->make($f, $node), F\Table::of(\Lumbro\Core\Catalogue\Kit\Check::class)->make($f, $node), F\Table::read($kinds[3], $f['note'] ?? null, ''), F\Table::read($kinds[4], $f['driftZero'] ?? null, null), F\Table::read($kinds[5], $f['driftScale'] ?? null, null), F\Table::read($kinds[6], $f['signs'] ?? null, null))),
            \Lumbro\Core\Catalogue\Kit\Lesson::class => new F\Table(\Lumbro\Core\Catalogue\Kit\Lesson::class, [
                new F\Field('instrument', 'instrument', null, new F\Id()),
                new F\Field('factor', 'factor', null, new F\Number(least: 0.5, most: 5.0)),
                new F\Field('readings', 'readings', null, new F\Whole(least: 0, most: 10000000)),
                new F\Field('redundancy', 'redundancy', null, new F\Number(least: 0.0, most: 10000000.0)),
                new F\Field('zero', 'zero', null, new F\Number(unit: 'mm', least: -1000.0, most: 1000.0), optional: true),
                new F\Field('sZero', 'sZero', null, new F\Number(unit: 'mm', least: 1.0E-9), optional: true),
                new F\Field('scale', 'scale', null, new F\Number(least: -0.05, most: 0.05), optional: true),
                new F\Field('sScale', 'sScale', null, new F\Number(least: 1.0E-9), optional: true),
                new F\Field('at', 'at', null, new F\Day(), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Kit\Lesson => new \Lumbro\Core\Catalogue\Kit\Lesson($kinds[0]->read($f['instrument']), $kinds[1]->read($f['factor']), $kinds[2]->read($f['readings']), $kinds[3]->read($f['redundancy']), F\Table::read($kinds[4], $f['zero'] ?? null, null), F\Table::read($kinds[5], $f['sZero'] ?? null, null), F\Table::read($kinds[6], $f['scale'] ?? null, null), F\Table::read($kinds[7], $f['sScale'] ?? null, null), F\Table::read($kinds[8], $f['at'] ?? null, null))),
            \Lumbro\Core\Catalogue\Kit\MeasuringInstrument::class => new F\Table(\Lumbro\Core\Catalogue\Kit\MeasuringInstrument::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('name', 'name', null, new F\Text(most: 120)),
                new F\Field('accuracy', 'accuracy', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('resolution', 'resolution', null, new F\Number(unit: 'mm', least: 1.0E-9)),
                new F\Field('sScale', 'sScale', null, new F\Number(least: 1.0E-9), optional: true),
                new F\Field('sZero', 'sZero', null, new F\Number(unit: 'mm', least: 1.0E-9), optional: true),
                new F\Field('scale', 'scale', null, new F\Number(least: -0.05, most: 0.05), optional: true, usual: 0.0),
                new F\Field('zero', 'zero', null, new F\Number(unit: 'mm', least: -1000.0, most: 1000.0), optional: true, usual: 0.0),
                new F\Field('reach', 'reach', null, new F\Number(unit: 'mm', least: 1.0E-9), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Kit\MeasuringInstrument => new \Lumbro\Core\Catalogue\Kit\MeasuringInstrument($kinds[0]->read($f['id']), $kinds[1]->read($f['name']), $kinds[2]->read($f['accuracy']), $kinds[3]->read($f['resolution']), F\Table::read($kinds[4], $f['sScale'] ?? null, null), F\Table::read($kinds[5], $f['sZero'] ?? null, null), F\Table::read($kinds[6], $f['scale'] ?? null, 0.0), F\Table::read($kinds[7], $f['zero'] ?? null, 0.0), F\Table::read($kinds[8], $f['reach'] ?? null, null))),
            \Lumbro\Core\Catalogue\Kit\OverdueRule::class => new F\Table(\Lumbro\Core\Catalogue\Kit\OverdueRule::class, [
                new F\Field('bars', 'bars', null, new F\Flag()),
                new F\Field('widening', 'widening', null, new F\Number(least: 1.0, most: 100.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Kit\OverdueRule => new \Lumbro\Core\Catalogue\Kit\OverdueRule($kinds[0]->read($f['bars']), $kinds[1]->read($f['widening']))),
            \Lumbro\Core\Catalogue\Kit\Stand::class => new F\Table(\Lumbro\Core\Catalogue\Kit\Stand::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('name', 'name', null, new F\Text(most: 120)),
                new F\Field('targetAhead', 'targetAhead', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
                new F\Field('targetLeft', 'targetLeft', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
                new F\Field('halfWidth', 'halfWidth', null, new F\Number(unit: 'mm', least: 1.0, most: 5000.0)),
                new F\Field('check', 'check', null, new F\Inline(of: \Lumbro\Core\Catalogue\Kit\Check::class)),
                new F\Field('note', 'note', null, new F\Text(), optional: true, usual: ''),
            ], tag: new F\Tagged(name: 'sort', value: 'stand'), make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Kit\Stand => new \Lumbro\Core\Catalogue\Kit\Stand($kinds[0]->read($f['id']), $kinds[1]->read($f['name']), $kinds[2]->read($f['targetAhead']), $kinds[3]->read($f['targetLeft']), $kinds[4]->read($f['halfWidth']), F\Table::of(\Lumbro\Core\Catalogue\Kit\Check::class)->make($f, $node), F\Table::read($kinds[6], $f['note'] ?? null, ''))),
            \Lumbro\Core\Catalogue\Kit\StandIn::class => new F\Table(\Lumbro\Core\Catalogue\Kit\StandIn::class, [
                new F\Field('target', 'target', null, new F\Text(most: 120)),
                new F\Field('changes', 'changes', null, new F\Text()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Kit\StandIn => new \Lumbro\Core\Catalogue\Kit\StandIn($kinds[0]->read($f['target']), $kinds[1]->read($f['changes']))),
            \Lumbro\Core\Catalogue\Kit\Target::class => new F\Table(\Lumbro\Core\Catalogue\Kit\Target::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('name', 'name', null, new F\Text(most: 120)),
                new F\Field('kind', 'kind', null, new F\Text(most: 60)),
                new F\Field('drawing', 'heights', null, new F\Wrapped(in: \Lumbro\Core\Measure\TargetDrawing::class, property: 'heights', of: new F\Members(of: new F\Number(unit: 'mm', least: -2000.0, most: 2000.0)))),
                new F\Field('phaseToPointer', 'phaseToPointer', null, new F\Number(unit: 'mm', least: -2000.0, most: 2000.0), optional: true),
                new F\Field('check', 'check', null, new F\Inline(of: \Lumbro\Core\Catalogue\Kit\Check::class)),
                new F\Field('standsInFor', 'standsInFor', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\Kit\StandIn::class), most: 20), optional: true, usual: []),
                new F\Field('note', 'note', null, new F\Text(), optional: true, usual: ''),
            ], tag: new F\Tagged(name: 'sort', value: 'target'), make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\Kit\Target => new \Lumbro\Core\Catalogue\Kit\Target($kinds[0]->read($f['id']), $kinds[1]->read($f['name']), $kinds[2]->read($f['kind']), $kinds[3]->read($f['heights']), F\Table::read($kinds[4], $f['phaseToPointer'] ?? null, null), F\Table::of(\Lumbro\Core\Catalogue\Kit\Check::class)->make($f, $node), F\Table::read($kinds[6], $f['standsInFor'] ?? null, []), F\Table::read($kinds[7], $f['note'] ?? null, ''))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
