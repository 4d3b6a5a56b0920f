<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/**
 * The best choices that were found so far.
 *
 * @internal
 */
final class Best
{
    public ?Reckoning $reckoning = null;

    /** @param Choices $choices to begin with, whatever they come to */
    public function __construct(public Choices $choices) {}

    /** Takes them where they come to less. */
    public function offer(Choices $choices, Reckoning $reckoning): void
    {
        if ($this->reckoning === null || $reckoning->against($this->reckoning) < 0) {
            $this->choices = $choices;
            $this->reckoning = $reckoning;
        }
    }
}
