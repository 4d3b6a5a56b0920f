<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

use Lumbro\Core\Measure\Node;

/** One of some words. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Choice implements Kind
{
    /**
     * @param list<string>|class-string<\BackedEnum> $words the words, or the enumeration whose values they are
     * @param list<string>|null                      $only  those of the enumeration that may stand here; null for all
     * @param string                                 $kept  "text" where the property holds the word, not the case
     * @param string                                 $said  what the codes of their words begin with
     */
    public function __construct(public array|string $words, public ?array $only = null, public string $kept = 'case', public string $said = 'choice') {}

    public function read(Node $node): string|\BackedEnum
    {
        if (is_array($this->words)) {
            return $node->oneOf($this->words);
        }
        $raw = $node->raw();
        $case = is_string($raw) ? $this->words::tryFrom($raw) : null;
        if ($case === null || ($this->only !== null && ! in_array($raw, $this->only, true))) {
            // What is right is listed for a refusal alone.
            $case = $this->words::from($node->oneOf($this->known()));
        }

        return $this->kept === 'case' ? $case : (string) $case->value;
    }

    public function write(mixed $value): mixed
    {
        return $value instanceof \BackedEnum ? $value->value : $value;
    }

    public function schema(Definitions $in): array
    {
        return ['enum' => $this->known()];
    }

    /** @return list<string> */
    public function known(): array
    {
        return $this->only ?? (is_string($this->words) ? array_map(strval(...), array_column($this->words::cases(), 'value')) : $this->words);
    }
}
