<?php

declare(strict_types=1);

namespace Lumbro\Core\Procedure;

/** The one thing to do now. */
final readonly class Present
{
    /**
     * @param string      $kind a stage ("prepare", "line", "run", "prove", "close"), or what is to be done at Place:
     *                          "read", "check", "decide", "remeasure", "move" or "improve"
     * @param string|null $call the reading to take, where the kind asks for one
     */
    public function __construct(public string $kind, public ?string $call = null) {}
}
