<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Journal\BorderlineAccepted;
use Lumbro\Core\People\Act;

/** A border-line axis is accepted by name, where the shop's policy allows it and has been followed to its end (need J29). */
final readonly class AcceptBorderline
{
    public const FIELDS = [['name', 'reason'], []];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): BorderlineAccepted {
            RunGuard::open($file);
            if ($file->state()->present()->kind !== 'accept') {
                throw Refusal::conflict('not-borderline', 'Only an axis near its limit that more readings would not settle is accepted by name, and only where the shop\'s policy says so.');
            }
            if (! $user->may(Act::HandOver)) {
                throw Refusal::forbidden('An axis near its limit is accepted by a lead.');
            }

            return new BorderlineAccepted($body->id, $user->name, $now, $body->text('name', 80, 2), $body->text('reason', 500, 10));
        });
    }
}
