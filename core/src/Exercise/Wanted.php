<?php

declare(strict_types=1);

namespace Lumbro\Core\Exercise;

use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Text;

/** A fault that whoever makes a car wants in it. */
final readonly class Wanted
{
    /**
     * @param float|null $size how large, in the unit of its kind: mm of a mark, a tape, a rule, a slip and a floor, degrees of a
     *                         thrust, an axis and a zero, turns of play, dB of a cover, a target and clutter, V of a supply; null
     *                         where it is drawn as well
     * @param string     $at   "front" or "rear" of a mark, the call of a slip, the precondition of a word; "" where it is drawn
     */
    public function __construct(
        #[Choice(FaultKind::class)]
        public FaultKind $kind,
        #[Number('', -200, 200)]
        public ?float $size = null,
        #[Text(80)]
        public string $at = '',
    ) {}
}
