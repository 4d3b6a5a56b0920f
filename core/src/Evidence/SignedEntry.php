<?php

declare(strict_types=1);

namespace Lumbro\Core\Evidence;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** An entry of a seal book with its signature. It stands in the book, and in each file that it is about. */
final readonly class SignedEntry
{
    /** @param string $value the signature, base64 */
    public function __construct(public BookEntry $entry, public string $value) {}

    /** @throws InvalidInput naming the field that is missing, unknown or wrong */
    public static function read(Node $node): self
    {
        $f = $node->fields(['entry', 'value']);

        return new self(BookEntry::read($f['entry']), $f['value']->line(100));
    }

    /** Signs an entry with the secret of the key it names; 32 bytes. */
    public static function make(BookEntry $entry, #[\SensitiveParameter] string $seed): self
    {
        return new self($entry, Signature::of($entry, $seed));
    }

    /** Whether the signature is the entry's own. */
    public function fits(): bool
    {
        return Signature::fits($this->entry, $this->value);
    }

    /** @return array{entry: array<string, mixed>, value: string} */
    public function document(): array
    {
        return ['entry' => $this->entry->document(), 'value' => $this->value];
    }
}
