<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** The target was shifted along its bar for a shift test, or put back where it was. */
final readonly class TargetShifted extends Line
{
    public const KIND = 'shift';

    /** @param float $across from where it belongs, mm, the car's left positive; 0 where it is back */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Number('mm', -2_000, 2_000)]
        public float $across,
        #[Text(null)]
        public string $typed,
    ) {
        parent::__construct($id, $person, $at);
    }
}
