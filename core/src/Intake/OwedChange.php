<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Journal\OrderLine;

/** What one line of the record changed about what is owed: for each sensor whose state or route became another. */
final readonly class OwedChange
{
    /** @param list<array{sensor: CarSensor, before: Owed, after: Owed}> $sensors */
    public function __construct(public OrderLine $entry, public array $sensors) {}
}
