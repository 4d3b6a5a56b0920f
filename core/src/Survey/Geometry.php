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
        $turned = null;
        foreach ($layout->carried as $name => ['body' => $body, 'x' => $px, 'y' => $py]) {
            if ($body !== $turned) {
                $cos = cos($this->yaw[$body]);
                $sin = sin($this->yaw[$body]);
                $turned = $body;
            }
            $this->x[$name] = $this->x[$body] + $px * $cos - $py * $sin;
            $this->y[$name] = $this->y[$body] + $px * $sin + $py * $cos;
        }
    }

    /**
     * Adds to a row what a value with derivatives (gx, gy) in the named point's coordinates owes to the unknowns
     * behind that point, in the order of Layout::behind().
     *
     * @param list<float> $row
     */
    public function trace(array &$row, string $point, float $gx, float $gy): void
    {
        $row[] = $gx;
        $row[] = $gy;
        $carried = $this->layout->carried[$point] ?? null;
        if ($carried !== null) {
            // The yaw turns the point about the body's origin.
            $body = $carried['body'];
            $row[] = $gy * ($this->x[$point] - $this->x[$body]) - $gx * ($this->y[$point] - $this->y[$body]);
        }
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
        $behind = $this->layout->behind($name);
        $gx = $gy = [];
        $this->trace($gx, $name, 1.0, 0.0);
        $this->trace($gy, $name, 0.0, 1.0);

        return [new Dual($this->x[$name], array_combine($behind, $gx)), new Dual($this->y[$name], array_combine($behind, $gy))];
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
}
