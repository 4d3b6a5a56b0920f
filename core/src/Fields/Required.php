<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

/** A field that documents must have although its property has a usual value; on a class, objects that must be there although all in them may be missing. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER | \Attribute::TARGET_CLASS)]
final readonly class Required
{
    /** @var list<string> */
    public array $groups;

    /** The groups are named on a class alone. */
    public function __construct(string ...$groups)
    {
        $this->groups = array_values($groups);
    }
}
