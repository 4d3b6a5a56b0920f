<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Message\Message;

/** One step of a card's procedure. */
final readonly class CardStep
{
    /**
     * @param string       $text    as its source has it; empty for the one that reads the axis where the card names none
     * @param list<string> $after   ids of the steps that come before it
     * @param float|null   $seconds how long it waits; null where it does not
     * @param string|null  $does    what it asks of the scan tool, one of ToolCommand::STEPS; null where a person does it
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string $text,
        #[ListOf(new Id(), 200)]
        public array $after = [],
        #[Number('s', 0, 86_400)]
        public ?float $seconds = null,
        #[Choice(ToolCommand::STEPS, said: 'tool')]
        public ?string $does = null,
    ) {}

    /** What is to be done. */
    public function said(): string|Message
    {
        return $this->text === '' ? Message::of("step.$this->id") : $this->text;
    }

    /** What it asks of the scan tool; null where a person does it. */
    public function command(): ?ToolCommand
    {
        return $this->does === null ? null : ToolCommand::from($this->does);
    }
}
