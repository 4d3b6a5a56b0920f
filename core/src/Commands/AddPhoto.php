<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\PhotoAdded;

/**
 * A photo that the order keeps is attached to something.
 *
 * @extends Command<PhotoAdded>
 */
final readonly class AddPhoto extends Command
{
    public function line(): string
    {
        return PhotoAdded::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOfCar($now, $line->sensor, '/payload/sensor');
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
