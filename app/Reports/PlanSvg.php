<?php

declare(strict_types=1);

namespace App\Reports;

/**
 * A set-up from above for paper, to scale: car, line, spot and stand, each tape with what it read. The car's front is
 * to the right and its left is up.
 *
 * @phpstan-type Spot array{float, float}
 */
final class PlanSvg
{
    private const MARGIN = 420.0;

    private float $left = INF;

    private float $right = -INF;

    private float $top = -INF;

    private float $bottom = INF;

    /** @var list<string> */
    private array $parts = [];

    /** @var list<array{float, float, float, float}> where numbers stand: left end, foot, width, height */
    private array $labels = [];

    /** @param array<string, mixed> $plan as the core writes it, mm in the vehicle frame */
    private function __construct(private readonly array $plan, private readonly Paper $paper) {}

    /** @param array<string, mixed> $plan as the core writes it, mm in the vehicle frame */
    public static function of(array $plan, Paper $paper): string
    {
        return (new self($plan, $paper))->draw();
    }

    private function draw(): string
    {
        $car = $this->part('car');
        $stand = $this->part('stand');
        [$front, $rear, $half] = [self::number($car['front'] ?? 0), self::number($car['rear'] ?? 0), self::number($car['halfWidth'] ?? 0)];
        // The car, the zone and the stand are the matter; of a large hall, only what is near them.
        foreach ([[$front, $half], [$rear, -$half], ...$this->spots($this->plan['zone'] ?? []), self::spot($stand['left'] ?? $stand['at'] ?? null), self::spot($stand['right'] ?? $stand['at'] ?? null)] as $spot) {
            $this->left = min($this->left, $spot[0]);
            $this->right = max($this->right, $spot[0]);
            $this->top = max($this->top, $spot[1]);
            $this->bottom = min($this->bottom, $spot[1]);
        }
        $this->bay();
        $this->zone();
        $this->car($car);
        $this->line();
        $this->tapes();
        $this->stand($stand);
        $this->scale();
        $width = $this->right - $this->left + 2 * self::MARGIN;
        $height = $this->top - $this->bottom + 2 * self::MARGIN;

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %.0f %.0f" class="plan" overflow="hidden" role="img" aria-label="The set-up from above, to scale" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="%.0f">%s</svg>',
            $width,
            $height,
            $this->size(),
            implode('', $this->parts),
        );
    }

    private function bay(): void
    {
        $bay = $this->part('bay');
        $this->polygon($this->spots($bay['outline'] ?? []), 'fill="#fff" stroke="#20252b" stroke-width="24"');
        foreach (is_array($bay['obstacles'] ?? null) ? $bay['obstacles'] : [] as $obstacle) {
            $corners = $this->spots($obstacle['corners'] ?? []);
            if ($corners === []) {
                continue;
            }
            $this->polygon($corners, 'fill="#8b98a3" stroke="#20252b" stroke-width="10"');
            $this->text($corners[0], (string) ($obstacle['name'] ?? ''), 'fill="#3c4148"');
        }
    }

    private function zone(): void
    {
        $this->polygon($this->spots($this->plan['zone'] ?? []), 'fill="#efe9dc" fill-opacity="0.7" stroke="#8a8069" stroke-width="8" stroke-dasharray="60 40"');
    }

    /** @param array<array-key, mixed> $car */
    private function car(array $car): void
    {
        [$front, $rear, $half] = [self::number($car['front'] ?? 0), self::number($car['rear'] ?? 0), self::number($car['halfWidth'] ?? 0)];
        $at = fn(float $x, float $y): string => implode(' ', array_map(static fn(float $v): string => sprintf('%.0f', $v), $this->at([$x, $y])));
        $this->parts[] = sprintf(
            '<path d="M%s L%s C%s %s %s C%s %s %s L%s C%s %s %s C%s %s %sZ" fill="#f6f2e8" stroke="#20252b" stroke-width="14"/>',
            $at($rear + 420, $half),
            $at($front - 620, $half),
            $at($front - 210, $half),
            $at($front, $half * 0.62),
            $at($front, 0),
            $at($front, -$half * 0.62),
            $at($front - 210, -$half),
            $at($front - 620, -$half),
            $at($rear + 420, -$half),
            $at($rear + 120, -$half),
            $at($rear, -$half * 0.8),
            $at($rear, 0),
            $at($rear, $half * 0.8),
            $at($rear + 120, $half),
            $at($rear + 420, $half),
        );
        [$length, $width] = self::spot($car['tyre'] ?? null);
        foreach (is_array($car['hubs'] ?? null) ? $car['hubs'] : [] as $hub) {
            [$x, $y] = self::spot($hub);
            $this->polygon([[$x - $length / 2, $y - $width / 2], [$x + $length / 2, $y - $width / 2], [$x + $length / 2, $y + $width / 2], [$x - $length / 2, $y + $width / 2]], 'fill="#20252b"');
        }
        $this->text([$rear + 620, 0], 'car', 'fill="#595345"');
    }

    private function line(): void
    {
        [$rear, $front, $spot] = [self::spot($this->plan['rearMark'] ?? null), self::spot($this->plan['frontMark'] ?? null), self::spot($this->part('spot')['at'] ?? null)];
        $span = hypot($front[0] - $rear[0], $front[1] - $rear[1]);
        if ($span < 1.0) {
            return;
        }
        $u = [($front[0] - $rear[0]) / $span, ($front[1] - $rear[1]) / $span];
        $along = ($spot[0] - $rear[0]) * $u[0] + ($spot[1] - $rear[1]) * $u[1];
        [$from, $to] = [min(-200.0, $along - 300), max($span + 200, $along + 300)];
        $this->stroke([$rear[0] + $from * $u[0], $rear[1] + $from * $u[1]], [$rear[0] + $to * $u[0], $rear[1] + $to * $u[1]], 'stroke="#c2187b" stroke-width="12"');
    }

    private function tapes(): void
    {
        foreach (is_array($this->plan['tapes'] ?? null) ? $this->plan['tapes'] : [] as $tape) {
            $reading = $tape['reading'] ?? null;
            if (! is_numeric($reading) || ($tape['kind'] ?? '') === 'rule') {
                continue;
            }
            [$from, $to] = [self::spot($tape['from'] ?? null), self::spot($tape['to'] ?? null)];
            $this->stroke($from, $to, 'stroke="#1f5f93" stroke-width="8" stroke-dasharray="40 24"');
            $this->label($from, $to, $this->paper->length((float) $reading, 0));
        }
    }

    /**
     * A tape's number beside it, where no other number stands yet.
     *
     * @param Spot $from
     * @param Spot $to
     */
    private function label(array $from, array $to, string $words): void
    {
        $size = $this->size();
        [$wide, $high] = [mb_strlen($words) * $size * 0.56, $size * 1.15];
        $flat = abs($to[1] - $from[1]) < 200;
        $best = null;
        foreach ([0.5, 0.35, 0.65, 0.22, 0.78] as $share) {
            foreach ($flat ? [$high * 0.35, -$high * 1.1, $high * 1.5, -$high * 2.3] : [$high * 0.3, -$high] as $lift) {
                $at = [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1]) + $lift];
                $best ??= $at;
                if (! $this->isTaken($at, $wide, $high)) {
                    $best = $at;
                    break 2;
                }
            }
        }
        $this->labels[] = [$best[0], $best[1], $wide, $high];
        // On paper of its own, so that no tape runs through it.
        [$x, $y] = $this->at($best);
        $this->parts[] = sprintf('<rect x="%.0f" y="%.0f" width="%.0f" height="%.0f" fill="#fff" fill-opacity="0.9"/>', $x - $size * 0.15, $y - $size * 0.85, $wide + $size * 0.3, $size * 1.1);
        $this->text($best, $words, 'fill="#1f5f93"');
    }

    /** @param Spot $at */
    private function isTaken(array $at, float $wide, float $high): bool
    {
        foreach ($this->labels as [$x, $y, $w, $h]) {
            if ($at[0] < $x + $w && $x < $at[0] + $wide && abs($at[1] - $y) < max($h, $high)) {
                return true;
            }
        }

        return false;
    }

    /** Of its letters, mm in the drawing. */
    private function size(): float
    {
        return ($this->right - $this->left + 2 * self::MARGIN) / 62;
    }

    /** @param array<array-key, mixed> $stand */
    private function stand(array $stand): void
    {
        $spot = $this->at(self::spot($this->part('spot')['at'] ?? null));
        if (($stand['measured'] ?? false) === true) {
            $this->stroke(self::spot($stand['left'] ?? null), self::spot($stand['right'] ?? null), 'stroke="#7a5410" stroke-width="44"');
            [$x, $y] = $this->at(self::spot($stand['target'] ?? null));
            $this->parts[] = sprintf('<circle cx="%.0f" cy="%.0f" r="60" fill="#7a5410"/>', $x, $y);
            $this->text(self::spot($stand['left'] ?? null), 'stand', 'fill="#7a5410" dx="60"');
        }
        [$x, $y] = $spot;
        $this->parts[] = sprintf('<path d="M%1$.0f %2$.0fm-130 0h260m-130 -130v260" stroke="#20252b" stroke-width="14" fill="none"/>', $x, $y);
        [$x, $y] = $this->at(self::spot($this->part('sensor')['at'] ?? null));
        $this->parts[] = sprintf('<circle cx="%.0f" cy="%.0f" r="52" fill="#fff" stroke="#c2187b" stroke-width="20"/>', $x, $y);
    }

    private function scale(): void
    {
        $x = $this->left - self::MARGIN + 120;
        $y = $this->bottom - self::MARGIN + 130;
        [$length, $says] = $this->paper->words->reader->unit === 'in' ? [914.4, '3 ft'] : [1000.0, '1 m'];
        $this->stroke([$x, $y], [$x + $length, $y], 'stroke="#20252b" stroke-width="16"');
        $this->text([$x + $length + 80, $y - 30], $says, 'fill="#20252b"');
    }

    /** @param list<Spot> $corners */
    private function polygon(array $corners, string $style): void
    {
        if ($corners === []) {
            return;
        }
        $this->parts[] = sprintf('<polygon points="%s" %s/>', implode(' ', array_map(fn(array $corner): string => vsprintf('%.0f,%.0f', $this->at($corner)), $corners)), $style);
    }

    /**
     * @param Spot $from
     * @param Spot $to
     */
    private function stroke(array $from, array $to, string $style): void
    {
        $this->parts[] = vsprintf('<line x1="%.0f" y1="%.0f" x2="%.0f" y2="%.0f" ', [...$this->at($from), ...$this->at($to)]) . "$style/>";
    }

    /** @param Spot $at */
    private function text(array $at, string $words, string $style): void
    {
        $this->parts[] = vsprintf('<text x="%.0f" y="%.0f" ', $this->at($at)) . "$style>" . htmlspecialchars($words, ENT_QUOTES | ENT_XML1, 'UTF-8') . '</text>';
    }

    /**
     * @param Spot $spot mm in the vehicle frame
     *
     * @return Spot in the drawing, whose y runs downwards
     */
    private function at(array $spot): array
    {
        return [$spot[0] - $this->left + self::MARGIN, $this->top - $spot[1] + self::MARGIN];
    }

    /** @return array<array-key, mixed> */
    private function part(string $name): array
    {
        return is_array($this->plan[$name] ?? null) ? $this->plan[$name] : [];
    }

    /** @return list<Spot> */
    private function spots(mixed $spots): array
    {
        return is_array($spots) ? array_values(array_map(self::spot(...), $spots)) : [];
    }

    /** @return Spot */
    private static function spot(mixed $spot): array
    {
        return is_array($spot) ? [self::number($spot[0] ?? 0), self::number($spot[1] ?? 0)] : [0.0, 0.0];
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }
}
