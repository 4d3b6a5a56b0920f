<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

/** Method and result, apart: who measured well may have been unlucky, and who was lucky has not measured well. */
final readonly class Score
{
    /**
     * @param list<Part> $method of 100 points in all
     * @param list<Part> $result of 100 points in all
     */
    public function __construct(public array $method, public array $result) {}

    /** Points of the method, 0 to 100. */
    public function method(): int
    {
        return self::sum($this->method);
    }

    /** Points of the result, 0 to 100. */
    public function result(): int
    {
        return self::sum($this->result);
    }

    /** @param list<Part> $parts */
    private static function sum(array $parts): int
    {
        return (int) round(max(0.0, array_sum(array_map(static fn(Part $part): float => $part->points, $parts))));
    }
}
