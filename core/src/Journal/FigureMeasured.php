<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Catalogue\Vehicle\FigureOrigin;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Choice;
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

    public const FROM = ['front-hubs', 'rear-hubs'];

    /** mm */
    public float $value;

    /**
     * @param string      $figure as the vehicle's sheet names it
     * @param string      $typed  as typed
     * @param float       $s      standard uncertainty, mm, > 0
     * @param string|null $word   whose word it rests on
     * @param string|null $document which document and page it stands in, where nobody measured it
     * @param string|null $instrument it was measured with, as the kit names it
     * @param string|null $from   what it was measured from, where that is not what the sheet counts from: a sensor ahead of the
     *                            front hubs, or behind the rear ones
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
        #[Text(200)]
        public ?string $document = null,
        #[Text(80)]
        public ?string $instrument = null,
        #[Choice(self::FROM)]
        public ?string $from = null,
    ) {
        parent::__construct($id, $person, $at);
        // To a side of the car where it names one.
        $this->value = preg_match('/(left|right)/i', $typed) === 1 ? SidedLength::fromReading($typed)->millimetres : Length::fromReading($typed)->millimetres;
    }

    /**
     * The sheet with it.
     *
     * @throws InvalidInput where the sheet has no such figure
     */
    public function on(VehicleSheet $sheet): VehicleSheet
    {
        return $sheet->measured($this->figure, $this->valueOn($sheet), $this->s, $this->origin());
    }

    /** As the sheet counts it, mm. */
    public function valueOn(VehicleSheet $sheet): float
    {
        return match ($this->from) {
            'front-hubs' => $sheet->wheelbase + $this->value,
            'rear-hubs' => -$this->value,
            default => $this->value,
        };
    }

    private function origin(): FigureOrigin
    {
        return match (true) {
            $this->word !== null => new FigureOrigin('word', $this->word),
            $this->document !== null => new FigureOrigin('document', $this->document),
            default => new FigureOrigin('measured', $this->person),
        };
    }

    public function subject(): string
    {
        return "figure $this->figure";
    }
}
