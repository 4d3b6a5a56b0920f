<?php

declare(strict_types=1);

namespace Lumbro\Core\Journal;

use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Method\Times;

/** A staff reading of the floor under a level laser plane, at a wheel or a target site. */
final readonly class FloorRead extends OrderLine
{
    public const KIND = 'floor';

    /** mm from the floor up to the laser plane; null where the reading is taken back */
    public ?float $value;

    public const WHEELS = ['FL', 'FR', 'RL', 'RR'];

    /**
     * @param string     $place one of WHEELS, or "site-" or "sensor-" and a sensor; with "-2" or "-3" for the same place read once more
     * @param string     $typed as it was typed; empty where the reading is taken back
     */
    public function __construct(
        string $id,
        string $person,
        string $at,
        #[Text(60)]
        public string $place,
        #[Text(60)]
        public string $typed = '',
    ) {
        parent::__construct($id, $person, $at);
        $this->value = $typed === '' ? null : Length::fromReading($typed)->millimetres;
    }

    /** A place without the number of the time it is read. */
    public static function once(string $place): string
    {
        return Times::once($place);
    }

    public function subject(): string
    {
        return 'floor ' . $this->place;
    }
}
