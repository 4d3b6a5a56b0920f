<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Screws\Screw;

/** How a card lets the axis be adjusted, and how it is swung or levelled. */
final readonly class CardAdjustment
{
    public const WAYS = ['screws', 'mirror spots', 'electronic', 'none'];

    /**
     * @param string             $way       one of WAYS
     * @param list<Screw>        $screws
     * @param list<CardPosition> $positions of a plate, where the card swings one
     * @param list<string>       $order     ids of the positions, in the order they are gone to; some may come again
     * @param float|null         $zeroRange how much the sum of electronic zeros may be on an axis, degrees; null where the card says none
     */
    public function __construct(
        public string $way,
        public array $screws = [],
        public array $positions = [],
        public array $order = [],
        public ?CardInclinometer $inclinometer = null,
        public ?float $zeroRange = null,
    ) {}
}
