<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Numeric\Dual;
use Lumbro\Core\Survey\Geometry;

/**
 * Where a wheel laser's beam comes back to, mm left of P on a scale through P square to the beam, from a mirror along
 * the body's y axis: with X = C + s·v where the beam meets it, n = (cos(ψ+κ), sin(ψ+κ)), e' = e − 2(e·n)n,
 * l = (−sin α, cos α), t = −e·(X − P)/(e·e'), the reading is l · (X + t·e' − P). κ is how far the mirror is out of
 * square. The angle counts double.
 */
final readonly class MirrorReturn extends LengthReading
{
    public function __construct(
        string $id,
        private string $from,
        private string $heading,
        private string $body,
        private ?string $mirror,
        ?float $value,
        float $s,
        ?string $instrument = null,
    ) {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function predict(Geometry $at, array &$row): float
    {
        $alpha = $at->heading($this->heading);
        $yaw = $at->bodyYaw($this->body);
        $normal = $this->mirror === null ? $yaw : $yaw->plus($at->heading($this->mirror));
        $e = [$alpha->cos(), $alpha->sin()];
        $v = [$yaw->sin()->scaled(-1), $yaw->cos()];
        $n = [$normal->cos(), $normal->sin()];
        $p = $at->point($this->from);
        $c = $at->point($this->body);
        $toStart = [$p[0]->minus($c[0]), $p[1]->minus($c[1])];
        $across = self::cross($e, $v);
        if (abs($across->value) < 1e-9) {
            return 0.0;
        }
        $s = self::cross($e, $toStart)->over($across);
        // From P to where the beam meets the mirror.
        $out = [$v[0]->times($s)->minus($toStart[0]), $v[1]->times($s)->minus($toStart[1])];
        $twice = self::dot($e, $n)->scaled(2);
        $back = [$e[0]->minus($twice->times($n[0])), $e[1]->minus($twice->times($n[1]))];
        $facing = self::dot($e, $back);
        if (abs($facing->value) < 1e-9) {
            return 0.0;
        }
        $t = self::dot($e, $out)->scaled(-1)->over($facing);
        $landing = [$out[0]->plus($t->times($back[0])), $out[1]->plus($t->times($back[1]))];
        $reading = self::cross($e, $landing);
        foreach ($reading->gradient as $place => $derivative) {
            $row[$place] = ($row[$place] ?? 0.0) + $derivative;
        }

        return $reading->value;
    }

    /**
     * @param array{Dual, Dual} $a
     * @param array{Dual, Dual} $b
     */
    private static function cross(array $a, array $b): Dual
    {
        return $a[0]->times($b[1])->minus($a[1]->times($b[0]));
    }

    /**
     * @param array{Dual, Dual} $a
     * @param array{Dual, Dual} $b
     */
    private static function dot(array $a, array $b): Dual
    {
        return $a[0]->times($b[0])->plus($a[1]->times($b[1]));
    }
}
