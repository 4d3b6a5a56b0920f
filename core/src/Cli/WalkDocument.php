<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Axis\Walk;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;

/** The JSON form of a walk (formats, "walk"). */
final class WalkDocument
{
    /** @return array<string, float|bool> degrees */
    public static function walk(Node $node): array
    {
        $f = $node->fields(['readings', 's']);
        $readings = array_map(static fn(Node $reading): float => $reading->number(), $f['readings']->items());
        if (count($readings) < Walk::LEAST) {
            throw InvalidInput::because($f['readings']->path(), 'axis.walk', ['least' => Walk::LEAST]);
        }
        $walk = Walk::of($readings, $f['s']->positive());

        return ['mean' => $walk->mean, 'spread' => $walk->spread, 'uncertainty' => $walk->uncertainty, 'interference' => $walk->interference];
    }
}
