<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Either;
use Lumbro\Core\Fields\Lost;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Required;
use Lumbro\Core\Fields\Text;

/** Where a card wants the target by range (mm) and bearing (degrees, as the vehicle frame turns) from the sensor. */
#[Required('tolerance')]
final readonly class CardPolarSpot
{
    /**
     * @param float|null $toleranceRange   mm, half-width; null where the card gives none, as for the others
     * @param float|null $toleranceBearing degrees
     * @param float|null $toleranceHeight  mm
     * @param bool       $level            level with the sensor's middle, whatever height that has on this car
     * @param float      $tilt             of a plate, degrees, its top towards the sensor positive
     */
    public function __construct(
        #[Number('mm', 100, 50_000)]
        public float $range,
        #[Number('°', -180, 180)]
        public float $bearing,
        #[Number('mm', 1, 5_000)]
        public float $height,
        #[Text(40)]
        public string $heightDatum,
        #[At('tolerance/range'), Number('mm', 1e-6, 5_000), Lost]
        public ?float $toleranceRange,
        #[At('tolerance/bearing'), Number('°', 1e-6, 45), Lost]
        public ?float $toleranceBearing,
        #[At('tolerance/height'), Number('mm', 1e-6, 5_000), Lost]
        public ?float $toleranceHeight,
        #[Choice(CardSpot::DATUMS)]
        public string $datum = 'sensor-face',
        #[At('heightFrom'), Either('sensor', 'floor')]
        public bool $level = false,
        #[Number('°', -45, 45)]
        public float $tilt = 0.0,
    ) {}

    /** The same for the sensor on the car's other side. */
    public function mirrored(): self
    {
        return Copy::of($this, ['bearing' => -$this->bearing]);
    }

    /** The same with the target's height as it follows from this car, mm. */
    public function atHeight(float $height): self
    {
        return Copy::of($this, ['height' => $height]);
    }
}
