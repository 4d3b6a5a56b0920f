<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Kit;

use Lumbro\Core\Measure\TargetDrawing;

/** A radar target of the kit, with its drawing. */
final readonly class Target
{
    /**
     * @param string        $kind           "corner reflector", "flat plate", "powered target" and the like
     * @param float|null    $phaseToPointer from the mark of its pointer to the phase centre, mm; null where the drawing is silent
     * @param list<StandIn> $standsInFor    targets it may take the place of
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public TargetDrawing $drawing,
        public ?float $phaseToPointer,
        public array $standsInFor,
        public Check $check,
        public string $note = '',
    ) {}

    /** What changes where it takes another one's place; null where it may not. */
    public function insteadOf(string $name): ?StandIn
    {
        foreach ($this->standsInFor as $standIn) {
            if (mb_strtolower($standIn->target) === mb_strtolower($name)) {
                return $standIn;
            }
        }

        return null;
    }
}
