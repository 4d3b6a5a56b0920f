<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** An answer to a precondition of the car, or of one sensor, with the values that were read. */
final readonly class ConditionAnswered extends OrderLine
{
    /**
     * @param string|null           $sensor null where it is about the whole car
     * @param string|null           $word   whose word it rests on
     * @param array<string, string> $values as typed, by the name of the value
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $item,
        public ?string $sensor,
        public AnswerKind $answer,
        public ?string $word = null,
        public array $values = [],
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'condition ' . $this->item . ($this->sensor === null ? '' : " $this->sensor");
    }
}
