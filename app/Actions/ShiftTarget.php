<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Journal\TargetShifted;
use Lumbro\Core\Measure\SidedLength;

/** The target is shifted along its bar for a shift test, or put back to its mark. */
final readonly class ShiftTarget
{
    public const FIELDS = [['typed'], []];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): TargetShifted {
            RunGuard::open($file);
            $typed = $body->text('typed', 60);
            try {
                $across = SidedLength::fromReading($typed)->millimetres;
            } catch (UnreadableReading $unreadable) {
                throw InvalidInput::at('/typed', $unreadable);
            }
            if ($across !== 0.0) {
                RunGuard::wasRead($file);
            }
            if ($across !== 0.0 && $file->state()->run->log->shift !== 0.0) {
                throw Refusal::field('/typed', 'The target is shifted already: put it back to its mark first, with 0.');
            }

            return new TargetShifted($body->id, $user->name, $now, $across, $typed);
        });
    }
}
