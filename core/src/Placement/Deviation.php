<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Numeric\Dual;

/** How far the set-up is from what is required in one respect; mm, or radians where it is an angle. */
final readonly class Deviation
{
    /**
     * @param list<array{id: string, share: float}>         $contributions shares of the variance, largest first
     * @param array{id: string, uncertainty: float}|null $bestCheck     the further reading that would help most
     */
    public function __construct(
        public Dual $figure,
        public bool $angular,
        public float $uncertainty,
        public ?float $tolerance,
        public ?Decision $decision,
        public array $contributions,
        public ?array $bestCheck,
    ) {}

    /** The deviation, mm or rad. */
    public function value(): float
    {
        return $this->figure->value;
    }

    /** @return array<string, mixed> as documents have it: mm, or degrees where it is an angle */
    public function facts(): array
    {
        $unit = fn(float $value): float => $this->angular ? rad2deg($value) : $value;
        $facts = ['deviation' => $unit($this->value()), 'uncertainty' => $unit($this->uncertainty)];
        if ($this->tolerance !== null && $this->decision !== null) {
            $facts += ['tolerance' => $unit($this->tolerance), ...$this->decision->facts()];
        }
        $facts['contributions'] = $this->contributions;
        if ($this->bestCheck !== null) {
            $facts['bestCheck'] = ['id' => $this->bestCheck['id'], 'uncertainty' => $unit($this->bestCheck['uncertainty'])];
        }

        return $facts;
    }
}
