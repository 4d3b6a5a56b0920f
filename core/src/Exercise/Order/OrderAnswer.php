<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise\Order;

use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Flag;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Text;

/** What a learner commits to at an order: which sensors are owed a calibration, or whether it can be closed. */
final readonly class OrderAnswer
{
    public const CODES = 'codes';

    /**
     * @param list<string> $owed  sensors that are owed a calibration; all others are said not to be
     * @param bool         $close whether the order can be closed as it stands
     * @param list<string> $open  what keeps it open: of things()
     */
    public function __construct(
        #[ListOf(new Id(), 16)]
        public array $owed = [],
        #[Flag]
        public bool $close = false,
        #[ListOf(new Text(80), 32)]
        public array $open = [],
    ) {}

    /** @return list<string> what can keep an order of this car open, as an answer names it: sensors, covers, codes */
    public static function things(VehicleSheet $sheet): array
    {
        return [
            ...array_map(static fn($sensor): string => "sensor $sensor->id", $sheet->sensors),
            ...array_map(static fn(Cover $cover): string => "cover $cover->value", Cover::cases()),
            self::CODES,
        ];
    }
}
