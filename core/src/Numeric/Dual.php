<?php

declare(strict_types=1);

namespace Lumbro\Core\Numeric;

/**
 * A number that carries its gradient with respect to the unknowns of a survey (forward-mode
 * differentiation), so that a derived figure brings its own propagation of uncertainty.
 *
 * The gradient is sparse: unknown's index → derivative. Angles are in radians.
 */
final readonly class Dual
{
    /** @param array<int, float> $gradient */
    public function __construct(public float $value, public array $gradient = []) {}

    /** A number that depends on no unknown. */
    public static function constant(float $value): self
    {
        return new self($value);
    }

    /** The sum. */
    public function plus(self $other): self
    {
        return new self($this->value + $other->value, self::combine($this->gradient, 1, $other->gradient, 1));
    }

    /** The difference. */
    public function minus(self $other): self
    {
        return new self($this->value - $other->value, self::combine($this->gradient, 1, $other->gradient, -1));
    }

    /** The product, by the product rule. */
    public function times(self $other): self
    {
        return new self(
            $this->value * $other->value,
            self::combine($this->gradient, $other->value, $other->gradient, $this->value),
        );
    }

    /** A multiple. */
    public function scaled(float $factor): self
    {
        return new self($this->value * $factor, self::combine($this->gradient, $factor, [], 0));
    }

    /** The cosine of an angle in radians. */
    public function cos(): self
    {
        return new self(cos($this->value), self::combine($this->gradient, -sin($this->value), [], 0));
    }

    /** The sine of an angle in radians. */
    public function sin(): self
    {
        return new self(sin($this->value), self::combine($this->gradient, cos($this->value), [], 0));
    }

    /** The direction of (x, y), which must not both be zero; rad in (−π, π]. */
    public static function atan2(self $y, self $x): self
    {
        $square = $x->value ** 2 + $y->value ** 2;

        return new self(
            atan2($y->value, $x->value),
            self::combine($y->gradient, $x->value / $square, $x->gradient, -$y->value / $square),
        );
    }

    /** The same angle in (−π, π]. */
    public function wrapped(): self
    {
        return new self(Angle::wrap($this->value), $this->gradient);
    }

    /**
     * @param array<int, float> $a
     * @param array<int, float> $b
     *
     * @return array<int, float>
     */
    private static function combine(array $a, float $fa, array $b, float $fb): array
    {
        foreach ($a as $i => $value) {
            $a[$i] = $fa * $value;
        }
        foreach ($b as $i => $value) {
            $a[$i] = ($a[$i] ?? 0.0) + $fb * $value;
        }

        return $a;
    }
}
