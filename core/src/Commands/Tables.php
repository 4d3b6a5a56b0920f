<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Commands\AnswerWish::class => new F\Table(\Lumbro\Core\Commands\AnswerWish::class, [
                new F\Field('item', 'item', null, new F\Text(most: 80)),
                new F\Field('answer', 'answer', null, new F\Choice(words: \Lumbro\Core\Journal\AnswerKind::class)),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
                new F\Field('values', 'values', null, new F\Members(of: new \Lumbro\Core\Journal\TypedFigure()), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\AnswerWish => new \Lumbro\Core\Commands\AnswerWish($kinds[0]->read($f['item']), $kinds[1]->read($f['answer']), F\Table::read($kinds[2], $f['word'] ?? null, null), F\Table::read($kinds[3], $f['values'] ?? null, []))),
            \Lumbro\Core\Commands\ConditionItem::class => new F\Table(\Lumbro\Core\Commands\ConditionItem::class, [
                new F\Field('item', 'item', null, new F\Id()),
                new F\Field('sensor', 'sensor', null, new F\Id(), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\ConditionItem => new \Lumbro\Core\Commands\ConditionItem($kinds[0]->read($f['item']), F\Table::read($kinds[1], $f['sensor'] ?? null, null))),
            \Lumbro\Core\Commands\ConditionsWish::class => new F\Table(\Lumbro\Core\Commands\ConditionsWish::class, [
                new F\Field('items', 'items', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Commands\ConditionItem::class), most: 100)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\ConditionsWish => new \Lumbro\Core\Commands\ConditionsWish($kinds[0]->read($f['items']))),
            \Lumbro\Core\Commands\CorrectionWish::class => new F\Table(\Lumbro\Core\Commands\CorrectionWish::class, [
                new F\Field('way', 'way', null, new F\Choice(words: ['screws', 'mirror spots'])),
                new F\Field('turns', 'turns', null, new F\Members(of: new F\Number(least: -50.0, most: 50.0)), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\CorrectionWish => new \Lumbro\Core\Commands\CorrectionWish($kinds[0]->read($f['way']), F\Table::read($kinds[1], $f['turns'] ?? null, null))),
            \Lumbro\Core\Commands\FailureWish::class => new F\Table(\Lumbro\Core\Commands\FailureWish::class, [
                new F\Field('message', 'message', null, new F\Text(most: 300)),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Text(most: 20), most: 20), optional: true, usual: []),
                new F\Field('tool', 'tool', null, new F\Text(most: 60), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\FailureWish => new \Lumbro\Core\Commands\FailureWish($kinds[0]->read($f['message']), F\Table::read($kinds[1], $f['codes'] ?? null, []), F\Table::read($kinds[2], $f['tool'] ?? null, null))),
            \Lumbro\Core\Commands\MirrorWish::class => new F\Table(\Lumbro\Core\Commands\MirrorWish::class, [
                new F\Field('distance', 'distance', null, new F\Text(most: 60)),
                new F\Field('left', 'left', null, new F\Text(most: 60)),
                new F\Field('above', 'above', null, new F\Text(most: 60)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\MirrorWish => new \Lumbro\Core\Commands\MirrorWish($kinds[0]->read($f['distance']), $kinds[1]->read($f['left']), $kinds[2]->read($f['above']))),
            \Lumbro\Core\Commands\NamedWish::class => new F\Table(\Lumbro\Core\Commands\NamedWish::class, [
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('reason', 'reason', null, new F\Text()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\NamedWish => new \Lumbro\Core\Commands\NamedWish($kinds[0]->read($f['name']), $kinds[1]->read($f['reason']))),
            \Lumbro\Core\Commands\ReadingWish::class => new F\Table(\Lumbro\Core\Commands\ReadingWish::class, [
                new F\Field('call', 'call', null, new F\Text(most: 80)),
                new F\Field('typed', 'typed', null, new F\Text(most: 60)),
                new F\Field('datum', 'datum', null, new F\Text(most: 80), optional: true),
                new F\Field('strikes', 'strikes', null, new F\Text(most: 80), optional: true),
                new F\Field('accuracy', 'accuracy', null, new F\Text(most: 60), optional: true),
                new F\Field('instrument', 'instrument', null, new F\Text(most: 80), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\ReadingWish => new \Lumbro\Core\Commands\ReadingWish($kinds[0]->read($f['call']), $kinds[1]->read($f['typed']), F\Table::read($kinds[2], $f['datum'] ?? null, null), F\Table::read($kinds[3], $f['strikes'] ?? null, null), F\Table::read($kinds[4], $f['accuracy'] ?? null, null), F\Table::read($kinds[5], $f['instrument'] ?? null, null))),
            \Lumbro\Core\Commands\ReasonWish::class => new F\Table(\Lumbro\Core\Commands\ReasonWish::class, [
                new F\Field('reason', 'reason', null, new F\Text()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\ReasonWish => new \Lumbro\Core\Commands\ReasonWish($kinds[0]->read($f['reason']))),
            \Lumbro\Core\Commands\RunWish::class => new F\Table(\Lumbro\Core\Commands\RunWish::class, [
                new F\Field('azimuth', 'azimuth', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('elevation', 'elevation', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('level', 'level', null, new F\Number(unit: 'dB', least: -200.0, most: 200.0), optional: true),
                new F\Field('message', 'message', null, new F\Text(most: 300), optional: true),
                new F\Field('tool', 'tool', null, new F\Text(most: 60), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\RunWish => new \Lumbro\Core\Commands\RunWish($kinds[0]->read($f['azimuth']), $kinds[1]->read($f['elevation']), F\Table::read($kinds[2], $f['level'] ?? null, null), F\Table::read($kinds[3], $f['message'] ?? null, null), F\Table::read($kinds[4], $f['tool'] ?? null, null))),
            \Lumbro\Core\Commands\SendBackWish::class => new F\Table(\Lumbro\Core\Commands\SendBackWish::class, [
                new F\Field('fault', 'fault', null, new F\Choice(words: \Lumbro\Core\Journal\Cause::class)),
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('note', 'note', null, new F\Text(), optional: true, usual: ''),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\SendBackWish => new \Lumbro\Core\Commands\SendBackWish($kinds[0]->read($f['fault']), $kinds[1]->read($f['name']), F\Table::read($kinds[2], $f['note'] ?? null, ''))),
            \Lumbro\Core\Commands\ShiftWish::class => new F\Table(\Lumbro\Core\Commands\ShiftWish::class, [
                new F\Field('typed', 'typed', null, new F\Text(most: 60)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\ShiftWish => new \Lumbro\Core\Commands\ShiftWish($kinds[0]->read($f['typed']))),
            \Lumbro\Core\Commands\StandWish::class => new F\Table(\Lumbro\Core\Commands\StandWish::class, [
                new F\Field('tilt', 'tilt', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
                new F\Field('arm', 'arm', null, new F\Text(most: 60), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\StandWish => new \Lumbro\Core\Commands\StandWish($kinds[0]->read($f['tilt']), F\Table::read($kinds[1], $f['arm'] ?? null, null))),
            \Lumbro\Core\Commands\StepWish::class => new F\Table(\Lumbro\Core\Commands\StepWish::class, [
                new F\Field('step', 'step', null, new F\Text(most: 80)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\StepWish => new \Lumbro\Core\Commands\StepWish($kinds[0]->read($f['step']))),
            \Lumbro\Core\Commands\ToolWish::class => new F\Table(\Lumbro\Core\Commands\ToolWish::class, [
                new F\Field('command', 'command', null, new F\Choice(words: \Lumbro\Core\Catalogue\Card\ToolCommand::class)),
                new F\Field('values', 'values', null, new F\Part(of: \Lumbro\Core\Commands\ZeroWish::class), optional: true),
                new F\Field('lotCode', 'lotCode', null, new F\Text(most: 60), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\ToolWish => new \Lumbro\Core\Commands\ToolWish($kinds[0]->read($f['command']), F\Table::read($kinds[1], $f['values'] ?? null, null), F\Table::read($kinds[2], $f['lotCode'] ?? null, null))),
            \Lumbro\Core\Commands\ZeroWish::class => new F\Table(\Lumbro\Core\Commands\ZeroWish::class, [
                new F\Field('azimuth', 'azimuth', null, new F\Number(unit: '°', least: -10.0, most: 10.0)),
                new F\Field('elevation', 'elevation', null, new F\Number(unit: '°', least: -10.0, most: 10.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Commands\ZeroWish => new \Lumbro\Core\Commands\ZeroWish($kinds[0]->read($f['azimuth']), $kinds[1]->read($f['elevation']))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
