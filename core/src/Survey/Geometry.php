<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Numeric\Dual;

/** The set-up at one state of the unknowns: where every named point is, and how it moves with them. */
final class Geometry
{
    /** @var array<string, float> name → x, mm */
    public array $x = [];

    /** @var array<string, float> name → y, mm */
    public array $y = [];

    /** @var array<string, float> body → yaw, rad */
    public array $yaw = [];

    /** @var array<string, float> name in space → z over the wheels' plane, mm */
    public array $z = [];

    /** Tangent of the car's pitch, nose-up positive: how far the true vertical leans back. */
    public readonly float $a;

    /** Tangent of its roll, left-up positive. */
    public readonly float $b;

    /** @var array<string, array{yaw: array{float, float, float}, a: array{float, float, float}, b: array{float, float, float}}> point on a body in space → how it moves with the yaw and with the vertical's tangents */
    private array $moves = [];

    /** @param array<int, float> $state value of every unknown, mm or rad */
    public function __construct(public readonly Layout $layout, public readonly array $state)
    {
        $this->a = $layout->pitch === null ? 0.0 : tan($state[$layout->pitch]);
        $this->b = $layout->pitch === null ? 0.0 : tan($state[$layout->pitch + 1]);
        foreach ($layout->free as $name => $place) {
            $this->x[$name] = $state[$place];
            $this->y[$name] = $state[$place + 1];
        }
        foreach ($layout->exact as $name => [$x, $y]) {
            $this->x[$name] = $x;
            $this->y[$name] = $y;
        }
        $this->z = $layout->exactZ;
        foreach ($layout->z as $name => $place) {
            $this->z[$name] = $state[$place];
        }
        foreach ($layout->yaw as $name => $place) {
            $this->yaw[$name] = $state[$place];
        }
        $turned = null;
        foreach ($layout->carried as $name => ['body' => $body, 'x' => $px, 'y' => $py, 'z' => $pz]) {
            if ($body !== $turned) {
                $cos = cos($this->yaw[$body]);
                $sin = sin($this->yaw[$body]);
                $turned = $body;
            }
            $hx = $px * $cos - $py * $sin;
            $hy = $px * $sin + $py * $cos;
            $this->x[$name] = $this->x[$body] + $hx;
            $this->y[$name] = $this->y[$body] + $hy;
            if (isset($this->z[$body])) {
                $this->stand($name, $body, $hx, $hy, $pz);
            }
        }
    }

    /** A body's point in space: as its bubble stands it up, with what that is out by. */
    private function stand(string $name, string $body, float $hx, float $hy, float $pz): void
    {
        $lean = $this->layout->lean[$body] ?? null;
        $a = $this->a + ($lean === null ? 0.0 : $this->state[$lean]);
        $b = $this->b + ($lean === null ? 0.0 : $this->state[$lean + 1]);
        $k = 1 / sqrt(1 + $a * $a + $b * $b);
        $this->x[$name] += $pz * $a * $k;
        $this->y[$name] += $pz * $b * $k;
        $this->z[$name] = $this->z[$body] - $a * $hx - $b * $hy + $pz * $k;
        $cube = $pz * $k ** 3;
        $this->moves[$name] = [
            'yaw' => [-$hy, $hx, $a * $hy - $b * $hx],
            'a' => [$cube * (1 + $b * $b), -$cube * $a * $b, -$hx - $cube * $a],
            'b' => [-$cube * $a * $b, $cube * (1 + $a * $a), -$hy - $cube * $b],
        ];
    }

    /**
     * Adds to a row what a value with derivatives (gx, gy, gz) in the named point's coordinates owes to the unknowns
     * behind that point, in the order of Layout::behind().
     *
     * @param list<float> $row
     */
    public function trace(array &$row, string $point, float $gx, float $gy, float $gz = 0.0): void
    {
        if (! isset($this->layout->exact[$point])) {
            $row[] = $gx;
            $row[] = $gy;
        }
        $carried = $this->layout->carried[$point] ?? null;
        if ($carried === null) {
            if (isset($this->layout->z[$point])) {
                $row[] = $gz;
            }

            return;
        }
        $body = $carried['body'];
        if (! isset($this->moves[$point])) {
            // The yaw turns the point about the body's origin.
            $row[] = $gy * ($this->x[$point] - $this->x[$body]) - $gx * ($this->y[$point] - $this->y[$body]);

            return;
        }
        $moves = $this->moves[$point];
        $row[] = $gz;
        $row[] = $gx * $moves['yaw'][0] + $gy * $moves['yaw'][1] + $gz * $moves['yaw'][2];
        $byA = $gx * $moves['a'][0] + $gy * $moves['a'][1] + $gz * $moves['a'][2];
        $byB = $gx * $moves['b'][0] + $gy * $moves['b'][1] + $gz * $moves['b'][2];
        if (isset($this->layout->lean[$body])) {
            array_push($row, $byA, $byB);
        }
        $this->traceUpright($row, $byA, $byB);
    }

    /**
     * Adds to a row what a value with derivatives by the vertical's tangents owes to pitch and roll, in the order of
     * Layout::upright().
     *
     * @param list<float> $row
     */
    public function traceUpright(array &$row, float $byA, float $byB): void
    {
        if ($this->layout->pitch !== null) {
            array_push($row, $byA * (1 + $this->a * $this->a), $byB * (1 + $this->b * $this->b));
        }
    }

    /**
     * A point's place in the plan, as it stands or plumbed down onto the wheels' plane.
     *
     * @return array{float, float} mm
     */
    public function plan(string $point, bool $plumbed): array
    {
        return $plumbed
            ? [$this->x[$point] - $this->a * $this->z[$point], $this->y[$point] - $this->b * $this->z[$point]]
            : [$this->x[$point], $this->y[$point]];
    }

    /**
     * The same as trace() for a value with derivatives in that place, in the order of Layout::behindPlan().
     *
     * @param list<float> $row
     */
    public function tracePlan(array &$row, string $point, bool $plumbed, float $gx, float $gy): void
    {
        if (! $plumbed) {
            $this->trace($row, $point, $gx, $gy);

            return;
        }
        $this->trace($row, $point, $gx, $gy, -$this->a * $gx - $this->b * $gy);
        $this->traceUpright($row, -$this->z[$point] * $gx, -$this->z[$point] * $gy);
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

    /** The height over the wheels' plane of a point in space, with its gradient, mm. */
    public function height(string $name): Dual
    {
        $gz = [];
        $this->trace($gz, $name, 0.0, 0.0, 1.0);

        return new Dual($this->z[$name], array_combine($this->layout->behind($name), $gz));
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
