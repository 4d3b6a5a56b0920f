<?php

declare(strict_types=1);

namespace Lumbro\Core\Screws;

use Lumbro\Core\Failure\ScrewsInLine;

/**
 * Two screws that together turn a sensor about both axes (maths, section 7). To change yaw by ψ and elevation by ε
 * (small) corner i moves out by dᵢ = −ψ yᵢ − ε zᵢ.
 */
final readonly class ScrewPair
{
    /** Sine of the angle at the pivot between the screws, under which they count as in line with it. */
    private const IN_LINE = 1e-6;

    /** Less of a lever than this, mm², is none: a screw sits on the pivot. */
    private const AT_THE_PIVOT = 1e-9;

    /** y₁z₂ − y₂z₁, mm². */
    private float $spread;

    /** @throws ScrewsInLine where they cannot do both axes */
    public function __construct(public Screw $first, public Screw $second)
    {
        $this->spread = $first->y * $second->z - $second->y * $first->z;
        $arms = hypot($first->y, $first->z) * hypot($second->y, $second->z);
        if (! (abs($this->spread) > self::IN_LINE * $arms && abs($this->spread) > self::AT_THE_PIVOT)) {
            throw ScrewsInLine::named($first->id, $second->id);
        }
    }

    /** @return array{Screw, Screw} */
    public function both(): array
    {
        return [$this->first, $this->second];
    }

    /**
     * What one clockwise turn of each changes, degrees, gains aside.
     *
     * @return array{AxisPair, AxisPair}
     */
    public function perTurn(): array
    {
        $first = rad2deg($this->first->outPerTurn() / $this->spread);
        $second = rad2deg($this->second->outPerTurn() / $this->spread);

        return [
            new AxisPair(-$first * $this->second->z, $first * $this->second->y),
            new AxisPair($second * $this->first->z, -$second * $this->first->y),
        ];
    }

    /**
     * Clockwise turns that bring a change about.
     *
     * @param array{float, float} $gains of the screws, not zero
     *
     * @return array{float, float}
     */
    public function turnsFor(AxisPair $change, array $gains): array
    {
        $turns = [];
        foreach ($this->both() as $i => $screw) {
            $out = -deg2rad($change->azimuth) * $screw->y - deg2rad($change->elevation) * $screw->z;
            $turns[] = $out / ($screw->outPerTurn() * $gains[$i]);
        }

        return $turns;
    }

    /**
     * The change that turns bring about, degrees.
     *
     * @param array{float, float} $turns clockwise
     * @param array{float, float} $gains
     */
    public function change(array $turns, array $gains): AxisPair
    {
        [$first, $second] = $this->perTurn();

        return (new AxisPair(0.0, 0.0))->plus($first, $turns[0] * $gains[0])->plus($second, $turns[1] * $gains[1]);
    }
}
