<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\SidedLength;

/** A figure of the car's geometry, measured on this car. */
final readonly class FigureMeasured extends OrderLine
{
    public const KIND = 'figure';

    /** A measured figure is at least this uncertain, mm: nobody marks and reads a car better. */
    private const FINEST = 0.2;

    /** mm */
    public float $value;

    /**
     * @param string      $figure as the vehicle's sheet names it
     * @param string      $typed  as typed
     * @param float       $s      standard uncertainty, mm, > 0
     * @param string|null $word   whose word it rests on
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(80)]
        public string $figure,
        #[Text(60)]
        public string $typed,
        #[Number('mm', self::FINEST, 200)]
        public float $s,
        #[Text(80)]
        public ?string $word = null,
    ) {
        parent::__construct($id, $person, $at);
        // To a side of the car where it names one.
        $this->value = preg_match('/(left|right)/i', $typed) === 1 ? SidedLength::fromReading($typed)->millimetres : Length::fromReading($typed)->millimetres;
    }

    public function subject(): string
    {
        return "figure $this->figure";
    }
}
