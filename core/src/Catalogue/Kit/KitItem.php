<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** An item of the kit register: its "sort" says of which class it is. */
final class KitItem
{
    public const SORTS = ['instrument' => Instrument::class, 'stand' => Stand::class, 'target' => Target::class];

    /** @throws InvalidInput naming the field that is missing, unknown or wrong (schemas, "kit-item") */
    public static function read(Node $node): Instrument|Stand|Target
    {
        $sort = $node->member('sort') ?? throw InvalidInput::missing($node->path(), 'sort');

        return Document::read(self::SORTS[$sort->oneOf(array_keys(self::SORTS))], $node);
    }
}
