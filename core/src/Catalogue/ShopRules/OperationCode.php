<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\Definitions;
use Lumbro\Core\Fields\Kind;
use Lumbro\Core\Measure\Node;

/** The code of an operation of the catalogue, without a sensor. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class OperationCode implements Kind
{
    public function read(Node $node): string
    {
        $raw = $node->raw();

        return is_string($raw) && isset(Operations::CATALOGUE[$raw]) ? $raw : $node->oneOf(array_keys(Operations::CATALOGUE));
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return ['enum' => array_keys(Operations::CATALOGUE)];
    }
}
