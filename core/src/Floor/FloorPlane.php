<?php

declare(strict_types=1);

namespace Lumbro\Core\Floor;

use Lumbro\Core\Failure\Underdetermined;
use Lumbro\Core\Numeric\ChiSquare;
use Lumbro\Core\Numeric\SymmetricMatrix;

/**
 * The plane z = c + a·x + b·y that the car stands on, fitted by least squares to the contact patches of three or four
 * wheels (maths, section 5). Lengths in mm in the vehicle frame, z = −reading; slopes as tangents.
 */
final readonly class FloorPlane
{
    /** What may be left unfixed, in the order of the plane's coefficients. */
    private const UNKNOWNS = ['height', 'pitch', 'roll'];

    /**
     * @param array{float, float, float} $plane      c in mm, a, b
     * @param list<float>                $covariance of c, a, b, flat; the laser plane's own tilt not in it
     * @param float|null                 $warp       largest residual, mm; null with three patches, where nothing shows it
     * @param bool|null                  $warped     whether it is more than the staff explains; null with three patches
     * @param float                      $tilt       standard uncertainty of the laser plane's slope
     */
    private function __construct(
        private array $plane,
        private array $covariance,
        public ?float $warp,
        public ?bool $warped,
        private float $s,
        private float $tilt,
    ) {}

    /**
     * @param list<Patch> $patches   three or more
     * @param float       $s         standard uncertainty of one staff reading, mm, > 0
     * @param float       $laserTilt standard uncertainty of the laser plane's slope, mm per m, ≥ 0
     *
     * @throws Underdetermined where the patches lie in one line
     */
    public static function through(array $patches, float $s, float $laserTilt = 0.0): self
    {
        $cells = array_fill(0, 9, 0.0);
        $right = [0.0, 0.0, 0.0];
        foreach ($patches as $patch) {
            $row = [1.0, $patch->x, $patch->y];
            foreach ($row as $i => $a) {
                $right[$i] -= $a * $patch->reading;
                foreach ($row as $j => $b) {
                    $cells[$i * 3 + $j] += $a * $b;
                }
            }
        }
        $normal = new SymmetricMatrix(3, $cells);
        if (! $normal->factorise() || ! $normal->isWellConditioned()) {
            throw Underdetermined::unknowns($normal->unfixed(self::UNKNOWNS));
        }
        [$c, $a, $b] = $normal->solve($right);
        $residuals = array_map(static fn(Patch $p): float => $c + $a * $p->x + $b * $p->y + $p->reading, $patches);
        $degrees = count($patches) - 3;
        $chiSquare = array_sum(array_map(static fn(float $r): float => ($r / $s) ** 2, $residuals));
        $warped = $degrees > 0 ? $chiSquare > ChiSquare::point95($degrees) : null;
        // A warped floor is no plane: what the patches disagree by widens everything said of it.
        $variance = $s ** 2 * ($warped === true ? $chiSquare / $degrees : 1);
        $covariance = array_map(static fn(float $cell): float => $variance * $cell, $normal->inverse());

        return new self(
            [$c, $a, $b],
            $covariance,
            $degrees > 0 ? max([0.0, ...array_map(abs(...), $residuals)]) : null,
            $warped,
            $s,
            $laserTilt / 1000,
        );
    }

    /** Nose-up pitch of the plane, degrees. */
    public function pitch(): Grade
    {
        return $this->slope(1);
    }

    /** Left-up roll of the plane, degrees. */
    public function roll(): Grade
    {
        return $this->slope(2);
    }

    /**
     * How the plane rises along a facing: γ = atan(a cos β + b sin β). A rear sensor faces backwards, so its sign turns.
     *
     * @param float $facing degrees, anticlockwise from the vehicle's x axis
     */
    public function grade(float $facing): Grade
    {
        $cos = cos(deg2rad($facing));
        $sin = sin(deg2rad($facing));
        $variance = $cos ** 2 * $this->covariance[4] + 2 * $cos * $sin * $this->covariance[5] + $sin ** 2 * $this->covariance[8];

        return new Grade(
            rad2deg(atan($this->plane[1] * $cos + $this->plane[2] * $sin)),
            rad2deg(sqrt($variance + $this->tilt ** 2)),
        );
    }

    /**
     * The height to set at a site, whose own floor may lie under or over the car's plane. The laser plane's tilt does
     * not enter: staff and plane carry it alike.
     *
     * @param float $height the card's, over the plane, mm
     */
    public function site(Patch $site, float $height): SiteHeight
    {
        [$c, $a, $b] = $this->plane;
        $below = $c + $a * $site->x + $b * $site->y + $site->reading;
        $row = [1.0, $site->x, $site->y];
        $variance = $this->s ** 2;
        foreach ($row as $i => $p) {
            foreach ($row as $j => $q) {
                $variance += $p * $q * $this->covariance[$i * 3 + $j];
            }
        }

        return new SiteHeight($below, $height + $below, sqrt($variance));
    }

    private function slope(int $k): Grade
    {
        $tangent = $this->plane[$k];

        return new Grade(
            rad2deg(atan($tangent)),
            rad2deg(sqrt($this->covariance[$k * 4] + $this->tilt ** 2) / (1 + $tangent ** 2)),
        );
    }
}
