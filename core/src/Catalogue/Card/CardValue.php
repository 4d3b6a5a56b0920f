<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

/** One value of a procedure card: what it is called, its unit, and what is lost where it is missing. */
final readonly class CardValue
{
    /**
     * @param string       $pointer JSON Pointer in the card
     * @param string       $kind    "number", "text", "day" or "choice"
     * @param string       $unit    "" where it has none
     * @param list<string> $choices of a choice
     * @param string       $missing what cannot be done without it; "" where nothing is lost
     */
    public function __construct(
        public string $pointer,
        public string $group,
        public string $label,
        public string $kind,
        public string $unit = '',
        public bool $required = true,
        public array $choices = [],
        public string $missing = '',
    ) {}

    /** Whether it is a number. */
    public function isNumber(): bool
    {
        return $this->kind === 'number';
    }
}
