<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Bay;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Row;
use Lumbro\Core\Fields\Text;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Quantity;

/** A rectangular bay as it is told with a tape in the hand: two lengths, mm, and what stands in it. */
final readonly class PlainBay implements Checked
{
    /** Where the rear hubs of a car usually stand that was driven in or backed in with its tail to the wall, mm from it. */
    private const REAR_HUBS = 1_700.0;

    /** How well a floor is known that nobody has surveyed, mm, standard. */
    private const FLOOR = 5.0;

    /**
     * @param float $length    the way a car stands, mm
     * @param float $width     mm
     * @param list<array{name: string, fromBack: float, fromLeft: float, length: float, width: float}> $obstacles each rectangular: its near sides from the wall behind the car and from the wall at the car's left, its length the way a car stands, mm
     */
    public function __construct(
        #[Text(60)]
        public string $name,
        #[Number('mm', 4_000, 60_000)]
        public float $length,
        #[Number('mm', 2_200, 40_000)]
        public float $width,
        #[ListOf(new Row(['name' => new Text(60), 'fromBack' => new Number('mm', 0, 60_000), 'fromLeft' => new Number('mm', 0, 40_000), 'length' => new Number('mm', 1, 60_000), 'width' => new Number('mm', 1, 40_000)]), 40)]
        public array $obstacles = [],
    ) {}

    /** The bay with its corners, in the frame of a car that stands in its middle with its tail to the wall. */
    public function bay(): Bay
    {
        return new Bay(
            $this->name,
            $this->box(0, 0, $this->length, $this->width),
            self::FLOOR,
            array_map(fn(array $one): Obstacle => new Obstacle($one['name'], $this->box($one['fromBack'], $one['fromLeft'], $one['length'], $one['width'])), $this->obstacles),
        );
    }

    /** @return list<array{float, float}> */
    private function box(float $fromBack, float $fromLeft, float $length, float $width): array
    {
        [$x, $y] = [$fromBack - self::REAR_HUBS, $this->width / 2 - $fromLeft];

        return [[$x, $y], [$x + $length, $y], [$x + $length, $y - $width], [$x, $y - $width]];
    }

    public function check(Node $node): void
    {
        foreach ($this->obstacles as $i => $one) {
            foreach ([['fromBack', 'length', $this->length], ['fromLeft', 'width', $this->width]] as [$from, $size, $most]) {
                if ($one[$from] + $one[$size] > $most + 1e-6) {
                    throw InvalidInput::because($node->path() . "/obstacles/$i/$from", 'bay.obstacle-outside', ['name' => $one['name'], 'reach' => Quantity::mm($one[$from] + $one[$size]), 'most' => Quantity::mm($most)]);
                }
            }
        }
    }

    public static function rule(): array
    {
        return [];
    }
}
