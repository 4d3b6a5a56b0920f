<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Work on a demo order that was done once, kept as the rows it left, and put down again for the next test: every test
 * works in a transaction that is taken back, and to work a set-up through takes longer than most of what is tested on it.
 */
final class WorkDone
{
    private const LINES = ['order_events', 'readings', 'record_events'];

    /** @var array<string, array{lines: array<string, list<array<string, mixed>>>, changed: array<string, array<string, array<string, mixed>>>}> what was done → its rows, and what it changed in others */
    private static array $kept = [];

    /** Does it, or puts down what it left when it was done first. */
    public static function once(string $what, string $order, \Closure $work): void
    {
        // What was written before in this test may have led the work elsewhere.
        if (DB::scalar('select pg_current_xact_id_if_assigned()') !== null) {
            $work();

            return;
        }
        if (! isset(self::$kept[$what])) {
            [$before, $others] = [self::lines($order), self::others($order)];
            $work();
            $lines = self::lines($order);
            foreach ($lines as $table => $rows) {
                $lines[$table] = array_values(array_udiff($rows, $before[$table], static fn(array $a, array $b): int => $a['id'] <=> $b['id']));
            }
            $changed = self::others($order);
            foreach ($changed as $table => $rows) {
                foreach ($rows as $id => $row) {
                    $changed[$table][$id] = array_diff_key(array_diff_assoc($row, $others[$table][$id]), ['words' => true]);
                }
            }
            self::$kept[$what] = ['lines' => $lines, 'changed' => array_map(array_filter(...), $changed)];

            return;
        }
        foreach (self::$kept[$what]['lines'] as $table => $rows) {
            DB::table($table)->insert($rows);
        }
        foreach (self::$kept[$what]['changed'] as $table => $rows) {
            foreach ($rows as $id => $changed) {
                DB::table($table)->where('id', $id)->update($changed);
            }
        }
    }

    /** @return array<string, list<array<string, mixed>>> table → rows */
    private static function lines(string $order): array
    {
        $lines = [];
        foreach (self::LINES as $table) {
            $rows = $table === 'order_events'
                ? DB::table($table)->where('repair_order_id', $order)
                : DB::table($table)->whereIn('sensor_task_id', DB::table('sensor_tasks')->where('repair_order_id', $order)->select('id'));
            $lines[$table] = $rows->orderBy('id')->get()->map(static fn(\stdClass $row): array => (array) $row)->all();
        }

        return $lines;
    }

    /** @return array<string, array<string, array<string, mixed>>> table → id → row */
    private static function others(string $order): array
    {
        $rows = static fn(Builder $of): array => $of->get()->mapWithKeys(static fn(\stdClass $row): array => [(string) $row->id => (array) $row])->all();

        return [
            'repair_orders' => $rows(DB::table('repair_orders')->where('id', $order)),
            'sensor_tasks' => $rows(DB::table('sensor_tasks')->where('repair_order_id', $order)),
        ];
    }
}
