<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * A bay as it truly is, which nobody sees: what a tape, rule or beam shows in it, worked out by plain geometry of its
 * own, and what becomes of it when somebody does what the screen says. mm in the vehicle frame, degrees.
 */
final class HiddenBay
{
    /** @var array<string, array{float, float}> */
    public array $points;

    public float $x;

    public float $y;

    /** Of the stand, anticlockwise from straight ahead. */
    public float $yaw;

    /** Of the target's centre over the floor at the spot. */
    public float $height;

    public float $hubHeight;

    /** Where the rear wheels point and how far the mirror is out of square, degrees. */
    public float $leftWheel = 0.0;
    public float $rightWheel = 0.0;
    public float $mirror = 0.0;

    /** Of the sensor's middle over the floor under it. */
    public float $sensorHeight = 505.0;

    /** @var array<string, float> place → what a staff shows there; 1200 where it says nothing */
    public array $floor = [];

    /** How far hands miss what they are asked for, mm. */
    public float $slip = 0.5;

    private const AHEAD = 85.0;

    private const HALF_BAR = 1100.0;

    /** @param array{wheelbase: float, trackFront: float, trackRear: float, frontMark: float, rearMark: float, hubHeight: float} $car */
    public function __construct(array $car, private readonly bool $behind = false)
    {
        $front = $car['wheelbase'];
        $this->hubHeight = $car['hubHeight'];
        $this->points = [
            'FL' => [$front + 1.0, $car['trackFront'] / 2 - 1.5], 'FR' => [$front - 1.0, -$car['trackFront'] / 2 - 1.0],
            'RL' => [0.5, $car['trackRear'] / 2 + 1.0], 'RR' => [-1.0, -$car['trackRear'] / 2 + 1.5],
            'frontMark' => [$front + $car['frontMark'] + 1.0, 1.0], 'rearMark' => [-$car['rearMark'] - 1.0, -0.8],
            'laserRL' => [0.5, $car['trackRear'] / 2 + 160.5], 'laserRR' => [-0.5, -$car['trackRear'] / 2 - 159.5],
        ];
    }

    /** What a staff under a level laser plane shows at a place. */
    public function staff(string $place): string
    {
        return self::mm($this->floor[(string) preg_replace('/-[23]$/', '', $place)] ?? 1200.0);
    }

    /** @return array{float, float} 60 mm behind the front mark where the test does not say otherwise */
    private function sensor(): array
    {
        return $this->points['sensor'] ?? [$this->points['frontMark'][0] - 60.5, 0.6];
    }

    /** Puts the stand so that its target is at a place. */
    public function stand(float $targetX, float $targetY, float $yaw, float $height): self
    {
        $this->yaw = $yaw;
        $this->x = $targetX - self::AHEAD * cos(deg2rad($yaw));
        $this->y = $targetY - self::AHEAD * sin(deg2rad($yaw));
        $this->height = $height;

        return $this;
    }

    /** @return array{float, float} */
    public function target(): array
    {
        return $this->onStand(self::AHEAD, 0.0);
    }

    /** What somebody types for a call. */
    public function read(string $call): string
    {
        $near = $this->behind ? ['RL', 'RR', 'rearMark', 'frontMark'] : ['FL', 'FR', 'frontMark', 'rearMark'];
        $far = $this->behind ? ['FL', 'FR'] : ['RL', 'RR'];

        $once = (string) preg_replace('/-[23]$/', '', $call);
        if (preg_match('/^hub-offset-(..)$/', $once, $hub) === 1) {
            return self::sided($this->offTheLine($this->points[$hub[1]]));
        }

        return match ($once) {
            'sensor-offset' => self::sided($this->offTheLine($this->sensor())),
            'sensor-along' => self::mm(abs($this->alongTheLine($this->sensor()) - $this->alongTheLine($this->points[$near[2]]))),
            'sensor-height' => self::mm($this->sensorHeight),
            'rule-check' => '200 mm',
            'spot-offset' => self::sided($this->offTheLine($this->target())),
            'spot-along' => self::mm(($this->behind ? -1 : 1) * ($this->alongTheLine($this->target()) - $this->alongTheLine($this->points[$near[2]]))),
            'split' => self::sided($this->strike($this->points[$near[2]])),
            'split-far' => self::sided($this->strike($this->points[$near[3]])),
            'aim' => self::sided($this->strike($this->sensor())),
            'reach' => self::mm(self::span($this->points[$near[2]], $this->target())),
            'range' => self::mm(self::span($this->sensor(), $this->target())),
            'hub-left' => self::mm(hypot(self::span($this->points[$near[0]], $this->target()), $this->height - $this->hubHeight)),
            'hub-right' => self::mm(hypot(self::span($this->points[$near[1]], $this->target()), $this->height - $this->hubHeight)),
            'bar-left' => self::mm(self::span($this->points[$near[0]], $this->bar('left'))),
            'bar-right' => self::mm(self::span($this->points[$near[1]], $this->bar('right'))),
            'cross-left' => self::mm(self::span($this->points[$near[0]], $this->bar('right'))),
            'cross-right' => self::mm(self::span($this->points[$near[1]], $this->bar('left'))),
            'check-left' => self::mm(self::span($this->points[$near[2]], $this->bar('left'))),
            'check-right' => self::mm(self::span($this->points[$near[2]], $this->bar('right'))),
            'diagonal-left' => self::mm(self::span($this->points[$far[0]], $this->bar('right'))),
            'diagonal-right' => self::mm(self::span($this->points[$far[1]], $this->bar('left'))),
            'scale-left' => self::mm(self::span([$this->x, $this->y], $this->lit('laserRL', $this->leftWheel))),
            'scale-right' => self::mm(self::span([$this->x, $this->y], $this->lit('laserRR', $this->rightWheel))),
            'return-left' => self::sided($this->returned('laserRL', $this->leftWheel)),
            'return-right' => self::sided($this->returned('laserRR', $this->rightWheel)),
            'toe' => self::turned($this->leftWheel - $this->rightWheel),
            'pose-ahead' => self::mm(abs($this->target()[0])),
            'pose-across' => self::sided($this->target()[1]),
            'pose-turn' => self::turned(fmod($this->yaw - 180 + 540, 360) - 180),
            'height' => self::mm($this->height),
            default => throw new \LogicException("Nobody knows how to read \"$call\"."),
        };
    }

