<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Definitions;
use Lumbro\Core\Fields\Kind;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** A single value of a card: which of the two it is, is said by the value it stands beside. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class NumberOrText implements Kind
{
    public function read(Node $node): float|string
    {
        return is_string($node->raw()) ? $node->line() : $node->number();
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return ['anyOf' => [(new Number())->schema($in), (new Text())->schema($in)]];
    }
}
