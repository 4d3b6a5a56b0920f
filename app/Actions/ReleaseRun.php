<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Intake\Bar;
use Lumbro\Core\Journal\RunReleased;
use Lumbro\Core\Message\Message;

/** Somebody lets one run go ahead although it is barred, in their name and for a reason (need J25). */
final readonly class ReleaseRun
{
    public const FIELDS = [['name', 'reason'], []];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): RunReleased {
            $bars = array_map(static fn(Bar $bar): Message => $bar->says, $file->state()->bars);
            if ($bars === []) {
                throw Refusal::conflict('not-barred', 'The run is not barred; there is nothing to release.');
            }

            return new RunReleased($body->id, $user->name, $now, $body->text('name', 80, 2), $body->text('reason', 500, 10), $bars);
        });
    }
}
