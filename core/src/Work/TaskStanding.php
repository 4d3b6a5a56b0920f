<?php

declare(strict_types=1);

namespace Lumbro\Core\Work;

/** A sensor's task that somebody can say where it stands of: its journal, or what holds one. */
interface TaskStanding
{
    /** Where the task stands. */
    public function state(): TaskState;
}
