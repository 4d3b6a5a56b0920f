<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Axis\PlateSwing;
use Lumbro\Core\Measure\Node;

/** The JSON form of a plate swing (formats, "swing"). */
final class SwingDocument
{
    /** @return array<string, float> degrees */
    public static function swing(Node $node): array
    {
        $f = $node->fields(['pitch', 'levels'], ['s']);
        [$minus, $zero, $plus] = $f['levels']->items(3);
        $swing = PlateSwing::of(
            $f['pitch']->positive(),
            $minus->number(),
            $zero->number(),
            $plus->number(),
            isset($f['s']) ? $f['s']->notNegative() : null,
        );

        return ['peak' => $swing->peak] + ($swing->uncertainty === null ? [] : ['uncertainty' => $swing->uncertainty]);
    }
}
