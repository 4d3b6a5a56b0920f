<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Failure\NoDirection;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** A tape from P to Q, slanted by a known height difference: √(|Q − P|² + dz²), mm. */
final readonly class Distance extends LengthReading
{
    /**
     * @param float|null $value mm
     * @param float      $s     mm, > 0
     * @param float      $dz    known height difference of the ends, mm; of ends in the plan
     * @param bool       $inSpace whether both ends have heights of their own
     */
    public function __construct(
        string $id,
        private string $from,
        private string $to,
        ?float $value,
        float $s,
        private float $dz = 0.0,
        ?string $instrument = null,
        private bool $inSpace = false,
    ) {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function unknowns(Layout $layout): array
    {
        return [...$layout->behind($this->to), ...$layout->behind($this->from)];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $dx = $at->x[$this->to] - $at->x[$this->from];
        $dy = $at->y[$this->to] - $at->y[$this->from];
        $dz = $this->inSpace ? $at->z[$this->to] - $at->z[$this->from] : $this->dz;
        $length = sqrt($dx * $dx + $dy * $dy + $dz * $dz);
        if ($length < self::COINCIDENT) {
            throw NoDirection::betweenCoincident(Message::of('survey.between.tape', ['from' => $this->from, 'to' => $this->to]), $length);
        }
        $rise = $this->inSpace ? $dz / $length : 0.0;
        $at->trace($row, $this->to, $dx / $length, $dy / $length, $rise);
        $at->trace($row, $this->from, -$dx / $length, -$dy / $length, -$rise);

        return $length;
    }
}
