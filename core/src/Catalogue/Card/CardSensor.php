<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Either;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Lost;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Required;
use Lumbro\Core\Fields\Text;

/** The sensor a card is for: its design place from the front mark (mm), its reading and limits (degrees; null where the card gives none). */
#[Required('limits')]
final readonly class CardSensor
{
    /**
     * @param bool         $reportsTargetAngle the tool reports the target's angle, not the misalignment
     * @param float        $s                  standard uncertainty of one reading
     * @param list<string> $placementFree      axes whose reading does not rest on placement
     * @param bool         $runsUncovered      the routine is run with the bumper cover off
     */
    public function __construct(
        #[Text(60)]
        public string $name,
        #[Number('mm', -20_000, 20_000)]
        public float $along,
        #[Number('mm', -5_000, 5_000)]
        public float $across,
        #[Number('mm', 1, 5_000)]
        public float $height,
        #[At('limits/azimuth'), Number('°', 1e-6, 45), Lost]
        public ?float $limitAzimuth,
        #[At('limits/elevation'), Number('°', 1e-6, 45), Lost]
        public ?float $limitElevation,
        #[At('reported'), Either('targetAngle', 'misalignment')]
        public bool $reportsTargetAngle,
        #[Number('°', 1e-6, 10)]
        public float $s,
        #[ListOf(new Choice(['azimuth', 'elevation']))]
        public array $placementFree = [],
        #[Flag]
        public bool $runsUncovered = false,
    ) {}

    /** The same for the sensor on the car's other side. */
    public function mirrored(): self
    {
        return Copy::of($this, ['across' => -$this->across]);
    }
}
