<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Journal\Answered::class => new F\Table(\Lumbro\Core\Journal\Answered::class, [
                new F\Field('item', 'item', null, new F\Text(most: null)),
                new F\Field('answer', 'answer', null, new F\Choice(words: \Lumbro\Core\Journal\AnswerKind::class)),
                new F\Field('word', 'word', null, new F\Text(most: null), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\Answered => new \Lumbro\Core\Journal\Answered($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['item']), $kinds[1]->read($f['answer']), F\Table::read($kinds[2], $f['word'] ?? null, null))),
            \Lumbro\Core\Journal\BayChosen::class => new F\Table(\Lumbro\Core\Journal\BayChosen::class, [
                new F\Field('bay', 'bay', null, new F\Text(most: 60)),
                new F\Field('name', 'name', null, new F\Text(most: 80)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\BayChosen => new \Lumbro\Core\Journal\BayChosen($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['bay']), $kinds[1]->read($f['name']))),
            \Lumbro\Core\Journal\BorderlineAccepted::class => new F\Table(\Lumbro\Core\Journal\BorderlineAccepted::class, [
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('reason', 'reason', null, new F\Text()),
                new F\Field('as', 'as', null, new F\Choice(words: \Lumbro\Core\People\Role::class, kept: 'text'), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\BorderlineAccepted => new \Lumbro\Core\Journal\BorderlineAccepted($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['name']), $kinds[1]->read($f['reason']), F\Table::read($kinds[2], $f['as'] ?? null, null))),
            \Lumbro\Core\Journal\Captured::class => new F\Table(\Lumbro\Core\Journal\Captured::class, [
                new F\Field('sensor', 'sensor', null, new F\Id()),
                new F\Field('item', 'item', null, new F\Id()),
                new F\Field('value', 'value', null, new F\Text(most: 120), optional: true, usual: ''),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
                new F\Field('reason', 'reason', null, new F\Text(most: 300), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\Captured => new \Lumbro\Core\Journal\Captured($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['sensor']), $kinds[1]->read($f['item']), F\Table::read($kinds[2], $f['value'] ?? null, ''), F\Table::read($kinds[3], $f['word'] ?? null, null), F\Table::read($kinds[4], $f['reason'] ?? null, null))),
            \Lumbro\Core\Journal\CardChosen::class => new F\Table(\Lumbro\Core\Journal\CardChosen::class, [
                new F\Field('sensor', 'sensor', null, new F\Id()),
                new F\Field('card', 'card', null, new F\Text(most: 60)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\CardChosen => new \Lumbro\Core\Journal\CardChosen($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['sensor']), $kinds[1]->read($f['card']))),
            \Lumbro\Core\Journal\CauseChecked::class => new F\Table(\Lumbro\Core\Journal\CauseChecked::class, [
                new F\Field('cause', 'cause', null, new F\Choice(words: \Lumbro\Core\Journal\Cause::class, kept: 'text')),
                new F\Field('found', 'found', null, new F\Flag()),
                new F\Field('note', 'note', null, new F\Text(most: 300), optional: true, usual: ''),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\CauseChecked => new \Lumbro\Core\Journal\CauseChecked($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['cause']), $kinds[1]->read($f['found']), F\Table::read($kinds[2], $f['note'] ?? null, ''))),
            \Lumbro\Core\Journal\ConditionAnswered::class => new F\Table(\Lumbro\Core\Journal\ConditionAnswered::class, [
                new F\Field('item', 'item', null, new F\Id()),
                new F\Field('sensor', 'sensor', null, new F\Id(), optional: true),
                new F\Field('answer', 'answer', null, new F\Choice(words: \Lumbro\Core\Journal\AnswerKind::class)),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
                new F\Field('values', 'values', null, new F\Members(of: new \Lumbro\Core\Journal\TypedFigure()), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\ConditionAnswered => new \Lumbro\Core\Journal\ConditionAnswered($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['item']), F\Table::read($kinds[1], $f['sensor'] ?? null, null), $kinds[2]->read($f['answer']), F\Table::read($kinds[3], $f['word'] ?? null, null), F\Table::read($kinds[4], $f['values'] ?? null, []))),
            \Lumbro\Core\Journal\Corrected::class => new F\Table(\Lumbro\Core\Journal\Corrected::class, [
                new F\Field('way', 'way', null, new F\Choice(words: ['screws', 'mirror spots', 'electronic'])),
                new F\Field('turns', 'turns', null, new F\Members(of: new F\Number(least: -100.0, most: 100.0)), optional: true, usual: []),
                new F\Field('azimuth', 'azimuth', null, new F\Number(unit: '°', least: -45.0, most: 45.0), optional: true, usual: 0.0),
                new F\Field('elevation', 'elevation', null, new F\Number(unit: '°', least: -45.0, most: 45.0), optional: true, usual: 0.0),
                new F\Field('to', 'to', null, new F\Text(most: null), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\Corrected => new \Lumbro\Core\Journal\Corrected($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['way']), F\Table::read($kinds[1], $f['turns'] ?? null, []), F\Table::read($kinds[2], $f['azimuth'] ?? null, 0.0), F\Table::read($kinds[3], $f['elevation'] ?? null, 0.0), F\Table::read($kinds[4], $f['to'] ?? null, null))),
            \Lumbro\Core\Journal\CoverNoted::class => new F\Table(\Lumbro\Core\Journal\CoverNoted::class, [
                new F\Field('cover', 'cover', null, new F\Choice(words: \Lumbro\Core\Catalogue\Vehicle\Cover::class)),
                new F\Field('off', 'off', null, new F\Flag()),
                new F\Field('missed', 'missed', null, new F\ListOf(of: new \Lumbro\Core\Journal\SaidText(most: 200), most: 100), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\CoverNoted => new \Lumbro\Core\Journal\CoverNoted($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['cover']), $kinds[1]->read($f['off']), F\Table::read($kinds[2], $f['missed'] ?? null, []))),
            \Lumbro\Core\Journal\DetailNoted::class => new F\Table(\Lumbro\Core\Journal\DetailNoted::class, [
                new F\Field('field', 'field', null, new F\Choice(words: ['vehicle', 'plate', 'vin', 'note', 'promised', 'ready'])),
                new F\Field('value', 'value', null, new F\Text(most: 2000)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\DetailNoted => new \Lumbro\Core\Journal\DetailNoted($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['field']), $kinds[1]->read($f['value']))),
            \Lumbro\Core\Journal\DriveTaken::class => new F\Table(\Lumbro\Core\Journal\DriveTaken::class, [
                new F\Field('track', 'track', null, new F\Text(most: 60)),
                new F\Field('driver', 'driver', null, new F\Text(most: 80)),
                new F\Field('file', 'file', null, new F\Text(most: 120)),
                new F\Field('enough', 'enough', null, new F\ListOf(of: new F\Id(), most: 16), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\DriveTaken => new \Lumbro\Core\Journal\DriveTaken($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['track']), $kinds[1]->read($f['driver']), $kinds[2]->read($f['file']), F\Table::read($kinds[3], $f['enough'] ?? null, []))),
            \Lumbro\Core\Journal\FigureMeasured::class => new F\Table(\Lumbro\Core\Journal\FigureMeasured::class, [
                new F\Field('figure', 'figure', null, new F\Text(most: 80)),
                new F\Field('typed', 'typed', null, new F\Text(most: 60)),
                new F\Field('s', 's', null, new F\Number(unit: 'mm', least: 0.2, most: 200.0)),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
                new F\Field('document', 'document', null, new F\Text(most: 200), optional: true),
                new F\Field('instrument', 'instrument', null, new F\Text(most: 80), optional: true),
                new F\Field('from', 'from', null, new F\Choice(words: ['front-hubs', 'rear-hubs']), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\FigureMeasured => new \Lumbro\Core\Journal\FigureMeasured($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['figure']), $kinds[1]->read($f['typed']), $kinds[2]->read($f['s']), F\Table::read($kinds[3], $f['word'] ?? null, null), F\Table::read($kinds[4], $f['document'] ?? null, null), F\Table::read($kinds[5], $f['instrument'] ?? null, null), F\Table::read($kinds[6], $f['from'] ?? null, null))),
            \Lumbro\Core\Journal\FloorRead::class => new F\Table(\Lumbro\Core\Journal\FloorRead::class, [
                new F\Field('place', 'place', null, new F\Text(most: 60)),
                new F\Field('typed', 'typed', null, new F\Text(most: 60), optional: true, usual: ''),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\FloorRead => new \Lumbro\Core\Journal\FloorRead($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['place']), F\Table::read($kinds[1], $f['typed'] ?? null, ''))),
            \Lumbro\Core\Journal\LeftOpen::class => new F\Table(\Lumbro\Core\Journal\LeftOpen::class, [
                new F\Field('item', 'item', null, new F\Text(most: 200)),
                new F\Field('reason', 'reason', null, new F\Text()),
                new F\Field('as', 'as', null, new F\Choice(words: \Lumbro\Core\People\Role::class, kept: 'text'), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\LeftOpen => new \Lumbro\Core\Journal\LeftOpen($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['item']), $kinds[1]->read($f['reason']), F\Table::read($kinds[2], $f['as'] ?? null, null))),
            \Lumbro\Core\Journal\LevelRead::class => new F\Table(\Lumbro\Core\Journal\LevelRead::class, [
                new F\Field('position', 'position', null, new F\Text(most: null)),
                new F\Field('level', 'level', null, new F\Number(unit: 'dB', least: -300.0, most: 300.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\LevelRead => new \Lumbro\Core\Journal\LevelRead($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['position']), $kinds[1]->read($f['level']))),
            \Lumbro\Core\Journal\LineAnswered::class => new F\Table(\Lumbro\Core\Journal\LineAnswered::class, [
                new F\Field('item', 'item', null, new F\Id()),
                new F\Field('answer', 'answer', null, new F\Choice(words: \Lumbro\Core\Journal\AnswerKind::class)),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\LineAnswered => new \Lumbro\Core\Journal\LineAnswered($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['item']), $kinds[1]->read($f['answer']), F\Table::read($kinds[2], $f['word'] ?? null, null))),
            \Lumbro\Core\Journal\LineNotUnderstood::class => new F\Table(\Lumbro\Core\Journal\LineNotUnderstood::class, [
                new F\Field('text', 'text', null, new F\Text(most: 300)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\LineNotUnderstood => new \Lumbro\Core\Journal\LineNotUnderstood($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['text']))),
            \Lumbro\Core\Journal\LineSettled::class => new F\Table(\Lumbro\Core\Journal\LineSettled::class, [
                new F\Field('line', 'line', null, new F\Text(most: 60)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\LineSettled => new \Lumbro\Core\Journal\LineSettled($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['line']))),
            \Lumbro\Core\Journal\MarkPlumbed::class => new F\Table(\Lumbro\Core\Journal\MarkPlumbed::class, [
                new F\Field('end', 'end', null, new F\Choice(words: ['front', 'rear'])),
                new F\Field('mark', 'mark', null, new F\Choice(words: \Lumbro\Core\Catalogue\Vehicle\Mark::class)),
                new F\Field('note', 'note', null, new F\Text(most: 120), optional: true, usual: ''),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\MarkPlumbed => new \Lumbro\Core\Journal\MarkPlumbed($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['end']), $kinds[1]->read($f['mark']), F\Table::read($kinds[2], $f['note'] ?? null, ''))),
            \Lumbro\Core\Journal\MirrorRead::class => new F\Table(\Lumbro\Core\Journal\MirrorRead::class, [
                new F\Field('distance', 'distance', null, new F\Number(unit: 'mm', least: 100.0, most: 50000.0)),
                new F\Field('left', 'left', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
                new F\Field('above', 'above', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\MirrorRead => new \Lumbro\Core\Journal\MirrorRead($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['distance']), $kinds[1]->read($f['left']), $kinds[2]->read($f['above']))),
            \Lumbro\Core\Journal\OperationNoted::class => new F\Table(\Lumbro\Core\Journal\OperationNoted::class, [
                new F\Field('operation', 'operation', null, new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Operation::class)),
                new F\Field('state', 'state', null, new F\Choice(words: ['done', 'due', 'withdrawn'])),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\OperationNoted => new \Lumbro\Core\Journal\OperationNoted($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['operation']), $kinds[1]->read($f['state']), F\Table::read($kinds[2], $f['word'] ?? null, null))),
            \Lumbro\Core\Journal\OrderClosed::class => new F\Table(\Lumbro\Core\Journal\OrderClosed::class, [
                new F\Field('as', 'as', null, new F\Choice(words: \Lumbro\Core\People\Role::class, kept: 'text'), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\OrderClosed => new \Lumbro\Core\Journal\OrderClosed($first['id'], $first['person'], $first['at'], F\Table::read($kinds[0], $f['as'] ?? null, null))),
            \Lumbro\Core\Journal\OtherSensorNoted::class => new F\Table(\Lumbro\Core\Journal\OtherSensorNoted::class, [
                new F\Field('state', 'state', null, new F\Choice(words: ['owed-elsewhere', 'not-owed', 'none', 'withdrawn'])),
                new F\Field('name', 'name', null, new F\Text(most: 60), optional: true),
                new F\Field('why', 'why', null, new F\Text(most: 300), optional: true),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\OtherSensorNoted => new \Lumbro\Core\Journal\OtherSensorNoted($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['state']), F\Table::read($kinds[1], $f['name'] ?? null, null), F\Table::read($kinds[2], $f['why'] ?? null, null), F\Table::read($kinds[3], $f['word'] ?? null, null))),
            \Lumbro\Core\Journal\OwedAnswered::class => new F\Table(\Lumbro\Core\Journal\OwedAnswered::class, [
                new F\Field('sensor', 'sensor', null, new F\Id()),
                new F\Field('operation', 'operation', null, new \Lumbro\Core\Catalogue\ShopRules\OperationText()),
                new F\Field('answer', 'answer', null, new F\Choice(words: ['yes', 'no', 'owed', 'not-owed'])),
                new F\Field('word', 'word', null, new F\Text(most: 80), optional: true),
                new F\Field('source', 'source', null, new F\Text(most: 300), optional: true),
                new F\Field('route', 'route', null, new F\Choice(words: \Lumbro\Core\Catalogue\ShopRules\Route::class), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\OwedAnswered => new \Lumbro\Core\Journal\OwedAnswered($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['sensor']), $kinds[1]->read($f['operation']), $kinds[2]->read($f['answer']), F\Table::read($kinds[3], $f['word'] ?? null, null), F\Table::read($kinds[4], $f['source'] ?? null, null), F\Table::read($kinds[5], $f['route'] ?? null, null))),
            \Lumbro\Core\Journal\PhotoAdded::class => new F\Table(\Lumbro\Core\Journal\PhotoAdded::class, [
                new F\Field('photo', 'photo', null, new F\Text(most: 60)),
                new F\Field('sensor', 'sensor', null, new F\Id(), optional: true),
                new F\Field('about', 'about', null, new F\Text(most: 80)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\PhotoAdded => new \Lumbro\Core\Journal\PhotoAdded($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['photo']), F\Table::read($kinds[1], $f['sensor'] ?? null, null), $kinds[2]->read($f['about']))),
            \Lumbro\Core\Journal\ReadingStruck::class => new F\Table(\Lumbro\Core\Journal\ReadingStruck::class, [
                new F\Field('reading', 'reading', null, new F\Text(most: null)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\ReadingStruck => new \Lumbro\Core\Journal\ReadingStruck($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['reading']))),
            \Lumbro\Core\Journal\ReadingTaken::class => new F\Table(\Lumbro\Core\Journal\ReadingTaken::class, [
                new F\Field('call', 'call', null, new F\Text(most: null)),
                new F\Field('typed', 'typed', null, new F\Text(most: null)),
                new F\Field('millimetres', 'millimetres', null, new F\Number(unit: 'mm'), optional: true),
                new F\Field('unit', 'unit', null, new F\Text(most: null)),
                new F\Field('datum', 'datum', null, new F\Text(most: null), optional: true),
                new F\Field('strikes', 'strikes', null, new F\Text(most: null), optional: true),
                new F\Field('confirmed', 'confirmed', null, new F\Flag(), optional: true, usual: false),
                new F\Field('s', 's', null, new F\Number(least: 1.0E-9), optional: true),
                new F\Field('degrees', 'degrees', null, new F\Number(unit: '°'), optional: true),
                new F\Field('instrument', 'instrument', null, new F\Text(most: null), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\ReadingTaken => new \Lumbro\Core\Journal\ReadingTaken($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['call']), $kinds[1]->read($f['typed']), F\Table::read($kinds[2], $f['millimetres'] ?? null, null), $kinds[3]->read($f['unit']), F\Table::read($kinds[4], $f['datum'] ?? null, null), F\Table::read($kinds[5], $f['strikes'] ?? null, null), F\Table::read($kinds[6], $f['confirmed'] ?? null, false), F\Table::read($kinds[7], $f['s'] ?? null, null), F\Table::read($kinds[8], $f['degrees'] ?? null, null), F\Table::read($kinds[9], $f['instrument'] ?? null, null))),
            \Lumbro\Core\Journal\ReferenceChosen::class => new F\Table(\Lumbro\Core\Journal\ReferenceChosen::class, [
                new F\Field('reference', 'reference', null, new F\Choice(words: ['body-axis', 'body-centreline', 'thrust-line', 'axles'])),
                new F\Field('reason', 'reason', null, new F\Text(most: 300)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\ReferenceChosen => new \Lumbro\Core\Journal\ReferenceChosen($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['reference']), $kinds[1]->read($f['reason']))),
            \Lumbro\Core\Journal\Reliance::class => new F\Table(\Lumbro\Core\Journal\Reliance::class, [
                new F\Field('core', 'core', null, new F\Text(most: null)),
                new F\Field('verdicts', 'verdicts', null, new F\Members(of: new F\Row(fields: ['deviation' => new F\Number(), 'uncertainty' => new F\Number(least: 0.0), 'verdict' => new F\Choice(words: \Lumbro\Core\Decision\Verdict::class, kept: 'text')]))),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\Reliance => new \Lumbro\Core\Journal\Reliance($kinds[0]->read($f['core']), $kinds[1]->read($f['verdicts']))),
            \Lumbro\Core\Journal\Reopened::class => new F\Table(\Lumbro\Core\Journal\Reopened::class, [
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('reason', 'reason', null, new F\Text()),
                new F\Field('as', 'as', null, new F\Choice(words: \Lumbro\Core\People\Role::class, kept: 'text'), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\Reopened => new \Lumbro\Core\Journal\Reopened($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['name']), $kinds[1]->read($f['reason']), F\Table::read($kinds[2], $f['as'] ?? null, null))),
            \Lumbro\Core\Journal\RoadTested::class => new F\Table(\Lumbro\Core\Journal\RoadTested::class, [
                new F\Field('function', 'function', null, new F\Id()),
                new F\Field('found', 'found', null, new F\Choice(words: ['seen', 'not-seen', 'untested'])),
                new F\Field('driver', 'driver', null, new F\Text(most: 80)),
                new F\Field('route', 'route', null, new F\Text(most: 200), optional: true),
                new F\Field('weather', 'weather', null, new F\Text(most: 120), optional: true),
                new F\Field('reason', 'reason', null, new F\Text(most: 300), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\RoadTested => new \Lumbro\Core\Journal\RoadTested($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['function']), $kinds[1]->read($f['found']), $kinds[2]->read($f['driver']), F\Table::read($kinds[3], $f['route'] ?? null, null), F\Table::read($kinds[4], $f['weather'] ?? null, null), F\Table::read($kinds[5], $f['reason'] ?? null, null))),
            \Lumbro\Core\Journal\RunFailed::class => new F\Table(\Lumbro\Core\Journal\RunFailed::class, [
                new F\Field('message', 'message', null, new F\Text(most: null)),
                new F\Field('command', 'command', null, new F\Choice(words: \Lumbro\Core\Catalogue\Card\ToolCommand::class), optional: true),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Text(most: 20), most: 20), optional: true, usual: []),
                new F\Field('tool', 'tool', null, new F\Text(most: 60), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\RunFailed => new \Lumbro\Core\Journal\RunFailed($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['message']), F\Table::read($kinds[1], $f['command'] ?? null, null), F\Table::read($kinds[2], $f['codes'] ?? null, []), F\Table::read($kinds[3], $f['tool'] ?? null, null))),
            \Lumbro\Core\Journal\RunMade::class => new F\Table(\Lumbro\Core\Journal\RunMade::class, [
                new F\Field('azimuth', 'azimuth', null, new F\Number(unit: '°')),
                new F\Field('elevation', 'elevation', null, new F\Number(unit: '°')),
                new F\Field('echoLevel', 'echoLevel', null, new F\Number(unit: 'dB'), optional: true),
                new F\Field('message', 'message', null, new \Lumbro\Core\Journal\SaidText(most: null)),
                new F\Field('reliedOn', 'reliedOn', null, new F\Part(of: \Lumbro\Core\Journal\Reliance::class), optional: true),
                new F\Field('to', 'to', null, new F\Text(most: null), optional: true),
                new F\Field('tool', 'tool', null, new F\Text(most: 60), optional: true),
                new F\Field('shown', 'shown', null, new F\Row(fields: ['azimuth' => new F\Number(unit: '°'), 'elevation' => new F\Number(unit: '°')]), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\RunMade => new \Lumbro\Core\Journal\RunMade($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['azimuth']), $kinds[1]->read($f['elevation']), F\Table::read($kinds[2], $f['echoLevel'] ?? null, null), $kinds[3]->read($f['message']), F\Table::read($kinds[4], $f['reliedOn'] ?? null, null), F\Table::read($kinds[5], $f['to'] ?? null, null), F\Table::read($kinds[6], $f['tool'] ?? null, null), F\Table::read($kinds[7], $f['shown'] ?? null, null))),
            \Lumbro\Core\Journal\RunReleased::class => new F\Table(\Lumbro\Core\Journal\RunReleased::class, [
                new F\Field('name', 'name', null, new F\Text(most: null)),
                new F\Field('reason', 'reason', null, new F\Text(most: null)),
                new F\Field('overrode', 'overrode', null, new F\ListOf(of: new \Lumbro\Core\Journal\SaidText(), most: 100)),
                new F\Field('as', 'as', null, new F\Choice(words: \Lumbro\Core\People\Role::class, kept: 'text'), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\RunReleased => new \Lumbro\Core\Journal\RunReleased($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['name']), $kinds[1]->read($f['reason']), $kinds[2]->read($f['overrode']), F\Table::read($kinds[3], $f['as'] ?? null, null))),
            \Lumbro\Core\Journal\Scan::class => new F\Table(\Lumbro\Core\Journal\Scan::class, [
                new F\Field('tool', 'tool', null, new F\Text(most: 120)),
                new F\Field('readAt', 'readAt', null, new F\Text(most: 60)),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\TroubleCode::class), most: 2000)),
                new F\Field('voltage', 'voltage', null, new F\Number(unit: 'V', least: 0.0, most: 60.0), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\Scan => new \Lumbro\Core\Journal\Scan($kinds[0]->read($f['tool']), $kinds[1]->read($f['readAt']), $kinds[2]->read($f['codes']), F\Table::read($kinds[3], $f['voltage'] ?? null, null))),
            \Lumbro\Core\Journal\ScanTaken::class => new F\Table(\Lumbro\Core\Journal\ScanTaken::class, [
                new F\Field('phase', 'phase', null, new F\Choice(words: ['pre', 'post'])),
                new F\Field('origin', 'origin', null, new F\Text(most: 120)),
                new F\Field('scan', 'scan', null, new F\Part(of: \Lumbro\Core\Journal\Scan::class)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\ScanTaken => new \Lumbro\Core\Journal\ScanTaken($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['phase']), $kinds[1]->read($f['origin']), $kinds[2]->read($f['scan']))),
            \Lumbro\Core\Journal\SchoolsChosen::class => new F\Table(\Lumbro\Core\Journal\SchoolsChosen::class, [
                new F\Field('schools', 'schools', null, new F\ListOf(of: new F\Choice(words: ['plumb-and-line', 'split-from-stand', 'hub-marks', 'squares', 'wheel-lasers', 'reported-pose']), none: 'schools.none')),
                new F\Field('readings', 'readings', null, new F\ListOf(of: new F\Text(most: 40), most: 200), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\SchoolsChosen => new \Lumbro\Core\Journal\SchoolsChosen($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['schools']), F\Table::read($kinds[1], $f['readings'] ?? null, []))),
            \Lumbro\Core\Journal\SentBack::class => new F\Table(\Lumbro\Core\Journal\SentBack::class, [
                new F\Field('fault', 'fault', null, new F\Choice(words: \Lumbro\Core\Journal\Cause::class, kept: 'text')),
                new F\Field('name', 'name', null, new F\Text(most: 80)),
                new F\Field('reasons', 'reasons', null, new F\ListOf(of: new \Lumbro\Core\Journal\SaidText(), most: 100)),
                new F\Field('note', 'note', null, new F\Text(), optional: true, usual: ''),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\SentBack => new \Lumbro\Core\Journal\SentBack($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['fault']), $kinds[1]->read($f['name']), $kinds[2]->read($f['reasons']), F\Table::read($kinds[3], $f['note'] ?? null, ''))),
            \Lumbro\Core\Journal\StanceTaken::class => new F\Table(\Lumbro\Core\Journal\StanceTaken::class, [
                new F\Field('stance', 'stance', null, new F\Inline(of: \Lumbro\Core\Catalogue\Bay\Stance::class)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\StanceTaken => new \Lumbro\Core\Journal\StanceTaken($first['id'], $first['person'], $first['at'], F\Table::of(\Lumbro\Core\Catalogue\Bay\Stance::class)->make($f, $node))),
            \Lumbro\Core\Journal\StandBumped::class => new F\Table(\Lumbro\Core\Journal\StandBumped::class, [
                new F\Field('note', 'note', null, new F\Text(most: 200), optional: true, usual: ''),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\StandBumped => new \Lumbro\Core\Journal\StandBumped($first['id'], $first['person'], $first['at'], F\Table::read($kinds[0], $f['note'] ?? null, ''))),
            \Lumbro\Core\Journal\StandMoved::class => new F\Table(\Lumbro\Core\Journal\StandMoved::class, [
                new F\Field('kinds', 'kinds', null, new F\ListOf(of: new F\Choice(words: \Lumbro\Core\Method\MoveKind::class), none: 'move.no-kind')),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\StandMoved => new \Lumbro\Core\Journal\StandMoved($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['kinds']))),
            \Lumbro\Core\Journal\StandNudged::class => new F\Table(\Lumbro\Core\Journal\StandNudged::class, [
                new F\Field('away', 'away', null, new F\Number(unit: 'mm', least: -20.0, most: 20.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\StandNudged => new \Lumbro\Core\Journal\StandNudged($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['away']))),
            \Lumbro\Core\Journal\StandSet::class => new F\Table(\Lumbro\Core\Journal\StandSet::class, [
                new F\Field('arm', 'arm', null, new F\Number(unit: 'mm', least: -5000.0, most: 5000.0), optional: true),
                new F\Field('tilt', 'tilt', null, new F\Number(unit: '°', least: -45.0, most: 45.0)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\StandSet => new \Lumbro\Core\Journal\StandSet($first['id'], $first['person'], $first['at'], F\Table::read($kinds[0], $f['arm'] ?? null, null), $kinds[1]->read($f['tilt']))),
            \Lumbro\Core\Journal\StepBegun::class => new F\Table(\Lumbro\Core\Journal\StepBegun::class, [
                new F\Field('step', 'step', null, new F\Text(most: null)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\StepBegun => new \Lumbro\Core\Journal\StepBegun($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['step']))),
            \Lumbro\Core\Journal\StepDone::class => new F\Table(\Lumbro\Core\Journal\StepDone::class, [
                new F\Field('step', 'step', null, new F\Text(most: null)),
                new F\Field('waited', 'waited', null, new F\Number(unit: 's', least: 0.0), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\StepDone => new \Lumbro\Core\Journal\StepDone($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['step']), F\Table::read($kinds[1], $f['waited'] ?? null, null))),
            \Lumbro\Core\Journal\TargetShifted::class => new F\Table(\Lumbro\Core\Journal\TargetShifted::class, [
                new F\Field('across', 'across', null, new F\Number(unit: 'mm', least: -2000.0, most: 2000.0)),
                new F\Field('typed', 'typed', null, new F\Text(most: null)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\TargetShifted => new \Lumbro\Core\Journal\TargetShifted($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['across']), $kinds[1]->read($f['typed']))),
            \Lumbro\Core\Journal\ToolAnswered::class => new F\Table(\Lumbro\Core\Journal\ToolAnswered::class, [
                new F\Field('to', 'to', null, new F\Text(most: null)),
                new F\Field('outcome', 'outcome', null, new F\Choice(words: ['done', 'failed', 'lost', 'nonsense', 'never-sent'])),
                new F\Field('message', 'message', null, new \Lumbro\Core\Journal\SaidText(most: null)),
                new F\Field('values', 'values', null, new F\Members(of: new \Lumbro\Core\Journal\Figure()), optional: true, usual: []),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Text(most: null)), optional: true, usual: []),
                new F\Field('wiped', 'wiped', null, new F\Flag(), optional: true, usual: false),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\ToolAnswered => new \Lumbro\Core\Journal\ToolAnswered($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['to']), $kinds[1]->read($f['outcome']), $kinds[2]->read($f['message']), F\Table::read($kinds[3], $f['values'] ?? null, []), F\Table::read($kinds[4], $f['codes'] ?? null, []), F\Table::read($kinds[5], $f['wiped'] ?? null, false))),
            \Lumbro\Core\Journal\ToolAsked::class => new F\Table(\Lumbro\Core\Journal\ToolAsked::class, [
                new F\Field('command', 'command', null, new F\Choice(words: \Lumbro\Core\Catalogue\Card\ToolCommand::class)),
                new F\Field('step', 'step', null, new F\Text(most: null), optional: true),
                new F\Field('values', 'values', null, new F\Members(of: new \Lumbro\Core\Journal\Figure()), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Journal\ToolAsked => new \Lumbro\Core\Journal\ToolAsked($first['id'], $first['person'], $first['at'], $kinds[0]->read($f['command']), F\Table::read($kinds[1], $f['step'] ?? null, null), F\Table::read($kinds[2], $f['values'] ?? null, []))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
