<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

/** One observation or prior as an equation of the adjusted survey, and how far the others check it. */
final readonly class Checked
{
    /**
     * @param list<int>   $places     its unknowns
     * @param list<float> $row        derivatives by them
     * @param float       $s          standard uncertainty, mm or rad
     * @param float       $redundancy share of it that the others check
     * @param float|null  $most       the largest error of it that could pass unseen, in the unit of s
     */
    public function __construct(
        public string $id,
        public array $places,
        public array $row,
        public float $s,
        public float $redundancy,
        public ?float $most,
    ) {}

    /**
     * This equation's row times a vector over the unknowns.
     *
     * @param array<int, float> $vector
     */
    public function times(array $vector): float
    {
        $sum = 0.0;
        foreach ($this->row as $i => $derivative) {
            $sum += $derivative * $vector[$this->places[$i]];
        }

        return $sum;
    }
}
