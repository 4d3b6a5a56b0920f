<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Definitions;
use Lumbro\Core\Fields\Kind;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\Said;
use Lumbro\Core\Message\Message;

/** A message of the core, or a text of somebody's: one that was typed, or one that an earlier edition put in words. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class SaidText implements Kind
{
    /** @param int|null $most characters of a text; null for one that is taken as it comes */
    public function __construct(public ?int $most = 500) {}

    public function read(Node $node): string|Message
    {
        return match (true) {
            $node->isObject() => Said::read($node),
            $this->most === null => $node->text(),
            default => $node->line($this->most),
        };
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return ['if' => ['type' => 'object'], 'then' => ['$ref' => 'common.json#/$defs/message'], 'else' => (new Text($this->most))->schema($in)];
    }
}
