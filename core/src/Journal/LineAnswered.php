<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A step of establishing the line was answered: the line is the car's, once for all its sensors. */
final readonly class LineAnswered extends OrderLine
{
    /** @param string|null $word on whose word it rests */
    public function __construct(string $id, string $person, string $at, public string $item, public AnswerKind $answer, public ?string $word = null)
    {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'line ' . $this->item;
    }
}
