<?php

declare(strict_types=1);

namespace App\Devices\Simulated;

use App\Devices\CodeReader;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\Stored;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\ShopRules\OwedState;
use Lumbro\Core\Catalogue\ShopRules\TroubleCode;
use Lumbro\Core\Journal\RunFailed;
use Lumbro\Core\Journal\RunMade;
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
        $learned = $this->learned();
        foreach ($state->sheet->sensors as $sensor) {
            if ($state->owed[$sensor->id]->state === OwedState::Owed && ! in_array($sensor->id, $learned, true)) {
                $codes[] = new TroubleCode($sensor->name, 'C2A52', 'Axis not learned', 'stored');
            }
        }
        if ($noise->draw('engine') > 0) {
            $codes[] = new TroubleCode('Engine', 'P0442', 'Small leak in the fuel vapour system', 'pending');
        }

        return new Scan('Simulated bench scan tool', Moment::now(), $codes, round(12.8 + 0.2 * $noise->draw('voltage'), 1));
    }

    /** @return list<string> sensors that stored an axis in their last run: it came through and found them within their limits, whatever Lumbro made of it */
    private function learned(): array
    {
        $learned = [];
        foreach ($this->file->tasks as $task) {
            $last = DB::table('record_events')->where('shop_id', $this->file->row->shop_id)->where('sensor_task_id', $task->id)
                ->whereIn('kind', [RunMade::KIND, RunFailed::KIND])->orderByDesc('version')->first(['kind', 'payload']);
            if ($last !== null && $last->kind === RunMade::KIND && $this->isWithin($task->sensor, Stored::decoded($last->payload))) {
                $learned[] = $task->sensor;
            }
        }

        return $learned;
    }

    /** Whether what was read lies within the limits of the sensor's card, where it gives them. */
    private function isWithin(string $sensor, mixed $read): bool
    {
        $card = $this->file->journal->context->cards[$sensor]->sensor ?? null;
        if ($card === null || ! $read instanceof \stdClass) {
            return true;
        }
        foreach (['azimuth' => $card->limitAzimuth, 'elevation' => $card->limitElevation] as $axis => $limit) {
            if ($limit !== null && is_numeric($read->{$axis} ?? null) && abs((float) $read->{$axis}) > $limit) {
                return false;
            }
        }

        return true;
    }
}
