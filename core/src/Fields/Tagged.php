<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

/** A document that says in one field which of several sorts it is. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Tagged
{
    /** The field, and what it says of this sort. */
    public function __construct(public string $name, public string $value) {}
}
