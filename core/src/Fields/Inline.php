<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

/** The fields of the object stand among those around it. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Inline
{
    /** @param class-string $of */
    public function __construct(public string $of) {}
}
