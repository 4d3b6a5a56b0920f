<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Journal\AnswerKind;

/** An answer at the car. */
final readonly class AnswerWish
{
    /** As they are typed. */
    public function __construct(
        #[Text(80)]
        public string $item,
        #[Choice(AnswerKind::class)]
        public AnswerKind $answer,
        #[Text(80)]
        public ?string $word = null,
    ) {}
}
