<?php

declare(strict_types=1);

namespace Lumbro\Core\Screws;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** An adjusting screw in the sensor frame: mm from the pivot, y to the sensor's own left, z up. */
final readonly class Screw
{
    /** Turns beyond the travel that still count as within it: rounding, not reach. */
    private const SLACK = 1e-9;

    /**
     * @param float      $pitch    mm per turn, > 0
     * @param float|null $travel   turns it has to either side of its middle, ≥ 0; null where the card says none
     * @param float      $position turns clockwise of its middle now
     */
    public function __construct(
        #[Text(null)]
        public string $id,
        #[Number('mm')]
        public float $y,
        #[Number('mm')]
        public float $z,
        #[Number('mm', Number::ABOVE_ZERO)]
        public float $pitch,
        #[Choice(TurnSense::class)]
        public TurnSense $clockwise,
        #[Number('', 0)]
        public ?float $travel = null,
        #[Number]
        public float $position = 0.0,
    ) {}

    /** How far one clockwise turn moves the corner out, mm. */
    public function outPerTurn(): float
    {
        return $this->clockwise->sign() * $this->pitch;
    }

    /** Whether so many clockwise turns from here pass its travel. */
    public function wouldPassTravel(float $turns): bool
    {
        return $this->travel !== null && abs($this->position + $turns) > $this->travel + self::SLACK;
    }

    /**
     * One adjusting screw, as documents have it.
     *
     * @throws InvalidInput naming the field that is missing, unknown or wrong
     */
    public static function read(Node $node): self
    {
        $f = $node->fields(['id', 'y', 'z', 'pitch', 'clockwise'], ['travel', 'position']);

        return new self(
            $f['id']->text(),
            $f['y']->number(),
            $f['z']->number(),
            $f['pitch']->positive(),
            TurnSense::from($f['clockwise']->oneOf(['out', 'in'])),
            isset($f['travel']) ? $f['travel']->notNegative() : null,
            isset($f['position']) ? $f['position']->number() : 0.0,
        );
    }
}
