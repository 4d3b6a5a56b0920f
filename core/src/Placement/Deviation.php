<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Decision\Decision;
use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Hidden;

/** How far the set-up is from what is required in one respect; mm, or radians where it is an angle. */
final readonly class Deviation
{
    /**
     * @param list<array{id: string, share: float}>         $contributions shares of the variance, largest first
     * @param array{id: string, uncertainty: float}|null $bestCheck     the further reading that would help most
     * @param Hidden|null $hidden what one slip could do to it unseen; null where nobody asked
     * @param array{id: string, largest: float|null, unbounded: int}|null $bestGuard the further reading that would leave least hidden
     */
    public function __construct(
        public Dual $figure,
        public bool $angular,
        public float $uncertainty,
        public ?float $tolerance,
        public ?Decision $decision,
        public array $contributions,
        public ?array $bestCheck,
        public ?Hidden $hidden = null,
        public ?array $bestGuard = null,
    ) {}

    /** Whether a deviation of this name is an angle. */
    public static function isAngle(string $name): bool
    {
        return in_array($name, ['yaw', 'bearing', 'elevation'], true);
    }

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
        if ($this->hidden !== null) {
            $facts['hidden'] = ['largest' => $this->hidden->largest === null ? null : $unit($this->hidden->largest), 'id' => $this->hidden->id, 'unbounded' => $this->hidden->unbounded];
        }
        $facts['contributions'] = $this->contributions;
        if ($this->bestCheck !== null) {
            $facts['bestCheck'] = ['id' => $this->bestCheck['id'], 'uncertainty' => $unit($this->bestCheck['uncertainty'])];
        }

        if ($this->bestGuard !== null) {
            $facts['bestGuard'] = [...$this->bestGuard, 'largest' => $this->bestGuard['largest'] === null ? null : $unit($this->bestGuard['largest'])];
        }

        return $facts;
    }
}
