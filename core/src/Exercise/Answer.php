<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Journal\Cause;

/** What a learner commits to: what is to be said of the sensor, and what was wrong. */
final readonly class Answer
{
    /**
     * @param Cause|null      $cause  for which the car goes back; null where it does not
     * @param list<FaultKind> $faults what was wrong, each once; empty where nothing was
     */
    public function __construct(
        #[Choice(Outcome::class)]
        public Outcome $outcome,
        #[Choice(Cause::class)]
        public ?Cause $cause = null,
        #[ListOf(new Choice(FaultKind::class), 20)]
        public array $faults = [],
    ) {}
}
