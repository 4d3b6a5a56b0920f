<?php

declare(strict_types=1);

namespace App\Practice;

use App\Failure\Refusal;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;

/** Keeps back what Lumbro makes of a simulated car whose learner works without advice, until there is an answer. */
final class Hidden
{
    /** @throws Refusal where the task, or a task of the order, is practised without advice */
    public static function refuse(User $user, ?string $task, ?string $order): void
    {
        $runs = DB::table('practice_runs')->where('shop_id', $user->shop_id)->whereNull('ended_at')
            ->when($task !== null, static fn($query) => $query->where('sensor_task_id', $task), static fn($query) => $query->where('repair_order_id', $order))
            ->get();
        foreach ($runs as $run) {
            if (Runs::isHidden($run)) {
                throw Refusal::conflict('practice-hidden', Message::of('practice.hidden'));
            }
        }
    }
}
