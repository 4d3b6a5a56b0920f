<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

use Lumbro\Core\Fields\Corners;
use Lumbro\Core\Fields\Text;

/** Something that stands in a bay: a post, a lift, a bench; its corners in mm. */
final readonly class Obstacle
{
    /** @param list<array{float, float}> $corners at least three */
    public function __construct(
        #[Text(60)]
        public string $name,
        #[Corners]
        public array $corners,
    ) {}
}
