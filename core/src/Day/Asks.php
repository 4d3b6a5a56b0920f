<?php

declare(strict_types=1);

namespace Lumbro\Core\Day;

/** What a stage cannot do without. */
final readonly class Asks
{
    /**
     * @param bool                   $hands     whether a person does it; a warm-up needs none
     * @param string|null            $right     that the person must have
     * @param list<string>           $kit       kinds of kit that are used while it lasts, such as "scan-tool"
     * @param list<array{int, int}>  $windows   from and to, minutes, one of which it must lie in whole; any time where there are none
     * @param int                    $notBefore minutes: until then another trade has the car, or paint cures
     */
    public function __construct(
        public bool $hands = true,
        public ?string $right = null,
        public array $kit = [],
        public array $windows = [],
        public int $notBefore = 0,
    ) {}
}