    /** Does what one line of the moves says, as hands do it: "13.6 mm towards the car's left side". */
    public function obey(string $words): void
    {
        if (preg_match_all('/([\d.,]+)\s*(mm|°)\s*(towards the car[\'’]s left side|towards the car[\'’]s right side|towards the car|away from the car|anticlockwise|clockwise|up|down)/u', $words, $parts, PREG_SET_ORDER) === 0) {
            throw new \LogicException("Nobody can do that: \"$words\".");
        }
        foreach ($parts as [, $figure, , $direction]) {
            $amount = (float) str_replace(',', '', $figure);
            $out = $this->behind ? -1 : 1;
            match (true) {
                $direction === 'anticlockwise' => $this->yaw += $amount,
                $direction === 'clockwise' => $this->yaw -= $amount,
                $direction === 'up' => $this->height += $amount - $this->slip,
                $direction === 'down' => $this->height -= $amount - $this->slip,
                $direction === 'away from the car' => $this->x += $out * ($amount - $this->slip),
                $direction === 'towards the car' => $this->x -= $out * ($amount - $this->slip),
                str_contains($direction, 'left') => $this->y += $amount - $this->slip,
                default => $this->y -= $amount - $this->slip,
            };
        }
    }

    /** @return array{float, float} */
    private function onStand(float $ahead, float $left): array
    {
        [$cos, $sin] = [cos(deg2rad($this->yaw)), sin(deg2rad($this->yaw))];

        return [$this->x + $ahead * $cos - $left * $sin, $this->y + $ahead * $sin + $left * $cos];
    }

    /** @return array{float, float} the bar's end on that side of the car */
    private function bar(string $side): array
    {
        $ownLeft = ($side === 'left') === (cos(deg2rad($this->yaw)) > 0);

        return $this->onStand(0.0, $ownLeft ? self::HALF_BAR : -self::HALF_BAR);
    }

    /** @param array{float, float} $point */
    private function alongTheLine(array $point): float
    {
        [$rear, $front] = [$this->points['rearMark'], $this->points['frontMark']];

        return (($point[0] - $rear[0]) * ($front[0] - $rear[0]) + ($point[1] - $rear[1]) * ($front[1] - $rear[1])) / self::span($rear, $front);
    }

    /** @param array{float, float} $target */
    private function offTheLine(array $target): float
    {
        [$rear, $front] = [$this->points['rearMark'], $this->points['frontMark']];

        return (($front[0] - $rear[0]) * ($target[1] - $rear[1]) - ($front[1] - $rear[1]) * ($target[0] - $rear[0])) / self::span($rear, $front);
    }

    /**
     * How far beside a point the stand's laser strikes, to the car's left positive.
     *
     * @param array{float, float} $point
     */
    private function strike(array $point): float
    {
        $slope = tan(deg2rad($this->yaw));

        return ($this->y + ($point[0] - $this->x) * $slope - $point[1]) * abs(cos(deg2rad($this->yaw)));
    }

    /** @return array{float, float} where a wheel's beam meets the bar */
    private function lit(string $laser, float $wheel): array
    {
        [$from, $slope] = [$this->points[$laser], tan(deg2rad($wheel))];
        // On the bar: (x − x₀)·cos ψ + (y − y₀)·sin ψ = 0.
        [$cos, $sin] = [cos(deg2rad($this->yaw)), sin(deg2rad($this->yaw))];
        $reach = -(($from[0] - $this->x) * $cos + ($from[1] - $this->y) * $sin) / ($cos + $slope * $sin);

        return [$from[0] + $reach, $from[1] + $reach * $slope];
    }

    /** How far beside the laser its mirrored spot comes back: the mirror's turn against the beam counts twice. */
    private function returned(string $laser, float $wheel): float
    {
        $out = self::span($this->points[$laser], $this->lit($laser, $wheel));

        return -$out * tan(2 * deg2rad($this->yaw + $this->mirror - $wheel - 180));
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    private static function span(array $a, array $b): float
    {
        return hypot($b[0] - $a[0], $b[1] - $a[1]);
    }

    private static function mm(float $value): string
    {
        return sprintf('%d mm', round($value));
    }

    private static function sided(float $value): string
    {
        return round($value) == 0.0 ? '0' : sprintf('%d mm %s', round(abs($value)), $value > 0 ? 'left' : 'right');
    }

    private static function turned(float $degrees): string
    {
        return round($degrees, 2) == 0.0 ? '0' : sprintf('%.2f %s', abs($degrees), $degrees > 0 ? 'anticlockwise' : 'clockwise');
    }
}
