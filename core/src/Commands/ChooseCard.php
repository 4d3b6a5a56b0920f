<?php

declare(strict_types=1);

namespace Lumbro\Core\Commands;

use Lumbro\Core\Journal\CardChosen;
use Lumbro\Core\Journal\Line;

/**
 * Another card, or another version of it, is chosen for a sensor.
 *
 * @extends Command<CardChosen>
 */
final readonly class ChooseCard extends Command
{
    public function line(): string
    {
        return CardChosen::class;
    }

    public function admit(Situation $now, Line $line): void
    {
        Rules::isOfCar($now, $line->sensor, '/payload/sensor');
    }

    public function decides(): bool
    {
        return true;
    }

    public function goesAlone(): bool
    {
        return true;
    }
}
