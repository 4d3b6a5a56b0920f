<?php

declare(strict_types=1);

namespace Lumbro\Core\Drive;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\At;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Measure\Node;

/** What a card asks of a learning drive, and under which conditions a second counts (need J32). */
final readonly class DriveRule implements Checked
{
    /**
     * @param float      $slowest   km/h
     * @param float      $fastest   km/h, > $slowest
     * @param float      $turning   the car's heading may change by no more, degrees a second, > 0
     * @param float      $seconds   that must count in all, ≥ 0
     * @param float      $metres    that must count in all, ≥ 0
     * @param bool       $daylight  whether only daylight counts
     * @param float|null $glare     half-angle about straight ahead within which a low sun blinds, degrees; null where it does not matter
     */
    public function __construct(
        #[Number('km/h', 0, 300)]
        public float $slowest,
        #[Number('km/h', 1, 300)]
        public float $fastest,
        #[Number('°/s', 0.1, 90)]
        public float $turning,
        #[At('minutes'), Number('min', 0, 600, 60)]
        public float $seconds,
        #[At('kilometres'), Number('km', 0, 1_000, 1_000)]
        public float $metres,
        #[Flag]
        public bool $daylight = false,
        #[Number('°', 1, 90)]
        public ?float $glare = null,
    ) {}

    public function check(Node $node): void
    {
        if ($this->fastest <= $this->slowest) {
            throw InvalidInput::because($node->path() . '/fastest', 'card.fastest');
        }
    }

    public static function rule(): array
    {
        return [];
    }
}
