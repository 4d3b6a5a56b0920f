<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Definitions;
use Lumbro\Core\Fields\Kind;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** A number or a text, as a tool takes and tells them. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Figure implements Kind
{
    public function read(Node $node): float|string
    {
        return is_string($node->raw()) ? $node->text() : $node->number();
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return ['anyOf' => [(new Number())->schema($in), (new Text(null))->schema($in)]];
    }
}
