<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Message\Message;

/** The one thing an order waits for. */
final readonly class Waiting
{
    /**
     * @param string      $kind   "capture", "operations", "estimate", "cover", "question", "scan", "code", "card", "condition", "contradiction", "kit", "task" or "nothing"
     * @param string|null $sensor id of the sensor it is about
     */
    public function __construct(public string $kind, public string|Message $says, public ?string $sensor = null) {}
}
