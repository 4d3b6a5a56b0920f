<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

/** Under which heading an edit form shows a value; by itself under that of the object it lies in. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Group
{
    /** @param string|null $name null where no form shows it */
    public function __construct(public ?string $name) {}
}
