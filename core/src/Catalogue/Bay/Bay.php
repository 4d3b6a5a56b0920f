<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

use Lumbro\Core\Fields\Corners;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Fields\Text;

/** A bay: its outline and what stands in it (mm), where its floor is level, and what is known of that floor. */
final readonly class Bay
{
    /**
     * @param list<array{float, float}>      $outline   corners, in order
     * @param float                          $sFloor    standard uncertainty of a floor height where it is not surveyed, mm
     * @param list<Obstacle>                 $obstacles
     * @param list<array{float, float}>|null $levelZone corners of where targets may stand; null where the whole floor is good
     */
    public function __construct(
        #[Text(60)]
        public string $name,
        #[Corners]
        public array $outline,
        #[Number('mm', 1e-6, 500)]
        public float $sFloor,
        #[ListOf(new Part(Obstacle::class), 200)]
        public array $obstacles = [],
        #[Corners]
        public ?array $levelZone = null,
        #[Part(FloorSurvey::class)]
        public ?FloorSurvey $survey = null,
    ) {}

    /** The same bay in the frame of a car that stands in it. */
    public function seenFrom(Stance $stance): self
    {
        $survey = $this->survey;

        return new self(
            $this->name,
            array_map($stance->toCar(...), $this->outline),
            $this->sFloor,
            array_map(static fn(Obstacle $obstacle): Obstacle => new Obstacle($obstacle->name, array_map($stance->toCar(...), $obstacle->corners)), $this->obstacles),
            $this->levelZone === null ? null : array_map($stance->toCar(...), $this->levelZone),
            $survey === null ? null : new FloorSurvey($survey->date, $survey->by, $survey->s, $survey->laserTilt, array_map(static function (array $point) use ($stance): array {
                [$x, $y] = $stance->toCar([$point['x'], $point['y']]);

                return ['x' => $x, 'y' => $y, 'reading' => $point['reading']];
            }, $survey->points)),
        );
    }
}
