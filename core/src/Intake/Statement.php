<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Message\Message;

/** Something that the order's record says, and who said it. */
final readonly class Statement
{
    /**
     * @param string      $part   of the order's work where it is said, and said anew
     * @param string|null $person null where nobody said it: a scan, or what is missing
     */
    public function __construct(public string $part, public Message $says, public ?string $person = null, public ?string $at = null) {}
}
