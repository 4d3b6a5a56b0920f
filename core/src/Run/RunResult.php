<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Axis\AxisVerdict;
use Lumbro\Core\Axis\PlacementError;
use Lumbro\Core\Decision\Verdict;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\RunReleased;

/** What one run says of the axis, with the set-up it was made in taken out. */
final readonly class RunResult
{
    /**
     * @param string $echo "as-expected", "low" or "high"
     * @param bool   $unlimited whether an axis without a limit stands in nobody's way
     */
    public function __construct(
        public RunMade $run,
        public ?RunReleased $release,
        public AxisVerdict $azimuth,
        public AxisVerdict $elevation,
        public ?PlacementError $azimuthError,
        public ?PlacementError $elevationError,
        public string $echo,
        private bool $unlimited = false,
    ) {}

    /** Out where either axis is out, holding where both hold. */
    public function verdict(): Verdict
    {
        return AxisFinding::together([$this->azimuth, $this->elevation], $this->unlimited);
    }
}
