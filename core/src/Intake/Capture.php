<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\ShopRules\CaptureItem;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Journal\Captured;
use Lumbro\Core\Message\Message;

/** One thing to be captured at one sensor, and how it stands with it. */
final readonly class Capture
{
    /** @param Message|null $warning what is wrong with what was captured */
    public function __construct(
        public CarSensor $sensor,
        public Cover $cover,
        public CaptureItem $item,
        public CaptureState $state,
        public ?Captured $had,
        public ?Message $warning,
    ) {}

    /** In one line: what, and where. */
    public function said(): Message
    {
        return Message::of('capture.of-sensor', ['sensor' => $this->sensor->name, 'question' => $this->item->question]);
    }
}
