<?php

declare(strict_types=1);

namespace Lumbro\Core\Method;

/** What the stand and the points on it are called in a survey; two stands in one survey have names of their own. */
final readonly class Names
{
    private function __construct(public string $stand, public string $target, public string $barLeft, public string $barRight) {}

    /** The stand that is set up. */
    public static function stand(): self
    {
        return new self('stand', 'target', 'barLeft', 'barRight');
    }

    /** The same stand as another school sees it. */
    public static function second(): self
    {
        return new self('stand2', 'target2', 'barLeft2', 'barRight2');
    }

    /** What a point of the stand is called here; every other point keeps its name. */
    public function of(string $point): string
    {
        return match ($point) {
            'stand' => $this->stand,
            'target' => $this->target,
            'barLeft' => $this->barLeft,
            'barRight' => $this->barRight,
            default => $point,
        };
    }
}
