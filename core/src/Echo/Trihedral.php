<?php

declare(strict_types=1);

namespace Lumbro\Core\Echo;

/**
 * A corner reflector of three triangles or three squares. With its effective aperture A it is 4πA²/λ²: A = a²/√3 for
 * triangles, √3·a² for squares, a the inner edge.
 */
final readonly class Trihedral implements RadarTarget
{
    /** Turned this far off its axis it loses 3 dB. */
    private const HALF_POWER_DEGREES = 20.0;

    /**
     * @param float $aperture mm²
     * @param float $offAxis  degrees off its axis of symmetry
     */
    private function __construct(private float $aperture, private float $offAxis) {}

    /** @param float $edge inner edge, mm, > 0 */
    public static function ofTriangles(float $edge, float $offAxis = 0.0): self
    {
        return new self($edge ** 2 / sqrt(3), $offAxis);
    }

    /** @param float $edge inner edge, mm, > 0 */
    public static function ofSquares(float $edge, float $offAxis = 0.0): self
    {
        return new self(sqrt(3) * $edge ** 2, $offAxis);
    }

    public function crossSection(float $wavelength): float
    {
        // mm² to m².
        return 4 * M_PI * ($this->aperture / $wavelength) ** 2 * 1e-6;
    }

    /** (sin x/x)² with x = A/(λr), a circular aperture of the same area: an approximation; and 3(δ/20°)² dB. */
    public function nearFactor(float $wavelength, float $range): float
    {
        $x = $this->aperture / ($wavelength * $range);
        $near = $x < 1e-6 ? 1.0 : (sin($x) / $x) ** 2;

        return $near * 10 ** (-0.3 * ($this->offAxis / self::HALF_POWER_DEGREES) ** 2);
    }
}
