<?php

declare(strict_types=1);

namespace Lumbro\Core\Practice;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Journal\Cause;

/** Somebody's word that a precondition is met, which is not true until somebody looks for themselves and puts it right. */
final readonly class Word
{
    /**
     * @param string               $who     says so
     * @param array<string, float> $offsets unknown of the survey → what it is off while nobody has looked, mm or degrees
     * @param Cause|null           $cause   what is at work while nobody has looked
     */
    public function __construct(
        #[Text(80)]
        public string $who,
        #[Members(new Number('', -1000, 1000))]
        public array $offsets = [],
        #[Choice(Cause::class)]
        public ?Cause $cause = null,
    ) {}
}
