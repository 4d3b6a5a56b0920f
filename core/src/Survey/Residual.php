<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/** How one observation or prior fits the adjusted set-up. Lengths in mm, angles in radians. */
final readonly class Residual
{
    /** Below this redundancy a mistake would show nowhere. */
    private const UNCHECKED = 0.05;

    /** Below this redundancy the normalised residual is noise over nothing. */
    private const UNTESTABLE = 0.01;

    /** v: adjusted minus observed. */
    public float $residual;

    /** Normalised residual v/(s√r); null where the redundancy is 0.01 or less. */
    public ?float $w;

    /**
     * @param float $redundancy share of the reading that the others check, 0 to 1
     */
    public function __construct(
        public string $id,
        public bool $prior,
        public bool $angular,
        public float $observed,
        public float $adjusted,
        public float $s,
        public float $redundancy,
    ) {
        $this->residual = $adjusted - $observed;
        $this->w = $redundancy > self::UNTESTABLE ? $this->residual / ($s * sqrt($redundancy)) : null;
    }

    /** Whether a mistake in it would show nowhere: redundancy under 0.05. */
    public function isUnchecked(): bool
    {
        return $this->redundancy < self::UNCHECKED;
    }
}
