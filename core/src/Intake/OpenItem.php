<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Journal\LeftOpen;
use Lumbro\Core\Message\Message;

/** One thing that keeps a repair order open (need J36), or was handed over as it is. */
final readonly class OpenItem
{
    /**
     * @param string        $id       of the matter: "sensor front", "road slows"
     * @param string        $part     of the order's work that it belongs to
     * @param Message       $says     what is open
     * @param string|null   $sensor   where it is one sensor's
     * @param bool          $canLeave whether a lead may hand it over with a reason; a sensor is handed over with its own seal
     * @param LeftOpen|null $left     who handed it over, and why
     */
    public function __construct(
        public string $id,
        public string $part,
        public Message $says,
        public ?string $sensor = null,
        public bool $canLeave = true,
        public ?LeftOpen $left = null,
    ) {}
}
