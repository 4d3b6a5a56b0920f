<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

/** A target's drawing: how high its named datums lie over its centre, mm. */
final readonly class TargetDrawing
{
    /** @param array<string, float> $heights datum ("top", "apex", "centre", "edge") → mm over the centre */
    public function __construct(public array $heights) {}

    /** A height read to one datum, as the height of another, mm. */
    public function convert(float $height, string $from, string $to): float
    {
        return $height - $this->heights[$from] + $this->heights[$to];
    }

    /** Whether the drawing shows this datum. */
    public function has(string $datum): bool
    {
        return isset($this->heights[$datum]);
    }
}
