<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\ListOf;

/** Which sensors a rule speaks of: by kind, by what they sit behind, and by where the operation was done. */
final readonly class RuleScope
{
    public const AT = ['itself', 'pair', 'elsewhere'];

    /**
     * @param list<string> $kinds  of CarSensor::KINDS; empty for all
     * @param list<string> $behind of CarSensor::BEHIND; empty for all
     * @param string       $at     one of AT; counts for operations done at a sensor
     */
    public function __construct(
        #[ListOf(new Choice(CarSensor::KINDS))]
        public array $kinds = [],
        #[ListOf(new Choice(CarSensor::BEHIND))]
        public array $behind = [],
        #[Choice(self::AT)]
        public string $at = 'itself',
    ) {}

    /** Whether the rule speaks of this sensor after this operation. */
    public function covers(CarSensor $sensor, Operation $operation): bool
    {
        if ($this->kinds !== [] && ! in_array($sensor->kind, $this->kinds, true)) {
            return false;
        }
        if ($this->behind !== [] && ! in_array($sensor->behind, $this->behind, true)) {
            return false;
        }
        $at = match ($operation->sensor) {
            null => $this->at,
            $sensor->id => 'itself',
            $sensor->pair => 'pair',
            default => 'elsewhere',
        };

        return $at === $this->at;
    }
}
