<?php

declare(strict_types=1);

namespace Lumbro\Core\Echo;

/** How strong a target's echo is and should be (maths, section 8). */
final readonly class EchoLevel
{
    /** Speed of light, mm/s. */
    public const LIGHT = 299_792_458_000.0;

    /** An echo of nothing at all is given as this, so that it stays a number; dBsm. */
    private const NOTHING = -300.0;

    private function __construct(private RadarTarget $target, public float $wavelength) {}

    /** @param float $frequency Hz, > 0 */
    public static function of(RadarTarget $target, float $frequency): self
    {
        return new self($target, self::LIGHT / $frequency);
    }

    /** Square-on in the far field, m². */
    public function crossSection(): float
    {
        return $this->target->crossSection($this->wavelength);
    }

    /** The same in dB over 1 m². */
    public function crossSectionDbsm(): float
    {
        return self::decibel($this->crossSection());
    }

    /** Cross-section at a range (mm, > 0), turned as it is, dB over 1 m². */
    public function effectiveDbsm(float $range): float
    {
        return self::decibel($this->crossSection() * $this->target->nearFactor($this->wavelength, $range));
    }

    /**
     * The level the sensor should report: C + effective dBsm − 40 log₁₀(r / 1 m) − 2·L.
     *
     * @param float $range      mm, > 0
     * @param float $constant   of the sensor type, dB: the card's, or learned from accepted tasks
     * @param float $bumperLoss one way, dB
     */
    public function expected(float $range, float $constant, float $bumperLoss = 0.0): float
    {
        return $constant + $this->effectiveDbsm($range) - 40 * log10($range / 1000) - 2 * $bumperLoss;
    }

    private static function decibel(float $squareMetres): float
    {
        return $squareMetres > 0 ? max(self::NOTHING, 10 * log10($squareMetres)) : self::NOTHING;
    }
}
