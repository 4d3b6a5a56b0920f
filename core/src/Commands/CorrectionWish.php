<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Members;
use Lumbro\Core\Fields\Number;

/** How the axis was turned. */
final readonly class CorrectionWish
{
    /** As they are typed. */
    public function __construct(
        #[Choice(['screws', 'mirror spots'])]
        public string $way,
        /** @var array<string, float>|null screw → turns, clockwise positive */
        #[Members(new Number('', -50, 50))]
        public ?array $turns = null,
    ) {}
}
