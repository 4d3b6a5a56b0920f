<?php

declare(strict_types=1);

namespace App\Devices\Simulated;

use App\Devices\CodeReader;
use App\Records\Moment;
use App\Records\OrderFile;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Journal\Scan;
use Lumbro\Core\Practice\SeededNoise;

/** Answers as a car would whose sensors lost their axis: what was worked on has stored it, and the engine has its own trouble. */
final readonly class SimulatedCodeReader implements CodeReader
{
    public function __construct(private OrderFile $file) {}

    public function scan(): Scan
    {
        $state = $this->file->state();
        $noise = new SeededNoise(crc32($this->file->row->number));
        $codes = [];
        $proven = $this->proven();
        foreach ($state->sheet->sensors as $sensor) {
            if ($state->owed[$sensor->id]->state === OwedState::Owed && ! in_array($sensor->id, $proven, true)) {
                $codes[] = new TroubleCode($sensor->name, 'C2A52', 'Axis not learned', 'stored');
            }
        }
        if ($noise->draw('engine') > 0) {
            $codes[] = new TroubleCode('Engine', 'P0442', 'Small leak in the fuel vapour system', 'pending');
        }

        return new Scan('Simulated bench scan tool', Moment::now(), $codes, round(12.8 + 0.2 * $noise->draw('voltage'), 1));
    }

    /** @return list<string> sensors whose axis was learned and proven since, as the order's list has them */
    private function proven(): array
    {
        $summary = is_string($this->file->row->summary ?? null) ? json_decode($this->file->row->summary, true, 16, JSON_THROW_ON_ERROR) : [];

        return array_column(array_filter($summary['tasks'] ?? [], static fn(array $task): bool => ($task['verdict'] ?? null) === 'holds'), 'sensor');
    }
}
