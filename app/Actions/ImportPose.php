<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Input\Body;
use App\Models\User;
use App\Records\Moment;
use App\Records\Recorder;
use App\Records\TaskFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Codec\PoseDocument;
use Lumbro\Core\Commands\Command;
use Lumbro\Core\Commands\Stamp;
use Lumbro\Core\Commands\TakePose;
use Lumbro\Core\Failure\AsksFirst;
use Lumbro\Core\Journal\Line;

/** A rig's file becomes the three readings of the reported pose, all or none; one far off is asked about. */
final readonly class ImportPose
{
    public const FIELDS = [['pose'], ['confirmed']];

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return DB::transaction(static function () use ($user, $task, $body): TaskFile {
            $file = TaskFile::open($user, $task, true);
            if ($file->has($body->id)) {
                return $file;
            }
            if ($file->isSealed()) {
                throw Refusal::sealed();
            }
            $pose = PoseDocument::read($body->node('pose'));
            $now = $file->journal->situation($user->asRole(), null, false);
            $stamp = new Stamp($body->id, $user->name, Moment::now(), static fn(): string => (string) Str::uuid7());
            try {
                $lines = array_map(static fn(Line $line): Line => Command::settle($now, $line, $body->flag('confirmed')), TakePose::lines($now, $pose->rig, $pose->readings(), $stamp));
            } catch (AsksFirst $asks) {
                throw AsksFirst::about('/pose', $asks->said);
            }
            Recorder::task($user, $file, $lines);

            return $file;
        });
    }
}
