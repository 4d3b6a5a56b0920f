<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** Everything a sensor task rests on besides its record. */
final readonly class TaskContext
{
    public School $school;

    /** @param list<string> $operations codes of what was done to the car */
    public function __construct(
        public ProcedureCard $card,
        public VehicleSheet $sheet,
        public Kit $kit,
        public Bay $bay,
        public array $operations,
    ) {
        $this->school = new PlumbAndLine($card, $sheet, $kit);
    }
}
