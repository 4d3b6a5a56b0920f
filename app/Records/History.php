<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Screws\AxisPair;

/** What the shop has known of a car, or of one sensor, over the years. */
final class History
{
    private const MOST = 100;

    /**
     * The orders of a car, by its plate, its VIN or both, newest first.
     *
     * @return array{car: array{plate: string|null, vin: string|null}, orders: list<array<string, mixed>>}
     */
    public static function ofCar(string $shop, ?string $plate, ?string $vin): array
    {
        $plate = $plate === null ? null : mb_strtolower(str_replace(' ', '', $plate));
        $columns = ['id', 'number', 'vehicle', 'plate', 'vin', 'created_at', 'closed', 'summary'];
        $orders = static fn(): Builder => DB::table('repair_orders')->where('shop_id', $shop)->where('practice', false)->select($columns)->orderByDesc('created_at')->limit(self::MOST);
        $found = [];
        // One question each, so that each has an index of its own.
        if ($plate !== null && $plate !== '') {
            $found = [...$found, ...$orders()->whereRaw("replace(lower(plate), ' ', '') = ?", [$plate])->get()->all()];
        }
        if ($vin !== null && $vin !== '') {
            $found = [...$found, ...$orders()->where('vin', mb_strtoupper($vin))->get()->all()];
        }
        $rows = [];
        foreach ($found as $row) {
            $rows[$row->id] = $row;
        }
        usort($rows, static fn(\stdClass $a, \stdClass $b): int => [$b->created_at, $b->id] <=> [$a->created_at, $a->id]);
        $tasks = self::tasks($shop, static fn(Builder $query) => $query->whereIn('t.repair_order_id', array_column($rows, 'id')));

        return [
            'car' => ['plate' => $rows[0]->plate ?? $plate, 'vin' => $rows[0]->vin ?? $vin],
            'orders' => array_map(static fn(\stdClass $row): array => [
                'id' => $row->id, 'number' => $row->number, 'vehicle' => $row->vehicle, 'plate' => $row->plate, 'vin' => $row->vin,
                'openedAt' => Moment::read($row->created_at), 'closed' => (bool) $row->closed,
                'operations' => self::decoded($row->summary)['operations'] ?? [],
                'sensors' => array_values(array_filter($tasks, static fn(array $task): bool => $task['order'] === $row->id)),
            ], $rows),
        ];
    }

    /**
     * The tasks of one sensor, by the serial number on its label, oldest first, with the electronic zeros given to it.
     *
     * @return array{serial: string, tasks: list<array<string, mixed>>}
     */
    public static function ofSensor(string $shop, string $serial): array
    {
        $tasks = self::tasks($shop, static fn(Builder $query) => $query->where('t.serial', $serial)->limit(self::MOST));
        $zeros = DB::table('record_events')->where('shop_id', $shop)->whereIn('sensor_task_id', array_column($tasks, 'task'))->where('kind', 'correction')->orderBy('version')->get(['sensor_task_id', 'payload', 'recorded_at', 'person']);
        $sum = new AxisPair(0.0, 0.0);
        foreach ($tasks as $i => $task) {
            $tasks[$i]['zeros'] = [];
            foreach ($zeros as $row) {
                $given = self::decoded($row->payload);
                if ($row->sensor_task_id !== $task['task'] || ($given['way'] ?? '') !== 'electronic') {
                    continue;
                }
                $zero = new AxisPair((float) ($given['azimuth'] ?? 0), (float) ($given['elevation'] ?? 0));
                $sum = $sum->plus($zero);
                $tasks[$i]['zeros'][] = [...get_object_vars($zero), 'sum' => get_object_vars($sum), 'person' => $row->person, 'at' => Moment::read($row->recorded_at)];
            }
        }

        return ['serial' => $serial, 'tasks' => $tasks];
    }

    /**
     * @param \Closure(Builder): Builder $of
     *
     * @return list<array<string, mixed>>
     */
    private static function tasks(string $shop, \Closure $of): array
    {
        $query = DB::table('sensor_tasks as t')
            ->join('repair_orders as o', static fn($on) => $on->on('o.shop_id', 't.shop_id')->on('o.id', 't.repair_order_id'))
            ->leftJoin('sealed_records as s', static fn($on) => $on->on('s.shop_id', 't.shop_id')->on('s.id', 't.sealed_record_id'))
            ->where('t.shop_id', $shop)
            ->where('o.practice', false)
            ->orderBy('o.created_at')
            ->orderBy('t.id')
            ->select(['t.id', 't.repair_order_id', 't.sensor', 't.serial', 't.part_number', 'o.number', 'o.vehicle', 'o.plate', 'o.created_at', 'o.summary', 's.outcome', 's.sealed_at', 's.revision']);

        return array_values($of($query)->get()->map(static function (\stdClass $row): array {
            $known = array_column(self::decoded($row->summary)['tasks'] ?? [], null, 'task')[$row->id] ?? [];

            return [
                'task' => $row->id,
                'order' => $row->repair_order_id,
                'number' => $row->number,
                'vehicle' => $row->vehicle,
                'plate' => $row->plate,
                'openedAt' => Moment::read($row->created_at),
                'sensor' => $row->sensor,
                'name' => $known['name'] ?? $row->sensor,
                'owed' => $known['owed'] ?? 'unknown',
                'serial' => $row->serial,
                'partNumber' => $row->part_number,
                'sealedAt' => $row->sealed_at === null ? null : Moment::read($row->sealed_at),
                'revision' => $row->revision === null ? null : (int) $row->revision,
                'outcome' => $row->outcome === null ? null : self::decoded($row->outcome),
                'verdict' => $known['verdict'] ?? null,
            ];
        })->all());
    }

    /** @return array<string, mixed> */
    private static function decoded(?string $json): array
    {
        $read = $json === null ? null : json_decode($json, true, 32, JSON_THROW_ON_ERROR);

        return is_array($read) ? $read : [];
    }
}
