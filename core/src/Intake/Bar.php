<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Message\Message;

/** One reason why the run may not start. */
final readonly class Bar
{
    /** @param string $code what kind: "preparation", "cover", "contradiction", "spot", "placement" and the like */
    public function __construct(public string $code, public Message $says) {}
}
