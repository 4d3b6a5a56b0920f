<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Text;

/** The clock of a step that waits was started. */
final readonly class StepBegun extends Line
{
    public const KIND = 'step-begun';

    /** @param string $step of the card */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(null)]
        public string $step,
    ) {
        parent::__construct($id, $person, $at);
    }
}
