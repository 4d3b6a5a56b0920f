<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Measure\TargetDrawing;

/** One procedure for one sensor of one car, with where it comes from and who stands for it. */
final readonly class ProcedureCard
{
    /**
     * @param list<OwedRule>              $rules
     * @param list<PreparationItem>       $preparation
     * @param list<array{float, float}>   $zone     corners of the keep-clear zone, mm in the vehicle frame
     * @param list<string>                $cautions
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $edition,
        public string $dated,
        public string $source,
        public string $enteredBy,
        public string $checkedBy,
        public CardSensor $sensor,
        public string $targetName,
        public TargetDrawing $target,
        public CardSpot $spot,
        public float $echoExpected,
        public float $echoWithin,
        public array $rules,
        public array $preparation,
        public array $zone,
        public array $cautions,
        public Thresholds $thresholds = new Thresholds(),
    ) {}
}
