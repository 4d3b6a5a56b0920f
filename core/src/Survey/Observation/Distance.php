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
     * @param float      $dz    known height difference of the ends, mm
     */
    public function __construct(
        string $id,
        private string $from,
        private string $to,
        ?float $value,
        float $s,
        private float $dz = 0.0,
        ?string $instrument = null,
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
        $length = sqrt($dx * $dx + $dy * $dy + $this->dz * $this->dz);
        if ($length < self::COINCIDENT) {
            throw NoDirection::betweenCoincident(Message::of('survey.between.tape', ['from' => $this->from, 'to' => $this->to]), $length);
        }
        $at->trace($row, $this->to, $dx / $length, $dy / $length);
        $at->trace($row, $this->from, -$dx / $length, -$dy / $length);

        return $length;
    }
}
