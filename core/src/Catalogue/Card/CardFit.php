<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;

/** Which sensors of which car a card is for. */
final readonly class CardFit
{
    /** @param list<string> $sensors ids on the vehicle's sheet; two for a pair */
    public function __construct(public string $make, public string $model, public array $sensors) {}

    /** Whether the card is for this sensor of this car. */
    public function covers(VehicleSheet $sheet, string $sensor): bool
    {
        return mb_strtolower($this->make) === mb_strtolower($sheet->make)
            && mb_strtolower($this->model) === mb_strtolower($sheet->model)
            && in_array($sensor, $this->sensors, true);
    }
}
