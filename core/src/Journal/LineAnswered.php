<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** A step of establishing the line was answered: the line is the car's, once for all its sensors. */
final readonly class LineAnswered extends OrderLine implements Checked
{
    public const KIND = 'line';

    /** @param string|null $word on whose word it rests */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Id]
        public string $item,
        #[Choice(AnswerKind::class)]
        public AnswerKind $answer,
        #[Text(80)]
        public ?string $word = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return 'line ' . $this->item;
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
