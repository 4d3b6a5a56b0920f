<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Message\Message;

/** Two statements of an order that cannot both be true (need J42): they stand side by side until one of them is said anew. */
final readonly class Contradiction
{
    /** @param string|null $sensor id of the sensor it is about; null for the whole car */
    public function __construct(public ?string $sensor, public Statement $one, public Statement $other) {}

    /** Both in one line. */
    public function said(): Message
    {
        return Message::of('contradiction.of', ['one' => $this->one->says, 'other' => $this->other->says]);
    }
}
