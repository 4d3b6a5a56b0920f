<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Message\Message;

/** A precondition of the run (need J6): asked once for the car, or for each sensor. */
final readonly class Condition
{
    /**
     * @param bool                      $perSensor asked for each sensor; otherwise once for the car
     * @param bool                      $blocks    an unmet one bars the run; otherwise it warns
     * @param string                    $why       what an unmet one does
     * @param list<ConditionValue>      $values
     * @param array{front: float, rear: float}|null $sag how far an unmet one lets the body sink, mm at each axle
     * @param list<string>              $kinds     of CarSensor::KINDS; empty for all
     * @param string                    $source    whose rule it is
     */
    public function __construct(
        public string $id,
        public string|Message $question,
        public bool $perSensor,
        public bool $blocks,
        public string|Message $why,
        public array $values = [],
        public ?array $sag = null,
        public array $kinds = [],
        public string $source = '',
    ) {}
}
