<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** An answer to a precondition of the car, or of one sensor, with the values that were read. */
final readonly class ConditionAnswered extends OrderLine implements Checked
{
    public const KIND = 'condition';

    /**
     * @param string|null           $sensor null where it is about the whole car
     * @param string|null           $word   whose word it rests on
     * @param array<string, string> $values as typed, by the name of the value
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Id]
        public string $item,
        #[Id]
        public ?string $sensor,
        #[Choice(AnswerKind::class)]
        public AnswerKind $answer,
        #[Text(80)]
        public ?string $word = null,
        #[Members(new TypedFigure())]
        public array $values = [],
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'condition ' . $this->item . ($this->sensor === null ? '' : " $this->sensor");
    }

    public function check(Node $node): void
    {
        if ($this->answer === AnswerKind::OnWord && $this->word === null) {
            throw InvalidInput::because($node->path() . '/word', 'answer.whose-word');
        }
    }

    public static function rule(): array
    {
        return AnswerKind::rule();
    }
}
