<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Message\Message;

/** One line of the rubric: so many points of so many, and why. */
final readonly class Part
{
    /**
     * @param string $id     of the line
     * @param float  $points 0 to $most
     */
    public function __construct(public string $id, public float $points, public float $most, public Message $why) {}

    /** What is scored. */
    public function title(): Message
    {
        return Message::of("rubric.$this->id");
    }
}
