<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** A text in one line, of at most so many characters. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Text implements Kind
{
    /** What JSON Schema says of a text that holds nothing unwritten. */
    public const WRITTEN = '^[^\x00-\x08\x0b\x0c\x0e-\x1f\x7f]*$';

    /** @param int|null $most characters; null for a text that is taken as it comes */
    public function __construct(public ?int $most = 500) {}

    public function read(Node $node): string
    {
        return $this->most === null ? $node->text() : $node->line($this->most);
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function schema(Definitions $in): array
    {
        return ['type' => 'string', 'minLength' => 1, ...($this->most === null ? [] : ['maxLength' => $this->most, 'pattern' => self::WRITTEN])];
    }
}
