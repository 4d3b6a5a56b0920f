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
