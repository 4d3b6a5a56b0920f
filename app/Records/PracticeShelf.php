<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Refusal;
use Lumbro\Core\Document\Node;

/** The simulated cars that ship: each a file with a car, a card and a hidden truth. */
final class PracticeShelf
{
    /** @return list<array{id: string, title: string, teaches: string}> in the order of their titles; nothing of the truth is told */
    public static function list(): array
    {
        $list = [];
        foreach (glob(self::folder() . '*.json') ?: [] as $file) {
            $f = self::fields((string) file_get_contents($file));
            $list[] = ['id' => basename($file, '.json'), 'title' => $f['title']->line(80), 'teaches' => $f['teaches']->line(200)];
        }
        usort($list, static fn(array $a, array $b): int => $a['title'] <=> $b['title']);

        return $list;
    }

    /**
     * @return array{title: string, vehicle: string, card: string, sensor: string, bay: string, operations: list<string>, truth: string}
     *
     * @throws Refusal where none of this name ships
     */
    public static function take(string $id): array
    {
        $file = self::folder() . $id . '.json';
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/', $id) !== 1 || ! is_file($file)) {
            throw Refusal::field('/scenario', 'No simulated car of this name ships.');
        }
        $f = self::fields((string) file_get_contents($file));

        return [
            'title' => $f['title']->line(80), 'vehicle' => $f['vehicle']->id(), 'card' => $f['card']->id(), 'sensor' => $f['sensor']->id(), 'bay' => $f['bay']->line(80),
            'operations' => array_map(static fn(Node $operation): string => $operation->line(80), $f['operations']->items()),
            'truth' => (string) json_encode($f['truth']->raw()),
        ];
    }

    /** @return array<array-key, Node> */
    private static function fields(string $json): array
    {
        return Node::parse($json)->fields(['title', 'teaches', 'vehicle', 'card', 'sensor', 'operations', 'truth', 'bay']);
    }

    private static function folder(): string
    {
        return base_path('database/demo/scenarios/');
    }
}
