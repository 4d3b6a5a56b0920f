<?php

declare(strict_types=1);

namespace Lumbro\Core\Codec;

/**
 * Lines by where they end, each taken once. Ends are looked for in the squares about a place, so that what a drawing costs
 * grows with its lines and not with their square.
 *
 * @internal
 */
final class LineEnds
{
    /** @var array<string, array<int, true>> square → lines with an end in it, in their order */
    private array $squares = [];

    /**
     * @param list<array{array{float, float}, array{float, float}}> $lines mm
     * @param float                                                 $meets ends this near to each other meet, mm, > 0
     */
    public function __construct(private readonly array $lines, private readonly float $meets)
    {
        foreach ($lines as $i => $line) {
            foreach ($line as [$x, $y]) {
                $this->squares[$this->square($x, $y)][$i] = true;
            }
        }
    }

    /** Whether a line was still there; it is not any more. */
    public function take(int $line): bool
    {
        $was = false;
        foreach ($this->lines[$line] as [$x, $y]) {
            $square = $this->square($x, $y);
            $was = $was || isset($this->squares[$square][$line]);
            unset($this->squares[$square][$line]);
        }

        return $was;
    }

    /**
     * The far end of the first line that begins or ends here; that line is taken.
     *
     * @param array{float, float} $end mm
     *
     * @return array{float, float}|null
     */
    public function from(array $end): ?array
    {
        $first = null;
        for ($x = -1; $x <= 1; $x++) {
            for ($y = -1; $y <= 1; $y++) {
                foreach ($this->squares[$this->square($end[0] + $x * $this->meets, $end[1] + $y * $this->meets)] ?? [] as $i => $_) {
                    if ($first !== null && $i >= $first) {
                        break;
                    }
                    if ($this->meet($end, $this->lines[$i][0]) || $this->meet($end, $this->lines[$i][1])) {
                        $first = $i;
                        break;
                    }
                }
            }
        }
        if ($first === null) {
            return null;
        }
        $this->take($first);

        return $this->meet($end, $this->lines[$first][0]) ? $this->lines[$first][1] : $this->lines[$first][0];
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    private function meet(array $a, array $b): bool
    {
        return hypot($a[0] - $b[0], $a[1] - $b[1]) <= $this->meets;
    }

    private function square(float $x, float $y): string
    {
        return floor($x / $this->meets) . ' ' . floor($y / $this->meets);
    }
}
