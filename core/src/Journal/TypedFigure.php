<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Definitions;
use Lumbro\Core\Fields\Kind;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\TypedNumber;

/** A number as somebody typed it. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class TypedFigure implements Kind
{
    private const MOST = 20;

    public function read(Node $node): string
    {
        TypedNumber::read($node->line(self::MOST));

        return $node->text();
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return (new Text(self::MOST))->schema($in);
    }
}
