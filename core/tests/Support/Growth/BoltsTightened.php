<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support\Growth;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Journal\OrderLine;

/** A kind of line that the core does not have: what adding one takes is shown with it. */
final readonly class BoltsTightened extends OrderLine
{
    public const KIND = 'bolts';

    /** @param float $torque Nm */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Choice(['front', 'rear'])]
        public string $end,
        #[Number('Nm', 1, 400)]
        public float $torque,
    ) {
        parent::__construct($id, $person, $at);
    }

    public function subject(): string
    {
        return "bolts $this->end";
    }
}
