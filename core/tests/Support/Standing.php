<?php

declare(strict_types=1);

namespace Lumbro\Core\Tests\Support;

use Lumbro\Core\Work\TaskStanding;
use Lumbro\Core\Work\TaskState;

/** A task of which a test has the state alone. */
final readonly class Standing implements TaskStanding
{
    public function __construct(private TaskState $state) {}

    public function state(): TaskState
    {
        return $this->state;
    }
}
