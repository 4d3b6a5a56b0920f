<?php

declare(strict_types=1);

namespace Lumbro\Core\Intake;

use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Kit\KitRegister;
use Lumbro\Core\Catalogue\ShopRules\ShopRules;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;

/** Everything a repair order rests on besides its record. */
final readonly class OrderContext
{
    /** @var array<string, ProcedureCard|null> sensor's id → its card, by the ids: where two cards speak of one code, the same one is asked first everywhere */
    public array $cards;

    /**
     * @param array<string, ProcedureCard|null> $cards sensor's id → its card; null where the shop has none for it
     * @param string                            $today YYYY-MM-DD
     * @param Bay|null                          $bay   as it was surveyed, from no car; null where none is chosen
     */
    public function __construct(
        public VehicleSheet $sheet,
        array $cards,
        public ShopRules $shop,
        public KitRegister $kit,
        public string $today,
        public ?Bay $bay = null,
    ) {
        ksort($cards);
        $this->cards = $cards;
    }
}
