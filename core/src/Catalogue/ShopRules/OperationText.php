<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Fields\Definitions;
use Lumbro\Core\Fields\Kind;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** An operation as text, with "@" and a sensor's id where it is done at a sensor. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class OperationText implements Kind
{
    /** @param int $most characters */
    public function __construct(public int $most = 120) {}

    public function read(Node $node): string
    {
        return Operation::fromCode($node->line($this->most), $node->path())->text();
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return (new Text($this->most))->schema($in);
    }
}
