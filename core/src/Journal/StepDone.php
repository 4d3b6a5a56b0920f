<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** A step of the card's procedure that a person does was done. */
final readonly class StepDone extends Line
{
    public const KIND = 'step';

    /** @param float|null $waited how long was waited, seconds, where the step asks for a wait */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(null)]
        public string $step,
        #[Number('s', 0)]
        public ?float $waited = null,
    ) {
        parent::__construct($id, $person, $at);
    }
}
