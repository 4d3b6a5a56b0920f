<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Journal\Line;

/**
 * A line that needs nothing but to be readable.
 *
 * @template L of Line
 *
 * @extends Command<L>
 */
final readonly class AnyLine extends Command
{
    /**
     * @param class-string<L> $of
     * @param bool            $decides   as in Command
     * @param bool            $goesAlone as in Command
     * @param bool            $isWished  as in Command
     */
    public function __construct(private string $of, private bool $decides = false, private bool $goesAlone = false, private bool $isWished = true) {}

    public function line(): string
    {
        return $this->of;
    }

    public function decides(): bool
    {
        return $this->decides;
    }

    public function goesAlone(): bool
    {
        return $this->goesAlone;
    }

    public function isWished(): bool
    {
        return $this->isWished;
    }
}
