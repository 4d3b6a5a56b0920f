<?php

declare(strict_types=1);

namespace Lumbro\Core\Placement;

use Lumbro\Core\Decision\Thresholds;
use Lumbro\Core\Survey\Network;
use Lumbro\Core\Survey\Observation\Observation;

/** A survey, and where its target ought to be. */
final readonly class PlacementTask
{
    /**
     * @param string            $body       the stand
     * @param string            $target     the point on it that must come to the spot
     * @param list<Observation> $candidates further readings that could be taken
     * @param float|null        $height     of the target over the wheels' plane, mm; of a target in space
     * @param Reliably|null     $reliably   what one slip may hide at most; null where nobody asks
     * @param bool              $tellsRange whether the range from a polar spot's datum is told as a deviation of its own
     */
    public function __construct(
        public Network $network,
        public string $body,
        public string $target,
        public ReferenceLine $reference,
        public Spot $spot,
        public ?Facing $facing = null,
        public Tolerances $tolerances = new Tolerances(),
        public ?SensorPlace $sensor = null,
        public array $candidates = [],
        public Thresholds $thresholds = new Thresholds(),
        public bool $tellsRange = false,
        public ?float $height = null,
        public ?Reliably $reliably = null,
    ) {}

    /** The same of another survey. */
    public function on(Network $network): self
    {
        return new self(
            network: $network,
            body: $this->body,
            target: $this->target,
            reference: $this->reference,
            spot: $this->spot,
            facing: $this->facing,
            tolerances: $this->tolerances,
            sensor: $this->sensor,
            candidates: $this->candidates,
            thresholds: $this->thresholds,
            tellsRange: $this->tellsRange,
            height: $this->height,
            reliably: $this->reliably,
        );
    }
}
