<?php

declare(strict_types=1);

namespace App\Records;

use App\Failure\Refusal;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Codec\ToolLogDocument;
use Lumbro\Core\Message\Message;

/** The session log of a task's scan tool, as it was last loaded: a later one goes on from the one before. */
final class ToolLog
{
    public static function of(TaskFile $file): ?string
    {
        $log = DB::table('tool_logs')->where('shop_id', $file->row->shop_id)->where('sensor_task_id', $file->row->id)->orderByDesc('id')->value('log');

        return is_string($log) ? $log : null;
    }

    /** @throws Refusal where it is another session than the one loaded before */
    public static function keep(User $user, TaskFile $file, string $log): int
    {
        $lines = count(ToolLogDocument::read($log));
        $before = self::of($file);
        if ($before !== null && ! str_starts_with(trim($log) . "\n", trim($before) . "\n")) {
            throw Refusal::field('', Message::of('tool-log.other-session'));
        }
        DB::table('tool_logs')->insert([
            'shop_id' => $file->row->shop_id, 'id' => (string) Str::uuid7(), 'sensor_task_id' => $file->row->id, 'user_id' => $user->id, 'loaded_at' => Moment::now(), 'log' => $log,
        ]);

        return $lines;
    }
}
