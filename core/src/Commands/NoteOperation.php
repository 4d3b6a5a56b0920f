<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OperationNoted;

/**
 * Something was done to the car, or is still to be done.
 *
 * @extends Command<OperationNoted>
 */
final readonly class NoteOperation extends Command
{
    public function line(): string
    {
        return OperationNoted::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOfCar($now, $line->operation->sensor, '/payload/operation');
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
