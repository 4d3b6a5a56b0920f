<?php

declare(strict_types=1);

namespace App\Records;

use App\Live\News;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Who is at which reading of a task, so that two people do not measure the same. A device holds one at a time, and lets go by itself. */
final class HeldCalls
{
    /** Minutes after which a reading that nobody took is anybody's again. */
    private const MINUTES = 2;

    /**
     * @param string      $device by which a session is known to others
     * @param string|null $call   null lets go
     */
    public static function take(User $user, string $order, string $task, string $device, ?string $call): void
    {
        DB::transaction(static function () use ($user, $order, $task, $device, $call): void {
            DB::select('select pg_advisory_xact_lock(hashtext(?))', ["held $task"]);
            $before = self::of($user, $task, $device);
            $ofTask = static fn() => DB::table('held_calls')->where('shop_id', $user->shop_id)->where('sensor_task_id', $task);
            $ofTask()->where('held_at', '<=', self::since())->delete();
            $now = Moment::now();
            // Whoever goes on holding one keeps the place among all who hold one.
            if ($call === null || $ofTask()->where('device', $device)->where('call', $call)->update(['held_at' => $now]) === 0) {
                $ofTask()->where('device', $device)->delete();
                $call === null || DB::table('held_calls')->insertOrIgnore(['shop_id' => $user->shop_id, 'sensor_task_id' => $task, 'call' => $call, 'device' => $device, 'person' => $user->name, 'taken_at' => $now, 'held_at' => $now]);
            }
            // Held on to is no news.
            if (self::of($user, $task, $device) !== $before) {
                News::held($order, $task);
            }
        });
    }

    /** @return list<array{call: string, person: string, own: bool}> in the order in which they were taken */
    public static function of(User $user, string $task, string $device): array
    {
        return array_values(DB::table('held_calls')->where('shop_id', $user->shop_id)->where('sensor_task_id', $task)->where('held_at', '>', self::since())
            ->orderBy('taken_at')->orderBy('call')->get(['call', 'person', 'device'])
            ->map(static fn(\stdClass $row): array => ['call' => $row->call, 'person' => $row->person, 'own' => $row->device === $device])->all());
    }

    private static function since(): string
    {
        return Moment::iso((new \DateTimeImmutable('now'))->modify('-' . self::MINUTES . ' minutes'));
    }
}
