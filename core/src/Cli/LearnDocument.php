<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Measure\Node;
use Lumbro\Core\Survey\Learned;

/** The JSON form of what a shop's residuals teach (formats, "learn"). */
final class LearnDocument
{
    /** @return array<string, mixed> */
    public static function learn(Node $node): array
    {
        $f = $node->fields(['residuals'], ['weight']);
        $weight = isset($f['weight']) ? $f['weight']->positive() : Learned::WEIGHT;
        $kinds = [];
        foreach ($f['residuals']->items() as $item) {
            $r = $item->fields(['kind', 'residual', 's', 'redundancy']);
            $kinds[$r['kind']->text()][] = ['residual' => $r['residual']->number(), 's' => $r['s']->positive(), 'redundancy' => $r['redundancy']->notNegative()];
        }
        $written = [];
        foreach ($kinds as $kind => $residuals) {
            $learned = Learned::from($residuals, $weight);
            $written[$kind] = ['factor' => $learned->factor, 'readings' => $learned->readings, 'redundancy' => $learned->redundancy];
        }

        return ['kinds' => (object) $written];
    }
}
