<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\TypedFigure;

/** An answer at the car. */
final readonly class AnswerWish
{
    /** @param array<string, string> $values as they are typed, by the name of the value */
    public function __construct(
        #[Text(80)]
        public string $item,
        #[Choice(AnswerKind::class)]
        public AnswerKind $answer,
        #[Text(80)]
        public ?string $word = null,
        #[Members(new TypedFigure())]
        public array $values = [],
    ) {}
}
