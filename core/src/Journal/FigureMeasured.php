<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

/** A figure of the car's geometry, measured on this car. */
final readonly class FigureMeasured extends OrderLine
{
    /**
     * @param string      $figure as the vehicle's sheet names it
     * @param string      $typed  as typed
     * @param float       $value  mm
     * @param float       $s      standard uncertainty, mm, > 0
     * @param string|null $word   whose word it rests on
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        public string $figure,
        public string $typed,
        public float $value,
        public float $s,
        public ?string $word = null,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "figure $this->figure";
    }
}
