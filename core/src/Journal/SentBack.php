<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Message\Message;

/** The car goes back to another trade with a fault that cannot be put right here, in somebody's name (needs J29, J36). */
final readonly class SentBack extends Line
{
    public const KIND = 'sent-back';

    /**
     * @param string       $fault   as the diagnosis names it
     * @param string       $name    who decided it
     * @param list<string|Message> $reasons as they stood on the screen
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(Cause::class, kept: 'text')]
        public string $fault,
        #[Text(80)]
        public string $name,
        #[ListOf(new SaidText(), 100)]
        public array $reasons,
        #[Text(500)]
        public string $note = '',
    ) {
        parent::__construct($id, $person, $at);
    }
}
