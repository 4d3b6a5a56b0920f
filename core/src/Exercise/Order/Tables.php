<?php

// Made from the attributes on the classes beside it by core/bin/derive. Not to be edited.

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Fields as F;
use Lumbro\Core\Measure\Node;

/** The fields of the documents in this folder. */
final class Tables
{
    /** @param class-string $class */
    public static function of(string $class): F\Table
    {
        return match ($class) {
            \Lumbro\Core\Exercise\Order\OrderAnswer::class => new F\Table(\Lumbro\Core\Exercise\Order\OrderAnswer::class, [
                new F\Field('owed', 'owed', null, new F\ListOf(of: new F\Id(), most: 16), optional: true, usual: []),
                new F\Field('close', 'close', null, new F\Flag(), optional: true, usual: false),
                new F\Field('open', 'open', null, new F\ListOf(of: new F\Text(most: 80), most: 32), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Exercise\Order\OrderAnswer => new \Lumbro\Core\Exercise\Order\OrderAnswer(F\Table::read($kinds[0], $f['owed'] ?? null, []), F\Table::read($kinds[1], $f['close'] ?? null, false), F\Table::read($kinds[2], $f['open'] ?? null, []))),
            \Lumbro\Core\Exercise\Order\OrderTruth::class => new F\Table(\Lumbro\Core\Exercise\Order\OrderTruth::class, [
                new F\Field('unsaid', 'unsaid', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\Operation::class), most: 10), optional: true, usual: []),
                new F\Field('off', 'off', null, new F\ListOf(of: new F\Choice(words: \Lumbro\Core\Catalogue\Vehicle\Cover::class), most: 2), optional: true, usual: []),
                new F\Field('answers', 'answers', null, new F\Members(of: new F\Choice(words: ['yes', 'no'])), optional: true, usual: []),
                new F\Field('codes', 'codes', null, new F\ListOf(of: new F\Part(of: \Lumbro\Core\Catalogue\ShopRules\TroubleCode::class), most: 10), optional: true, usual: []),
                new F\Field('unsealed', 'unsealed', null, new F\ListOf(of: new F\Id(), most: 16), optional: true, usual: []),
            ], make: static fn(array $f, array $in, array $kinds, Node $node, array $first): \Lumbro\Core\Exercise\Order\OrderTruth => new \Lumbro\Core\Exercise\Order\OrderTruth(F\Table::read($kinds[0], $f['unsaid'] ?? null, []), F\Table::read($kinds[1], $f['off'] ?? null, []), F\Table::read($kinds[2], $f['answers'] ?? null, []), F\Table::read($kinds[3], $f['codes'] ?? null, []), F\Table::read($kinds[4], $f['unsealed'] ?? null, []))),
            default => throw new \LogicException("$class has no fields."),
        };
    }
}
