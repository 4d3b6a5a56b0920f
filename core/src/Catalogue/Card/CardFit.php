<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Group;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Lost;
use Lumbro\Core\Fields\Text;

/** Which sensors of which car a card is for. */
final readonly class CardFit
{
    /** @param list<string> $sensors ids on the vehicle's sheet; two for a pair */
    public function __construct(
        #[Text(60), Group('card'), Lost]
        public string $make,
        #[Text(60), Group('card'), Lost]
        public string $model,
        #[ListOf(new Id(), 4, none: 'card.no-sensor')]
        public array $sensors,
    ) {}

    /** Whether the card is for this sensor of this car. */
    public function covers(VehicleSheet $sheet, string $sensor): bool
    {
        return mb_strtolower($this->make) === mb_strtolower($sheet->make)
            && mb_strtolower($this->model) === mb_strtolower($sheet->model)
            && in_array($sensor, $this->sensors, true);
    }
}
