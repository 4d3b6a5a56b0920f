<?php

declare(strict_types=1);

namespace Lumbro\Core\Fields;

/** Where a field lies in the document, where that is not its property's own name: "limits/azimuth". */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class At
{
    /** @param string $place a name, or two with a slash between them */
    public function __construct(public string $place) {}
}
