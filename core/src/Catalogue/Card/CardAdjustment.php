<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Checked;
use Lumbro\Core\Fields\Choice;
use Lumbro\Core\Fields\Id;
use Lumbro\Core\Fields\ListOf;
use Lumbro\Core\Fields\Number;
use Lumbro\Core\Fields\Part;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Screws\Screw;

/** How a card lets the axis be adjusted, and how it is swung or levelled. */
final readonly class CardAdjustment implements Checked
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
        #[Choice(self::WAYS)]
        public string $way,
        #[ListOf(new Part(Screw::class), 8)]
        public array $screws = [],
        #[ListOf(new Part(CardPosition::class), 20, second: 'card.second-position')]
        public array $positions = [],
        #[ListOf(new Id(), 60)]
        public array $order = [],
        #[Part(CardInclinometer::class)]
        public ?CardInclinometer $inclinometer = null,
        #[Number('°', 1e-6, 45)]
        public ?float $zeroRange = null,
    ) {}

    public function check(Node $node): void
    {
        if (($this->way === 'screws') !== ($this->screws !== [])) {
            throw InvalidInput::because($node->path() . '/screws', $this->way === 'screws' ? 'card.screws-missing' : 'card.screws-out-of-place', ['way' => $this->way]);
        }
        $known = array_column($this->positions, 'id');
        foreach ($this->order as $i => $id) {
            if (! in_array($id, $known, true)) {
                throw InvalidInput::because($node->path() . "/order/$i", 'card.unknown-position', ['id' => $id]);
            }
        }
    }

    public static function rule(): array
    {
        return [
            'if' => ['properties' => ['way' => ['const' => 'screws']]],
            'then' => ['required' => ['screws'], 'properties' => ['screws' => ['minItems' => 1]]],
            'else' => ['properties' => ['screws' => ['maxItems' => 0]]],
        ];
    }
}
