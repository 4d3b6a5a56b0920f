<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Either;
use Lumbro\Core\Fields\Lost;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Required;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;

/** Where the card wants the target, from the front mark: mm, the stand's yaw in degrees; tolerances are half-widths, null where the card gives none. */
#[Required('tolerance')]
final readonly class CardSpot implements Checked
{
    /** Nearer than this to what it is measured from there is no direction to it, mm. */
    private const NEAREST = 1.0;

    public const DATUMS = ['front-mark', 'rear-mark', 'sensor-face', 'front-bumper', 'rear-bumper', 'front-hub', 'rear-hub'];

    /**
     * @param float  $along       mm, forward positive
     * @param float  $across      mm, left positive
     * @param float  $yaw         of the stand from the reference, degrees
     * @param float  $height      mm over the floor, to the datum
     * @param string $heightDatum a place on the target's drawing
     * @param bool   $level       level with the sensor's middle, whatever height that has on this car
     * @param float  $tilt        of a plate, degrees, its top towards the sensor positive
     */
    public function __construct(
        #[Number('mm', -50_000, 50_000)]
        public float $along,
        #[Number('mm', -20_000, 20_000)]
        public float $across,
        #[Number('°', -360, 360)]
        public float $yaw,
        #[Number('mm', 1, 5_000)]
        public float $height,
        #[Text(40)]
        public string $heightDatum,
        #[At('tolerance/along'), Number('mm', 1e-6, 5_000), Lost]
        public ?float $toleranceAlong,
        #[At('tolerance/across'), Number('mm', 1e-6, 5_000), Lost]
        public ?float $toleranceAcross,
        #[At('tolerance/yaw'), Number('°', 1e-6, 45), Lost]
        public ?float $toleranceYaw,
        #[At('tolerance/height'), Number('mm', 1e-6, 5_000), Lost]
        public ?float $toleranceHeight,
        #[Choice(self::DATUMS)]
        public string $datum = 'front-mark',
        #[At('heightFrom'), Either('sensor', 'floor')]
        public bool $level = false,
        #[Number('°', -45, 45)]
        public float $tilt = 0.0,
    ) {}

    public function check(Node $node): void
    {
        if (hypot($this->along, $this->across) < self::NEAREST) {
            throw InvalidInput::because($node->path() . '/along', 'card.spot-at-datum');
        }
    }

    public static function rule(): array
    {
        return [];
    }

    /** The same for the sensor on the car's other side. */
    public function mirrored(): self
    {
        return Copy::of($this, ['across' => -$this->across, 'yaw' => -$this->yaw]);
    }

    /** The same with the target's height as it follows from this car, mm. */
    public function atHeight(float $height): self
    {
        return Copy::of($this, ['height' => $height]);
    }
}
