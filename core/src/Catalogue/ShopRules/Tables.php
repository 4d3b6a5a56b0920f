<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Catalogue\ShopRules\CaptureItem::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\CaptureItem::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('question', 'question', null, new F\Text()),
                new F\Field('kind', 'kind', null, new F\Choice(words: ['text', 'number', 'yes', 'photo'])),
                new F\Field('unit', 'unit', null, new F\Text(most: 20), optional: true),
                new F\Field('most', 'most', null, new F\Number(least: 1.0E-9), optional: true),
                new F\Field('neededFor', 'neededFor', null, new F\Text()),
                new F\Field('afterRefit', 'afterRefit', null, new F\Text()),
                new F\Field('when', 'when', null, new F\ListOf(of: new \Lumbro\Core\Catalogue\ShopRules\OperationCode()), optional: true, usual: []),
                new F\Field('kinds', 'kinds', null, new F\ListOf(of: new F\Choice(words: ['front', 'front-corner', 'rear', 'blind-spot'])), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\CaptureItem => new \Lumbro\Core\Catalogue\ShopRules\CaptureItem($kinds[0]->read($f['id']), $kinds[1]->read($f['question']), $kinds[2]->read($f['kind']), F\Table::read($kinds[3], $f['unit'] ?? null, null), F\Table::read($kinds[4], $f['most'] ?? null, null), $kinds[5]->read($f['neededFor']), $kinds[6]->read($f['afterRefit']), F\Table::read($kinds[7], $f['when'] ?? null, []), F\Table::read($kinds[8], $f['kinds'] ?? null, []))),
            \Lumbro\Core\Catalogue\ShopRules\CodeRule::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\CodeRule::class, [
                new F\Field('unit', 'unit', null, new F\Text(most: 60)),
                new F\Field('code', 'code', null, new F\Text(most: 60)),
                new F\Field('sort', 'sort', null, new F\Choice(words: \Lumbro\Core\Catalogue\ShopRules\CodeSort::class, only: ['blocking', 'related', 'expected-before', 'unrelated'])),
                new F\Field('why', 'why', null, new F\Text()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\CodeRule => new \Lumbro\Core\Catalogue\ShopRules\CodeRule($kinds[0]->read($f['unit']), $kinds[1]->read($f['code']), $kinds[2]->read($f['sort']), $kinds[3]->read($f['why']))),
            \Lumbro\Core\Catalogue\ShopRules\Condition::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\Condition::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('question', 'question', null, new F\Text()),
                new F\Field('perSensor', 'perSensor', null, new F\Flag()),
                new F\Field('blocks', 'unmet', null, new F\Either(true: 'blocks', false: 'warns')),
                new F\Field('why', 'why', null, new F\Text()),
                new F\Field('values', 'values', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\ConditionValue::class)), optional: true, usual: []),
                new F\Field('sag', 'sag', null, new F\Row(fields: ['front' => new F\Number(unit: 'mm', least: -200.0, most: 200.0), 'rear' => new F\Number(unit: 'mm', least: -200.0, most: 200.0)]), optional: true),
                new F\Field('kinds', 'kinds', null, new F\ListOf(of: new F\Choice(words: ['front', 'front-corner', 'rear', 'blind-spot'])), optional: true, usual: []),
                new F\Field('source', 'source', null, new F\Text()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\Condition => new \Lumbro\Core\Catalogue\ShopRules\Condition($kinds[0]->read($f['id']), $kinds[1]->read($f['question']), $kinds[2]->read($f['perSensor']), $kinds[3]->read($f['unmet']), $kinds[4]->read($f['why']), F\Table::read($kinds[5], $f['values'] ?? null, []), F\Table::read($kinds[6], $f['sag'] ?? null, null), F\Table::read($kinds[7], $f['kinds'] ?? null, []), $kinds[8]->read($f['source']))),
            \Lumbro\Core\Catalogue\ShopRules\ConditionValue::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\ConditionValue::class, [
                new F\Field('id', 'id', null, new F\Id()),
                new F\Field('label', 'label', null, new F\Text(most: 60)),
                new F\Field('unit', 'unit', null, new F\Text(most: 20)),
                new F\Field('against', 'against', null, new F\Choice(words: ['limits', 'placard-front', 'placard-rear', 'ride-height-front', 'ride-height-rear'])),
                new F\Field('least', 'least', null, new F\Number(), optional: true),
                new F\Field('most', 'most', null, new F\Number(), optional: true),
                new F\Field('within', 'within', null, new F\Number(least: 1.0E-9), optional: true),
                new F\Field('mmPerUnit', 'mmPerUnit', null, new F\Number(unit: 'mm', least: -1000.0, most: 1000.0), optional: true, usual: 0.0),
                new F\Field('axle', 'axle', null, new F\Choice(words: ['front', 'rear']), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\ConditionValue => new \Lumbro\Core\Catalogue\ShopRules\ConditionValue($kinds[0]->read($f['id']), $kinds[1]->read($f['label']), $kinds[2]->read($f['unit']), $kinds[3]->read($f['against']), F\Table::read($kinds[4], $f['least'] ?? null, null), F\Table::read($kinds[5], $f['most'] ?? null, null), F\Table::read($kinds[6], $f['within'] ?? null, null), F\Table::read($kinds[7], $f['mmPerUnit'] ?? null, 0.0), F\Table::read($kinds[8], $f['axle'] ?? null, null))),
            \Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class, [
                new F\Field('state', 'state', null, new F\Choice(words: \Lumbro\Core\Catalogue\ShopRules\OwedState::class)),
                new F\Field('route', 'route', null, new F\Choice(words: \Lumbro\Core\Catalogue\ShopRules\Route::class, said: 'route'), optional: true),
                new F\Field('reason', 'reason', null, new F\Text()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\OwedOutcome => new \Lumbro\Core\Catalogue\ShopRules\OwedOutcome($kinds[0]->read($f['state']), F\Table::read($kinds[1], $f['route'] ?? null, null), $kinds[2]->read($f['reason']))),
            \Lumbro\Core\Catalogue\ShopRules\OwedRule::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\OwedRule::class, [
                new F\Field('operation', 'operation', null, new \Lumbro\Core\Catalogue\ShopRules\OperationCode()),
                new F\Field('outcome', 'outcome', null, new F\Inline(of: \Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class)),
                new F\Field('source', 'source', null, new F\Text()),
                new F\Field('question', 'question', null, new F\Text(), optional: true),
                new F\Field('yes', 'yes', null, new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class), optional: true),
                new F\Field('no', 'no', null, new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class), optional: true),
                new F\Field('scope', 'scope', null, new F\Inline(of: \Lumbro\Core\Catalogue\ShopRules\RuleScope::class), optional: true, usual: new \Lumbro\Core\Catalogue\ShopRules\RuleScope()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\OwedRule => new \Lumbro\Core\Catalogue\ShopRules\OwedRule($kinds[0]->read($f['operation']), F\Table::of(\Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class)->make($f, $node), $kinds[2]->read($f['source']), F\Table::read($kinds[3], $f['question'] ?? null, null), F\Table::read($kinds[4], $f['yes'] ?? null, null), F\Table::read($kinds[5], $f['no'] ?? null, null), F\Table::of(\Lumbro\Core\Catalogue\ShopRules\RuleScope::class)->make($f, $node))),
            \Lumbro\Core\Catalogue\ShopRules\Phrase::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\Phrase::class, [
                new F\Field('words', 'words', null, new F\ListOf(of: new F\Text(most: 60), none: 'rules.no-word')),
                new F\Field('operation', 'operation', null, new \Lumbro\Core\Catalogue\ShopRules\OperationText(most: 80)),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\Phrase => new \Lumbro\Core\Catalogue\ShopRules\Phrase($kinds[0]->read($f['words']), $kinds[1]->read($f['operation']))),
            \Lumbro\Core\Catalogue\ShopRules\Policy::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\Policy::class, [
                new F\Field('readings', 'readings', null, new F\Whole(least: 1, most: 20)),
                new F\Field('most', 'most', null, new F\Whole(least: 1, most: 50)),
                new F\Field('rounds', 'rounds', null, new F\Whole(least: 1, most: 20)),
                new F\Field('unproven', 'unproven', null, new F\Choice(words: ['adjust', 'accept-by-name', 'send-back'])),
                new F\Field('guard', 'guard', null, new F\Number(least: 0.05, most: 1.0), optional: true, usual: 0.6),
                new F\Field('slips', 'slips', null, new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\SlipLimits::class), optional: true),
                new F\Field('minutes', 'minutes', null, new F\Members(of: new F\Number(unit: 'min', least: 0.1, most: 240.0), names: ['line', 'stand-laser', 'hub-plumbs', 'squares', 'wheel-lasers', 'rig', 'level']), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\Policy => new \Lumbro\Core\Catalogue\ShopRules\Policy($kinds[0]->read($f['readings']), $kinds[1]->read($f['most']), $kinds[2]->read($f['rounds']), $kinds[3]->read($f['unproven']), F\Table::read($kinds[4], $f['guard'] ?? null, 0.6), F\Table::read($kinds[5], $f['slips'] ?? null, null), F\Table::read($kinds[6], $f['minutes'] ?? null, []))),
            \Lumbro\Core\Catalogue\ShopRules\RuleScope::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\RuleScope::class, [
                new F\Field('kinds', 'kinds', null, new F\ListOf(of: new F\Choice(words: ['front', 'front-corner', 'rear', 'blind-spot'])), optional: true, usual: []),
                new F\Field('behind', 'behind', null, new F\ListOf(of: new F\Choice(words: ['front-cover', 'front-badge', 'grille', 'rear-cover', 'open'])), optional: true, usual: []),
                new F\Field('at', 'at', null, new F\Choice(words: ['itself', 'pair', 'elsewhere']), optional: true, usual: 'itself'),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\RuleScope => new \Lumbro\Core\Catalogue\ShopRules\RuleScope(F\Table::read($kinds[0], $f['kinds'] ?? null, []), F\Table::read($kinds[1], $f['behind'] ?? null, []), F\Table::read($kinds[2], $f['at'] ?? null, 'itself'))),
            \Lumbro\Core\Catalogue\ShopRules\ShopRules::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\ShopRules::class, [
                new F\Field('owed', 'owed', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\OwedRule::class), later: \Lumbro\Core\Catalogue\ShopRules\OwedRules::class)),
                new F\Field('conditions', 'conditions', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Condition::class))),
                new F\Field('capture', 'capture', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\CaptureItem::class))),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\CodeRule::class))),
                new F\Field('phrases', 'phrases', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Phrase::class))),
                new F\Field('overdue', 'overdue', null, new F\Part(of: \Lumbro\Core\Catalogue\Kit\OverdueRule::class)),
                new F\Field('policy', 'policy', null, new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Policy::class), optional: true, usual: new \Lumbro\Core\Catalogue\ShopRules\Policy()),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\ShopRules => new \Lumbro\Core\Catalogue\ShopRules\ShopRules($kinds[0]->read($f['owed']), $kinds[1]->read($f['conditions']), $kinds[2]->read($f['capture']), $kinds[3]->read($f['codes']), $kinds[4]->read($f['phrases']), $kinds[5]->read($f['overdue']), F\Table::read($kinds[6], $f['policy'] ?? null, new \Lumbro\Core\Catalogue\ShopRules\Policy()))),
            \Lumbro\Core\Catalogue\ShopRules\SlipLimits::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\SlipLimits::class, [
                new F\Field('mark', 'mark', null, new F\Number(unit: 'mm', least: 1.0, most: 300.0), optional: true),
                new F\Field('hub', 'hub', null, new F\Number(unit: 'mm', least: 1.0, most: 300.0), optional: true),
                new F\Field('sensor', 'sensor', null, new F\Number(unit: 'mm', least: 1.0, most: 300.0), optional: true),
                new F\Field('sensorHeight', 'sensorHeight', null, new F\Number(unit: 'mm', least: 1.0, most: 300.0), optional: true),
                new F\Field('tapeEnd', 'tapeEnd', null, new F\Number(unit: 'mm', least: 1.0, most: 300.0), optional: true),
                new F\Field('ruleEnd', 'ruleEnd', null, new F\Number(unit: 'mm', least: 1.0, most: 300.0), optional: true),
                new F\Field('floor', 'floor', null, new F\Number(unit: 'mm', least: 1.0, most: 300.0), optional: true),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\SlipLimits => new \Lumbro\Core\Catalogue\ShopRules\SlipLimits(F\Table::read($kinds[0], $f['mark'] ?? null, null), F\Table::read($kinds[1], $f['hub'] ?? null, null), F\Table::read($kinds[2], $f['sensor'] ?? null, null), F\Table::read($kinds[3], $f['sensorHeight'] ?? null, null), F\Table::read($kinds[4], $f['tapeEnd'] ?? null, null), F\Table::read($kinds[5], $f['ruleEnd'] ?? null, null), F\Table::read($kinds[6], $f['floor'] ?? null, null))),
            \Lumbro\Core\Catalogue\ShopRules\TroubleCode::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\TroubleCode::class, [
                new F\Field('unit', 'unit', null, new F\Text(most: 60)),
                new F\Field('code', 'code', null, new F\Text(most: 60)),
                new F\Field('text', 'text', null, new F\Text(most: 300), optional: true, usual: ''),
                new F\Field('status', 'status', null, new F\Text(most: 60), optional: true, usual: ''),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Catalogue\ShopRules\TroubleCode => new \Lumbro\Core\Catalogue\ShopRules\TroubleCode($kinds[0]->read($f['unit']), $kinds[1]->read($f['code']), F\Table::read($kinds[2], $f['text'] ?? null, ''), F\Table::read($kinds[3], $f['status'] ?? null, ''))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
