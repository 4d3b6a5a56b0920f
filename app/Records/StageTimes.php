<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Day\Durations;
use Lumbro\Core\Day\SensorWork;
use Lumbro\Core\Day\Taken;
use Lumbro\Core\Day\Worked;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Journal\Line;

/** How long the stages of a shop's tasks take: noted with every line, learned from by the plan of a day. */
final class StageTimes
{
    /** What is typed in one go at the end says nothing of how long it took. */
    private const SHORTEST = 1.0;

    /** As many of the latest as are learned from. */
    private const LEARNED = 3_000;

    /**
     * A line was written at a task.
     *
     * @param string|null $was the stage it was written in
     * @param string|null $is  the stage the task has come to
     */
    public static function note(User $user, TaskFile $file, ?string $was, ?string $is): void
    {
        if ($file->order->row->practice || $was === null || ! in_array($was, SensorWork::STAGES, true)) {
            return;
        }
        $rows = DB::table('stage_times')->where('shop_id', $user->shop_id)->where('sensor_task_id', $file->row->id)->get();
        $now = Moment::iso(ShopClock::of($user->shop_id)->now);
        $last = $rows->max('last_at');
        $gap = is_string($last) ? self::minutes($last, $now) : INF;
        $goesOn = $gap >= 0 && $gap <= Worked::PAUSE;
        $row = $rows->firstWhere('stage', $was);
        $people = $row === null ? [] : (array) json_decode($row->people, true);
        $people[$user->id] = (int) ($people[$user->id] ?? 0) + 1;
        $noted = ['last_at' => $now, 'ended_at' => $is === $was ? null : $now, 'minutes' => ($row === null ? 0.0 : (float) $row->minutes) + ($goesOn ? $gap : 0.0), 'people' => json_encode((object) $people, JSON_THROW_ON_ERROR), 'school' => $file->plan()->schools[0] ?? null];
        $key = ['shop_id' => $user->shop_id, 'sensor_task_id' => $file->row->id, 'stage' => $was];
        if ($row === null) {
            DB::table('stage_times')->insert([...$key, ...$noted, 'sensor_kind' => $file->context()->sensor->kind, 'began_at' => $goesOn ? $last : $now, 'told' => self::told($user->shop_id, $file, $was)]);
        } else {
            DB::table('stage_times')->where($key)->update($noted);
        }
    }

    /**
     * Lines were written at an order: what prepares the car is the preparation of its first sensor that is owed one.
     *
     * @param OrderFile         $file  as it was
     * @param OrderFile         $now   as it is
     * @param array<Line>       $lines
     */
    public static function noteCar(User $user, OrderFile $file, OrderFile $now, array $lines): void
    {
        if (array_filter($lines, static fn(Line $line): bool => $line instanceof ConditionAnswered) === []) {
            return;
        }
        foreach (OrderSummary::tasks($file) as $task => $stage) {
            if ($stage === 'prepare') {
                foreach ($now->tasks as $row) {
                    if ($row->id === $task) {
                        $open = TaskFile::within($now, $row);
                        self::note($user, $open, $stage, $open->state()->stage()->value);
                    }
                }

                return;
            }
        }
    }

    /** What a shop's own records have taught of its durations. */
    public static function learned(string $shop): Durations
    {
        return Durations::learned(array_values(self::taken($shop)));
    }

    /** @return array<string, Taken> when it ended, and an id → each stage that ended, the latest first */
    public static function taken(string $shop): array
    {
        $rows = DB::table('stage_times')->where('shop_id', $shop)->whereNotNull('ended_at')->where('minutes', '>=', self::SHORTEST)->orderByDesc('ended_at')->limit(self::LEARNED)->get();

        return $rows->mapWithKeys(static fn(\stdClass $row): array => ["$row->ended_at | $row->sensor_task_id $row->stage" => new Taken($row->stage, (float) $row->minutes, $row->sensor_kind, $row->school, self::most($row->people), $row->told === null ? null : (float) $row->told)])->all();
    }

    /** Who wrote most of the lines. */
    public static function most(string $people): ?string
    {
        $counts = (array) json_decode($people, true);
        arsort($counts);
        $first = array_key_first($counts);

        return $first === null ? null : (string) $first;
    }

    /** Minutes that the plan in force told for it. */
    private static function told(string $shop, TaskFile $file, string $stage): ?float
    {
        $day = DB::table('day_plans')->where('shop_id', $shop)->orderByDesc('date')->orderByDesc('version')->value('day');
        if (! is_string($day)) {
            return null;
        }
        $order = $file->row->order_id;
        foreach (json_decode($day, true, 64, JSON_THROW_ON_ERROR)['cars'] ?? [] as $car) {
            foreach ($car['id'] === $order ? $car['parts'] : [] as $part) {
                // A line is surveyed for all sensors of its stance; the other stages name their own sensor.
                $isOwn = $part['id'] === "$order {$file->row->sensor}" || str_ends_with($part['id'], ' line') && in_array($file->row->sensor, explode('+', (string) $part['stance']), true);
                foreach ($isOwn ? $part['stages'] : [] as $one) {
                    if ($one['kind'] === $stage) {
                        return (float) $one['minutes'];
                    }
                }
            }
        }

        return null;
    }

    private static function minutes(string $from, string $to): float
    {
        return ((float) (new \DateTimeImmutable($to))->format('U.u') - (float) (new \DateTimeImmutable($from))->format('U.u')) / 60;
    }
}
