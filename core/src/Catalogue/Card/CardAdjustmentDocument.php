<?php

declare(strict_types=1);

namespace Lumbro\Core\Catalogue\Card;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Screws\Screw;

/** Reads how a card lets the axis be adjusted. */
final class CardAdjustmentDocument
{
    /** @throws InvalidInput naming the field that is missing, unknown or wrong */
    public static function read(Node $node): CardAdjustment
    {
        $f = $node->fields(['way'], ['screws', 'positions', 'order', 'inclinometer', 'zeroRange']);
        $way = $f['way']->oneOf(CardAdjustment::WAYS);
        $screws = array_map(Screw::read(...), isset($f['screws']) ? $f['screws']->fewItems(8) : []);
        if (($way === 'screws') !== ($screws !== [])) {
            throw InvalidInput::because($node->path() . '/screws', $way === 'screws' ? 'card.screws-missing' : 'card.screws-out-of-place', ['way' => $way]);
        }
        $positions = [];
        foreach (isset($f['positions']) ? $f['positions']->fewItems(20) : [] as $item) {
            $p = $item->fields(['id', 'words', 'pitch', 'yaw']);
            $id = $p['id']->id();
            if (isset($positions[$id])) {
                throw InvalidInput::because($p['id']->path(), 'card.second-position', ['id' => $id]);
            }
            $positions[$id] = new CardPosition($id, $p['words']->line(), $p['pitch']->between(-45, 45), $p['yaw']->between(-45, 45));
        }
        $order = [];
        foreach (isset($f['order']) ? $f['order']->fewItems(60) : [] as $item) {
            $id = $item->id();
            if (! isset($positions[$id])) {
                throw InvalidInput::because($item->path(), 'card.unknown-position', ['id' => $id]);
            }
            $order[] = $id;
        }

        return new CardAdjustment($way, $screws, array_values($positions), $order, isset($f['inclinometer']) ? self::inclinometer($f['inclinometer']) : null, isset($f['zeroRange']) ? $f['zeroRange']->between(1e-6, 45) : null);
    }

    private static function inclinometer(Node $node): CardInclinometer
    {
        $f = $node->fields(['where', 'expected'], ['within']);

        return new CardInclinometer($f['where']->line(200), $f['expected']->between(-45, 45), isset($f['within']) ? $f['within']->between(1e-6, 45) : null);
    }
}
