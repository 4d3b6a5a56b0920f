<?php

declare(strict_types=1);

namespace Lumbro\Core\Survey;

use Lumbro\Core\Numeric\Dual;

/** A figure of a survey and how well it has to be known, in its unit; null where nobody asks. */
final readonly class Aimed
{
    /**
     * @param float|null $uncertainty standard, ≥ 0
     * @param float|null $hidden      what one slip may carry unseen, ≥ 0
     */
    public function __construct(public Dual $figure, public ?float $uncertainty, public ?float $hidden) {}
}
