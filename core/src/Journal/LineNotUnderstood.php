<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Text;

/** A line of an estimate that no phrase of the shop's puts to an operation. It stays until somebody says what it was. */
final readonly class LineNotUnderstood extends OrderLine
{
    public const KIND = 'estimate-line';

    /** @param string $text as the estimate has it */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(300)]
        public string $text,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "estimate $this->id";
    }
}
