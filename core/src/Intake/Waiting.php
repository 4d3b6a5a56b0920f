<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

/** The one thing an order waits for. */
final readonly class Waiting
{
    /**
     * @param string      $kind   "capture", "operations", "estimate", "cover", "question", "scan", "code", "card", "condition", "kit", "task" or "nothing"
     * @param string|null $sensor id of the sensor it is about
     */
    public function __construct(public string $kind, public string $words, public ?string $sensor = null) {}
}
