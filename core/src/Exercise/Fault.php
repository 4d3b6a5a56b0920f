<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;

/** One thing that is truly wrong with a simulated car or its bay. */
final readonly class Fault
{
    /**
     * @param string        $at   unknown, call, precondition or axis it is about; "" where the kind says all
     * @param Quantity|null $size how far off it is; null where it either is or is not
     * @param string        $who  whose word it is; "" where it is nobody's
     */
    public function __construct(public FaultKind $kind, public string $at = '', public ?Quantity $size = null, public string $who = '') {}

    /** What it is, with its size. */
    public function said(): Message
    {
        return $this->size === null ? $this->kind->said() : Message::of('fault.sized', ['fault' => $this->kind->said(), 'size' => $this->size]);
    }
}
