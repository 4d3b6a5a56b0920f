<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey\Observation;

use Lumbro\Core\Survey\Geometry;
use Lumbro\Core\Survey\Layout;

/** One instrument held against another: what the second shows at a mark of the first, whose zero may be wrong, mm. */
final readonly class Against extends LengthReading
{
    /**
     * @param string     $checked    instrument with a zero, in the network
     * @param float      $mark       of it that is looked at, mm
     * @param float|null $value      mm, as the second instrument shows it
     * @param float      $s          mm, > 0
     * @param string     $instrument the second one
     */
    public function __construct(string $id, private string $checked, private float $mark, ?float $value, float $s, string $instrument)
    {
        parent::__construct($id, $value, $s, $instrument);
    }

    public function unknowns(Layout $layout): array
    {
        return [$layout->zero[$this->checked]];
    }

    public function predict(Geometry $at, array &$row): float
    {
        $row[] = -1.0;

        // What shows too much at every mark is short by as much.
        return $this->mark - $at->state[$at->layout->zero[$this->checked]];
    }
}
