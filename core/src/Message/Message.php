<?php

declare(strict_types=1);

namespace Lumbro\Core\Message;

/**
 * Something the core says: a code and its parameters. Words are put to it at the very end, in the reader's language and
 * units (words/en.json); what is kept and sealed is this.
 *
 * @phpstan-type Parameter int|float|string|self|Quantity|list<int|float|string|self|Quantity>
 */
final readonly class Message implements \JsonSerializable
{
    /** @param array<string, Parameter> $with */
    private function __construct(public string $code, public array $with) {}

    /**
     * @param string                   $code such as "bar.not-measured"
     * @param array<string, Parameter> $with a text is somebody's own words, or a source's
     */
    public static function of(string $code, array $with = []): self
    {
        return new self($code, $with);
    }

    /** @return array{say: string, with?: array<string, Parameter>} as documents have it */
    public function jsonSerialize(): array
    {
        return $this->with === [] ? ['say' => $this->code] : ['say' => $this->code, 'with' => $this->with];
    }
}
