<?php

declare(strict_types=1);

namespace Lumbro\Core\Cli;

use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Placement\Aim;
use Lumbro\Core\Placement\Deviation;
use Lumbro\Core\Placement\PlacementTask;
use Lumbro\Core\Placement\ReadingPlan;

/** The JSON form of a plan of readings (formats, "plan"). */
final class PlanDocument
{
    /** @return array<string, mixed> */
    public static function plan(Node $node): array
    {
        $field = $node->fields(['network', 'target', 'reference', 'spec', 'candidates', 'aims'], ['sensor', 'setups']);
        [$network, $names] = NetworkDocument::read($field['network'], ['setup'], taken: false);
        $minutes = [];
        foreach (isset($field['setups']) ? $field['setups']->members() : [] as $name => $cost) {
            $minutes[(string) $name] = $cost->notNegative();
        }
        $candidates = $costs = $setups = [];
        $bounds = new Bounds();
        foreach ($field['candidates']->items() as $item) {
            $candidates[] = $candidate = ObservationFamily::read($item, $names, false, ['cost', 'setup']);
            $bounds->of($candidate, $item);
            $costs[] = ($item->member('cost') ?? throw InvalidInput::missing($item->path(), 'cost'))->notNegative();
            $setups[] = self::setUp($item->member('setup'), $minutes);
        }
        // What a reading already taken was set up for stands there.
        foreach ($field['network']->member('observations')?->items() ?? [] as $item) {
            unset($minutes[$item->member('setup')?->text() ?? '']);
        }
        $task = PlacementDocument::task($field, $network, $names, $candidates, $bounds->all);
        $aims = self::aims($field['aims'], $task, $names);
        $plan = ReadingPlan::of($task, $costs, $setups, $minutes, $aims);
        $written = [];
        foreach ($plan['aims'] as $name => $aim) {
            $unit = Deviation::isAngle($name) ? rad2deg(1) : 1.0;
            $written[$name] = [
                'uncertainty' => $aim['uncertainty'] === null ? null : $aim['uncertainty'] * $unit,
                'hidden' => $aim['hidden'] === null ? null : $aim['hidden'] * $unit,
                'met' => $aim['met'],
            ];
        }

        return [
            'met' => $plan['met'],
            'chosen' => array_map(static fn(int $i): string => $candidates[$i]->id(), $plan['chosen']),
            'cost' => $plan['cost'],
            'aims' => (object) $written,
        ];
    }

    /**
     * @param array<string, float> $minutes set-up → what it costs
     *
     * @throws InvalidInput where no set-up has that name
     */
    private static function setUp(?Node $node, array $minutes): ?string
    {
        if ($node === null) {
            return null;
        }
        $name = $node->text();
        if (! isset($minutes[$name])) {
            throw InvalidInput::because($node->path(), 'network.unknown', ['kind' => 'setup', 'name' => $name]);
        }

        return $name;
    }

    /** @return array<string, Aim> */
    private static function aims(Node $node, PlacementTask $task, Names $names): array
    {
        $aims = [];
        foreach ($node->fields([], PlacementDocument::present($task->facing, $task->sensor, $task->height, $names)) as $name => $aim) {
            $name = (string) $name;
            $a = $aim->fields([], ['uncertainty', 'hidden']);
            $of = static fn(string $figure): ?float => isset($a[$figure]) ? (Deviation::isAngle($name) ? deg2rad($a[$figure]->notNegative()) : $a[$figure]->notNegative()) : null;
            $aims[$name] = new Aim($of('uncertainty'), $of('hidden'));
        }

        return $aims;
    }
}
