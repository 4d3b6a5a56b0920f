<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Message\Message;

/** One value of a procedure card: "card.{pointer}" is what it is called, and what is lost without it. */
final readonly class CardValue
{
    /**
     * @param string       $pointer JSON Pointer in the card
     * @param string       $kind    "number", "text", "day" or "choice"
     * @param string       $unit    "" where it has none
     * @param list<string> $choices of a choice
     * @param bool         $isLost  whether something cannot be done without it
     * @param string       $said    what the codes of the choices' words begin with
     */
    public function __construct(
        public string $pointer,
        public string $group,
        public string $kind,
        public string $unit = '',
        public bool $required = true,
        public array $choices = [],
        public bool $isLost = false,
        public string $said = 'choice',
    ) {}

    /** The same where a card may lack it. */
    public function optional(): self
    {
        return new self($this->pointer, $this->group, $this->kind, $this->unit, false, $this->choices, $this->isLost, said: $this->said);
    }

    /** One of its choices in words. */
    public function choiceSaid(string $choice): Message
    {
        return Message::of("$this->said." . strtr($choice, [' ' => '-']));
    }

    /** Whether it is a number. */
    public function isNumber(): bool
    {
        return $this->kind === 'number';
    }

    /** What it is called. */
    public function label(): Message
    {
        return Message::of('card.' . $this->name());
    }

    /** The part of the card it stands in. */
    public function group(): Message
    {
        return Message::of("card.group.$this->group");
    }

    /** What cannot be done without it. */
    public function lost(): ?Message
    {
        return $this->isLost ? Message::of("card.{$this->name()}.lost") : null;
    }

    private function name(): string
    {
        return strtr(substr($this->pointer, 1), ['/' => '.']);
    }
}
