<?php

declare(strict_types=1);

namespace App\Day;

use App\Records\ShopClock;
use App\Records\StageTimes;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Day\Progress;
use Lumbro\Core\Day\Timetable;
use Lumbro\Core\Day\Worked;

/** What has been worked at the sensors of open orders, and who is at one now. */
final class ProgressBook
{
    /** @var array<string, list<\stdClass>> task → its stages */
    private array $rows = [];

    /** @var array<string, array{string, string}> person → task and stage of their last line */
    private array $at = [];

    public function __construct(string $shop, private readonly ShopClock $clock, private readonly ?Timetable $told)
    {
        $rows = DB::table('stage_times as s')
            ->join('sensor_tasks as t', static fn($on) => $on->on('t.shop_id', 's.shop_id')->on('t.id', 's.sensor_task_id'))
            ->join('repair_orders as o', static fn($on) => $on->on('o.shop_id', 't.shop_id')->on('o.id', 't.repair_order_id'))
            ->where('s.shop_id', $shop)->where('o.closed', false)
            ->orderBy('s.last_at')
            ->get(['s.*']);
        foreach ($rows as $row) {
            $this->rows[$row->sensor_task_id][] = $row;
            $person = StageTimes::most($row->people);
            if ($person !== null) {
                $this->at[$person] = [$row->sensor_task_id, $row->stage];
            }
        }
    }

    /**
     * @param string                      $order
     * @param array<string, string>       $tasks task → sensor
     * @param string|null                 $bay   it stands in
     * @param array<string, list<string>> $units sensor → those that serve it, where no plan told which it has
     *
     * @return list<Progress>
     */
    public function of(string $order, array $tasks, ?string $bay, array $units): array
    {
        $now = $this->clock->minute($this->clock->now);
        $progress = [];
        foreach ($tasks as $task => $sensor) {
            foreach ($this->rows[$task] ?? [] as $row) {
                $person = StageTimes::most($row->people);
                $last = $this->clock->minute(new \DateTimeImmutable($row->last_at));
                $progress[] = new Progress(
                    $sensor,
                    $row->stage,
                    $this->clock->minute(new \DateTimeImmutable($row->began_at)),
                    $last,
                    (float) $row->minutes,
                    $row->ended_at === null && $now - $last <= Worked::PAUSE && $person !== null && ($this->at[$person] ?? null) === [$task, $row->stage],
                    $person,
                    $bay,
                    $this->units("$order $sensor $row->stage") ?? (in_array($row->stage, ['place', 'run', 'prove'], true) ? $units[$sensor] ?? [] : []),
                );
            }
        }

        return $progress;
    }

    /** @return list<string>|null what the plan in force told for a stage */
    private function units(string $stage): ?array
    {
        return $this->told->slots[$stage]->units ?? null;
    }
}
