<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Connection;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/**
 * A demo shop after many years: copies of its closed order, each with its own car, sensor and readings. Run as the
 * tables' owner on a database that has the demo; for benchmarks.
 */
final class LargeShopSeeder extends Seeder
{
    /** Orders that are still in the shop, whatever its past. */
    private const OPEN = 40;

    private const READINGS = 30;

    /** At a time, so that the server's memory is not asked for all of it at once. */
    private const BATCH = 20_000;

    public function run(int $orders = 200_000): void
    {
        $database = DB::connection('owner');
        $model = $database->table('repair_orders as o')->join('sensor_tasks as t', 't.repair_order_id', 'o.id')
            ->where('o.number', '2463')->where('t.sensor', 'front')->first(['o.id', 't.id as task']);
        if ($model === null) {
            throw new \RuntimeException('The large shop grows out of the demo; seed that first.');
        }
        // The rows are right by how they are made; proving it row by row would take an hour.
        $database->statement('set session_replication_role = replica');
        for ($first = 1; $first <= $orders; $first += self::BATCH) {
            $this->batch($database, $model, $first, min($orders, $first + self::BATCH - 1), $orders);
        }
        $database->statement('set session_replication_role = default');
        foreach (['repair_orders', 'sensor_tasks', 'readings', 'record_events', 'order_events', 'sealed_records'] as $table) {
            $database->statement("vacuum (analyze) $table");
        }
    }

    private function batch(Connection $database, \stdClass $model, int $first, int $last, int $orders): void
    {
        // Ids count upwards as those of real work do: version 7 in form, made of the order's number.
        $id = static fn(string $kind, string $number): string => "('01990000-00$kind-7000-8000-' || lpad(to_hex($number), 12, '0'))::uuid";
        $n = "generate_series($first, $last) n";
        $from = static fn(string $table, string $column, string $key): string => "from $table m cross join $n where m.$column = '$key'";
        $database->statement(
            "insert into repair_orders (shop_id, id, number, vehicle, plate, vin, vehicle_sheet_id, bay_id, created_at, summary, closed, search)
             select m.shop_id, {$id('01', 'n')}, (300000 + n)::text, m.vehicle, 'LS ' || n || ' Q', '0CLLRG' || lpad(n::text, 11, '0'), m.vehicle_sheet_id, m.bay_id,
                    now() - n * interval '13 minutes', jsonb_set(m.summary, '{tasks,0,task}', to_jsonb({$id('02', 'n')}::text)), n > least(" . self::OPEN . ", $orders / 2),
                    lower((300000 + n) || ' ' || m.vehicle || ' ls ' || n || ' q ls' || n || 'q 0cllrg' || lpad(n::text, 11, '0') || ' ' || right(lpad(n::text, 11, '0'), 8) || ' ' || right(lpad(n::text, 11, '0'), 6) || ' clr-' || n || '-012')
             {$from('repair_orders', 'id', $model->id)}",
        );
        $database->statement(
            "insert into sensor_tasks (shop_id, id, repair_order_id, sensor, procedure_card_id, sealed_record_id, serial, part_number)
             select m.shop_id, {$id('02', 'n')}, {$id('01', 'n')}, m.sensor, m.procedure_card_id, {$id('03', 'n')}, 'CLR-' || n || '-012', m.part_number
             {$from('sensor_tasks', 'id', $model->task)}",
        );
        $database->statement(
            "insert into sealed_records (shop_id, id, sensor_task_id, record, hash, user_id, sealed_at, revision, outcome)
             select m.shop_id, {$id('03', 'n')}, {$id('02', 'n')}, '{\"handover\":null,\"proven\":true}', encode(sha256(n::text::bytea), 'hex'), m.user_id, now() - n * interval '13 minutes', 1, m.outcome
             {$from('sealed_records', 'sensor_task_id', $model->task)} and m.revision = 1",
        );
        $database->statement(
            "insert into record_events (shop_id, id, sensor_task_id, version, user_id, person, recorded_at, kind, payload)
             select m.shop_id, {$id('04', 'n * 100 + m.version')}, {$id('02', 'n')}, m.version, m.user_id, m.person, m.recorded_at, m.kind, m.payload
             {$from('record_events', 'sensor_task_id', $model->task)} and m.kind in ('run', 'correction')",
        );
        $database->statement(
            "insert into order_events (shop_id, id, repair_order_id, version, user_id, person, recorded_at, kind, payload)
             select m.shop_id, {$id('05', 'n * 200 + m.version')}, {$id('01', 'n')}, m.version, m.user_id, m.person, m.recorded_at, m.kind, m.payload
             {$from('order_events', 'repair_order_id', $model->id)} and m.kind in ('operation', 'cover')",
        );
        $database->statement(
            "insert into readings (shop_id, id, sensor_task_id, version, user_id, person, recorded_at, call, typed, millimetres, unit, instrument)
             select m.shop_id, {$id('06', 'n * ' . self::READINGS . ' + r')}, {$id('02', 'n')}, 1000 + r, m.user_id, m.person, m.recorded_at, m.call, m.typed, m.millimetres + r, m.unit, m.instrument
             from (select * from readings where sensor_task_id = '{$model->task}' order by version limit 1) m cross join $n cross join generate_series(1, " . self::READINGS . ') r',
        );
    }
}
