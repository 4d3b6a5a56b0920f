<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Numeric\Dual;

/** The plan at one state of the unknowns: where every named point is, and how it moves with them. */
final class Geometry
{
    /** @var array<string, float> name → x, mm */
    public array $x = [];

    /** @var array<string, float> name → y, mm */
    public array $y = [];

    /** @var array<string, float> body → yaw, rad */
    public array $yaw = [];

    /** @param array<int, float> $state value of every unknown, mm or rad */
    public function __construct(public readonly Layout $layout, public readonly array $state)
    {
        foreach ($layout->free as $name => $place) {
            $this->x[$name] = $state[$place];
            $this->y[$name] = $state[$place + 1];
        }
        foreach ($layout->yaw as $name => $place) {
            $this->yaw[$name] = $state[$place];
        }
        foreach ($layout->carried as $name => ['body' => $body, 'x' => $px, 'y' => $py]) {
            $cos = cos($this->yaw[$body]);
            $sin = sin($this->yaw[$body]);
            $this->x[$name] = $this->x[$body] + $px * $cos - $py * $sin;
            $this->y[$name] = $this->y[$body] + $px * $sin + $py * $cos;
        }
    }

    /**
     * Adds to a row of derivatives what a value with derivatives (gx, gy) in the named point's coordinates owes to
     * the unknowns behind that point.
     *
     * @param array<int, float> $row unknown's place → derivative
     */
    public function trace(array &$row, string $point, float $gx, float $gy): void
    {
        $body = $point;
        if (isset($this->layout->carried[$point])) {
            $body = $this->layout->carried[$point]['body'];
            $this->add(
                $row,
                $this->layout->yaw[$body],
                $gy * ($this->x[$point] - $this->x[$body]) - $gx * ($this->y[$point] - $this->y[$body]),
            );
        }
        $place = $this->layout->free[$body];
        $this->add($row, $place, $gx);
        $this->add($row, $place + 1, $gy);
    }

    /** @param array<int, float> $row */
    public function traceYaw(array &$row, string $body, float $g): void
    {
        $this->add($row, $this->layout->yaw[$body], $g);
    }

    /** @param array<int, float> $row */
    public function traceHeading(array &$row, string $heading, float $g): void
    {
        $this->add($row, $this->layout->heading[$heading], $g);
    }

    /** A heading, rad. */
    public function headingOf(string $name): float
    {
        return $this->state[$this->layout->heading[$name]];
    }

    /**
     * The point's coordinates with their gradients.
     *
     * @return array{Dual, Dual} x and y, mm
     */
    public function point(string $name): array
    {
        $gx = [];
        $gy = [];
        $this->trace($gx, $name, 1, 0);
        $this->trace($gy, $name, 0, 1);

        return [new Dual($this->x[$name], $gx), new Dual($this->y[$name], $gy)];
    }

    /** A body's yaw with its gradient, rad. */
    public function bodyYaw(string $name): Dual
    {
        return new Dual($this->yaw[$name], [$this->layout->yaw[$name] => 1.0]);
    }

    /** A heading with its gradient, rad. */
    public function heading(string $name): Dual
    {
        $place = $this->layout->heading[$name];

        return new Dual($this->state[$place], [$place => 1.0]);
    }

    /** @param array<int, float> $row */
    private function add(array &$row, int $place, float $value): void
    {
        $row[$place] = ($row[$place] ?? 0.0) + $value;
    }
}
