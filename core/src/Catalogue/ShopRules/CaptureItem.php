<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\ShopRules;

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
        public string $id,
        public string $question,
        public string $kind,
        public ?string $unit,
        public ?float $most,
        public string $neededFor,
        public string $afterRefit,
        public array $when = [],
        public array $kinds = [],
    ) {}
}
