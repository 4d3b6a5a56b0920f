<?php

declare(strict_types=1);

namespace Lumbro\Core\SetUp;

use Lumbro\Core\Method\Reads;

/** Readings that contradict each other: which one it would be, and by how much it differs from what the others say. */
final readonly class Disagreement
{
    /**
     * @param string      $id     of the reading or, where the car's own figure would be wrong, of the unknown
     * @param bool        $isRead whether it is a reading, to be taken again
     * @param float       $size   how much it is larger than the others say, mm or degrees, as it is read
     * @param int         $others how many other readings there are
     * @param list<string> $equals further ids that the same readings could as well be wrong in
     */
    private function __construct(public string $id, public bool $isRead, public float $size, public bool $angular, public int $others, public array $equals) {}

    /** Null where the readings agree, or nothing stands out. */
    public static function of(SetUp $setUp): ?self
    {
        $suspects = $setUp->suspects();
        $solution = $setUp->placement?->solution;
        if ($suspects === [] || $solution === null) {
            return null;
        }
        foreach ($solution->residuals as $residual) {
            if ($residual->id !== $suspects[0] || $residual->redundancy <= 0) {
                continue;
            }
            $call = $setUp->plan->call($residual->id);
            // A mistake e in one reading shows as v = −r·e in it.
            $size = -$residual->residual / $residual->redundancy;
            $asRead = $call === null
                ? ($residual->angular ? rad2deg($size) : $size)
                : $call->asRead($residual->adjusted + $size) - $call->asRead($residual->adjusted);
            $surveyed = array_filter(array_keys($setUp->readings), static fn(string $id): bool => $setUp->plan->call($id)?->isSurveyed() === true);

            return new self($residual->id, $call !== null, $asRead, $call?->reads === Reads::Turn || ($call === null && $residual->angular), count($surveyed) - ($call === null ? 0 : 1), array_slice($suspects, 1));
        }

        return null;
    }
}
