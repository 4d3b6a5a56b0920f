<?php

declare(strict_types=1);

namespace App\Records;

use App\Failure\Refusal;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** The simulated cars that ship: each a file with a car, a card and a hidden truth. */
final class PracticeShelf
{
    /** @return list<array{id: string, car: string, work: list<Message>}> told by car and work alone: what is wrong with each is for the reader to find */
    public static function list(): array
    {
        $list = [];
        foreach (array_keys(self::files()) as $number) {
            $file = self::take($number);
            $sheet = Document::read(VehicleSheet::class, Node::parse((string) file_get_contents(base_path("database/demo/vehicles/{$file['vehicle']}.json"))));
            $list[] = [
                'id' => $number,
                'car' => sprintf('%s %s, %s', $sheet->make, $sheet->model, lcfirst($sheet->sensor($file['sensor'])->name ?? $file['sensor'])),
                'work' => array_map(static fn(string $operation): Message => Operation::fromCode($operation)->said($sheet), $file['operations']),
            ];
        }

        return $list;
    }

    /**
     * @param string $id its number in the list, or its file's own name
     *
     * @return array{title: string, vehicle: string, card: string, sensor: string, bay: string, operations: list<string>, truth: string}
     *
     * @throws Refusal where none of this name ships
     */
    public static function take(string $id): array
    {
        $files = self::files();
        $file = $files[$id] ?? $files[array_search($id, array_map(static fn(string $path): string => basename($path, '.json'), $files), true)] ?? throw Refusal::field('/scenario', Message::of('practice.no-car'));
        $f = self::fields((string) file_get_contents($file));

        return [
            'title' => $f['title']->line(80), 'vehicle' => $f['vehicle']->id(), 'card' => $f['card']->id(), 'sensor' => $f['sensor']->id(), 'bay' => $f['bay']->line(80),
            'operations' => array_map(static fn(Node $operation): string => $operation->line(80), $f['operations']->items()),
            'truth' => (string) json_encode($f['truth']->raw()),
        ];
    }

    /** @return array<string, string> number → path, in an order that tells nothing */
    private static function files(): array
    {
        $files = glob(base_path('database/demo/scenarios/*.json')) ?: [];
        usort($files, static fn(string $a, string $b): int => sha1(basename($a)) <=> sha1(basename($b)));
        $numbered = [];
        foreach ($files as $i => $file) {
            $numbered['car-' . ($i + 1)] = $file;
        }

        return $numbered;
    }

    /** @return array<array-key, Node> */
    private static function fields(string $json): array
    {
        return Node::parse($json)->fields(['title', 'teaches', 'vehicle', 'card', 'sensor', 'operations', 'truth', 'bay']);
    }
}
