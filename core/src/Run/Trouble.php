<?php

declare(strict_types=1);

namespace Lumbro\Core\Run;

use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;

/** Something the tool was asked that came to nothing. */
final readonly class Trouble
{
    /** What was asked, and what came back. */
    public function __construct(public ToolAsked $asked, public ToolAnswered $answer) {}
}
