<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\DeviceRoom;
use App\Devices\RoutineFailed;
use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Procedure\Bar;
use Lumbro\Core\Record\Entry;
use Lumbro\Core\Record\RunFailed;
use Lumbro\Core\Record\RunMade;

/** The sensor's routine is run and its axis read, once the interlock lets it (need J25). */
final readonly class RunSensor
{
    public const FIELDS = [[], []];

    public function __construct(private Recorder $recorder, private DeviceRoom $devices) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, function (TaskFile $file, string $now) use ($user, $body): Entry {
            if (! $file->state()->mayRun()) {
                throw Refusal::runBarred(array_map(static fn(Bar $bar): string => $bar->text, $file->state()->bars));
            }
            try {
                $answer = $this->devices->scanTool($file)->readAxis();
            } catch (RoutineFailed $failure) {
                return new RunFailed($body->id, $user->name, $now, $failure->getMessage());
            }

            return new RunMade(
                $body->id,
                $user->name,
                $now,
                $answer->azimuth,
                $answer->elevation,
                $answer->echoLevel,
                $answer->message,
                $file->state()->reliance(),
            );
        });
    }
}
