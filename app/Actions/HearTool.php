<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\ConnectionLost;
use App\Devices\DeviceRoom;
use App\Failure\Refusal;
use App\Input\Body;
use App\Models\User;
use App\Records\Moment;
use App\Records\Recorder;
use App\Records\TaskFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Commands\HearTool as Hearing;
use Lumbro\Core\Commands\Situation;
use Lumbro\Core\Commands\Stamp;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Run\ToolReply;

/** What came of something the tool was asked: its answer, or that nobody can know it any more. */
final readonly class HearTool
{
    public const FIELDS = [[], ['givenUp']];

    public function __construct(private DeviceRoom $devices) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        $file = TaskFile::open($user, $task);
        $asked = $file->state()->run->log->pending;
        if ($asked === null) {
            return $file;
        }
        if ($body->flag('givenUp')) {
            return self::record($user, $task, static fn(Situation $now, Stamp $stamp): array => Hearing::givenUp($now, $asked, $stamp));
        }
        try {
            $reply = $this->devices->scanTool($file)->outcome($asked);
        } catch (ConnectionLost $lost) {
            throw Refusal::conflict('tool-silent', Message::of('tool.silent', ['tool' => $lost->tool]));
        }

        return self::answered($user, $task, $asked, $reply);
    }

    /** Asks the tool what was recorded as asked, and takes its answer down; where the connection is lost, that it was asked stands. */
    public function afterAsking(User $user, string $task, TaskFile $file, ToolAsked $asked): TaskFile
    {
        try {
            $reply = $this->devices->scanTool($file)->ask($asked);
        } catch (ConnectionLost) {
            return $file;
        }

        return self::answered($user, $task, $asked, $reply);
    }

    private static function answered(User $user, string $task, ToolAsked $asked, ToolReply $reply): TaskFile
    {
        return self::record($user, $task, static fn(Situation $now, Stamp $stamp): array => Hearing::answer($now, $asked, $reply, $stamp));
    }

    /** @param \Closure(Situation, Stamp): list<Line> $lines none where they are there by now */
    private static function record(User $user, string $task, \Closure $lines): TaskFile
    {
        return DB::transaction(static function () use ($user, $task, $lines): TaskFile {
            $file = TaskFile::open($user, $task, true);
            $id = static fn(): string => (string) Str::uuid7();
            Recorder::task($user, $file, $lines($file->journal->situation($user->asRole(), null, false), new Stamp($id(), $user->name, Moment::now(), $id)));

            return $file;
        });
    }
}
