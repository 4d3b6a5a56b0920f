<?php

declare(strict_types=1);

namespace Lumbro\Core\Axis;

use Lumbro\Core\Placement\Deviation;

/**
 * What the uncertainty of a misalignment comes from (maths, section 6): the reading itself, and what the set-up brings,
 * by groups of observations.
 */
final readonly class ErrorBudget
{
    public const READING = 'reading';

    /**
     * @param float                $uncertainty of the misalignment, degrees
     * @param array<string, float> $groups      group → its part, degrees, largest first; their squares add up
     */
    private function __construct(public float $uncertainty, public array $groups) {}

    /**
     * @param float                    $s        standard uncertainty of the reading, degrees, ≥ 0
     * @param Deviation                $bearing  an angular deviation of the placement, with its contributions
     * @param \Closure(string): string $groupOf  the group of an observation's or prior's id
     */
    public static function of(float $s, Deviation $bearing, \Closure $groupOf): self
    {
        $placement = rad2deg($bearing->uncertainty);
        $squares = [self::READING => $s ** 2];
        foreach ($bearing->contributions as ['id' => $id, 'share' => $share]) {
            $group = $groupOf($id);
            $squares[$group] = ($squares[$group] ?? 0.0) + $share * $placement ** 2;
        }
        arsort($squares);

        return new self(hypot($s, $placement), array_map(sqrt(...), $squares));
    }

    /** A group's share of the variance, 0 to 1; 0 for one it does not have. */
    public function share(string $group): float
    {
        return $this->uncertainty > 0 ? (($this->groups[$group] ?? 0.0) / $this->uncertainty) ** 2 : 0.0;
    }
}
