<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** Something to be taken down while a bumper cover is off (need J3). */
final readonly class CaptureItem
{
    public const KINDS = ['text', 'number', 'yes', 'photo'];

    /**
     * @param string       $kind       one of KINDS
     * @param string|null  $unit       of a number
     * @param float|null   $most       the most a number may be, in its unit; its size counts
     * @param string       $neededFor  the later step that asks for it
     * @param string       $afterRefit how it can still be had with the cover back on
     * @param list<string> $when       operations, without a sensor, that it is asked for after; empty for any
     * @param list<string> $kinds      of CarSensor::KINDS; empty for all
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string $question,
        #[Choice(self::KINDS)]
        public string $kind,
        #[Text(20)]
        public ?string $unit,
        #[Number('', Number::ABOVE_ZERO)]
        public ?float $most,
        #[Text]
        public string $neededFor,
        #[Text]
        public string $afterRefit,
        #[ListOf(new OperationCode())]
        public array $when = [],
        #[ListOf(new Choice(CarSensor::KINDS))]
        public array $kinds = [],
    ) {}
}
