<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;

/** An answer to a question of the preparation or to a step of the line. The latest one counts. */
final readonly class Answered extends Line
{
    public const KIND = 'answer';

    /** @param string|null $word whose word it rests on, for an answer that was not seen but told */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(null)]
        public string $item,
        #[Choice(AnswerKind::class)]
        public AnswerKind $answer,
        #[Text(null)]
        public ?string $word = null,
    ) {
        parent::__construct($id, $person, $at);
    }
}
