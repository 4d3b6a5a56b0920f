<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields as F;

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
            ]),
            \Lumbro\Core\Catalogue\ShopRules\CodeRule::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\CodeRule::class, [
                new F\Field('unit', 'unit', null, new F\Text(most: 60)),
                new F\Field('code', 'code', null, new F\Text(most: 60)),
                new F\Field('sort', 'sort', null, new F\Choice(words: \Lumbro\Core\Catalogue\ShopRules\CodeSort::class, only: ['blocking', 'related', 'expected-before', 'unrelated'])),
                new F\Field('why', 'why', null, new F\Text()),
            ]),
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
            ]),
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
            ]),
            \Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class, [
                new F\Field('state', 'state', null, new F\Choice(words: \Lumbro\Core\Catalogue\ShopRules\OwedState::class)),
                new F\Field('route', 'route', null, new F\Choice(words: \Lumbro\Core\Catalogue\ShopRules\Route::class), optional: true),
                new F\Field('reason', 'reason', null, new F\Text()),
            ]),
            \Lumbro\Core\Catalogue\ShopRules\OwedRule::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\OwedRule::class, [
                new F\Field('operation', 'operation', null, new \Lumbro\Core\Catalogue\ShopRules\OperationCode()),
                new F\Field('outcome', 'outcome', null, new F\Inline(of: \Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class)),
                new F\Field('source', 'source', null, new F\Text()),
                new F\Field('question', 'question', null, new F\Text(), optional: true),
                new F\Field('yes', 'yes', null, new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class), optional: true),
                new F\Field('no', 'no', null, new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\OwedOutcome::class), optional: true),
                new F\Field('scope', 'scope', null, new F\Inline(of: \Lumbro\Core\Catalogue\ShopRules\RuleScope::class), optional: true, usual: new \Lumbro\Core\Catalogue\ShopRules\RuleScope()),
            ]),
            \Lumbro\Core\Catalogue\ShopRules\Phrase::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\Phrase::class, [
                new F\Field('words', 'words', null, new F\ListOf(of: new F\Text(most: 60), none: 'rules.no-word')),
                new F\Field('operation', 'operation', null, new \Lumbro\Core\Catalogue\ShopRules\OperationText(most: 80)),
            ]),
            \Lumbro\Core\Catalogue\ShopRules\Policy::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\Policy::class, [
                new F\Field('readings', 'readings', null, new F\Whole(least: 1, most: 20)),
                new F\Field('most', 'most', null, new F\Whole(least: 1, most: 50)),
                new F\Field('rounds', 'rounds', null, new F\Whole(least: 1, most: 20)),
                new F\Field('unproven', 'unproven', null, new F\Choice(words: ['adjust', 'accept-by-name', 'send-back'])),
            ]),
            \Lumbro\Core\Catalogue\ShopRules\RuleScope::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\RuleScope::class, [
                new F\Field('kinds', 'kinds', null, new F\ListOf(of: new F\Choice(words: ['front', 'front-corner', 'rear', 'blind-spot'])), optional: true, usual: []),
                new F\Field('behind', 'behind', null, new F\ListOf(of: new F\Choice(words: ['front-cover', 'front-badge', 'grille', 'rear-cover', 'open'])), optional: true, usual: []),
                new F\Field('at', 'at', null, new F\Choice(words: ['itself', 'pair', 'elsewhere']), optional: true, usual: 'itself'),
            ]),
            \Lumbro\Core\Catalogue\ShopRules\ShopRules::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\ShopRules::class, [
                new F\Field('owed', 'owed', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\OwedRule::class))),
                new F\Field('conditions', 'conditions', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Condition::class))),
                new F\Field('capture', 'capture', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\CaptureItem::class))),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\CodeRule::class))),
                new F\Field('phrases', 'phrases', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Phrase::class))),
                new F\Field('overdue', 'overdue', null, new F\Part(of: \Lumbro\Core\Catalogue\Kit\OverdueRule::class)),
                new F\Field('policy', 'policy', null, new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Policy::class), optional: true, usual: new \Lumbro\Core\Catalogue\ShopRules\Policy()),
            ]),
            \Lumbro\Core\Catalogue\ShopRules\TroubleCode::class => new F\Table(\Lumbro\Core\Catalogue\ShopRules\TroubleCode::class, [
                new F\Field('unit', 'unit', null, new F\Text(most: 60)),
                new F\Field('code', 'code', null, new F\Text(most: 60)),
                new F\Field('text', 'text', null, new F\Text(most: 300), optional: true, usual: ''),
                new F\Field('status', 'status', null, new F\Text(most: 60), optional: true, usual: ''),
            ]),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
