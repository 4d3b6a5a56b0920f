<?php

declare(strict_types=1);

namespace Lumbro\Core\Measure;

use Lumbro\Core\Failure\InvalidInput;

/** A target's drawing: how high its named datums lie over its centre, mm. */
final readonly class TargetDrawing
{
    /** @var array<string, float> datum → mm over the centre, the highest first: the order of a file's members says nothing */
    public array $heights;

    /** @param array<string, float> $heights datum ("top", "apex", "centre", "edge") → mm over the centre */
    public function __construct(array $heights)
    {
        ksort($heights);
        arsort($heights);
        $this->heights = $heights;
    }

    /**
     * A height read to one datum, as the height of another, mm.
     *
     * @throws InvalidInput where the drawing does not show one of them
     */
    public function convert(float $height, string $from, string $to): float
    {
        return $height - $this->over($from) + $this->over($to);
    }

    private function over(string $datum): float
    {
        return $this->heights[$datum] ?? throw InvalidInput::because('/datum', 'target.no-datum', ['datum' => mb_substr($datum, 0, 40), 'known' => implode(', ', array_keys($this->heights))]);
    }

    /** Whether the drawing shows this datum. */
    public function has(string $datum): bool
    {
        return isset($this->heights[$datum]);
    }
}
