<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** An answer to a question of the preparation or to a step of the line. The latest one counts. */
final readonly class Answered extends Line
{
    /** @param string|null $word whose word it rests on, for an answer that was not seen but told */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $item,
        public AnswerKind $answer,
        public ?string $word = null,
    ) {
        parent::__construct($id, $person, $at);
    }
}
