<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\CauseChecked;

/** A possible cause was looked into (need J30). */
final readonly class LookIntoCause
{
    public const FIELDS = [['cause', 'found'], ['note']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): CauseChecked {
            RunGuard::open($file);

            return new CauseChecked($body->id, $user->name, $now, $body->node('cause')->oneOf(array_column(Cause::cases(), 'value')), $body->node('found')->flag(), $body->optionalText('note', 300) ?? '');
        });
    }
}
