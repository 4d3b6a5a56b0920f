<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Failure\UnreadableReading;
use Lumbro\Core\Journal\StandSet;
use Lumbro\Core\Measure\SidedLength;

/** The target is hung on another arm of its stand, or a plate set to another tilt (need J20). */
final readonly class SetStand
{
    public const FIELDS = [['tilt'], ['arm']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static fn(TaskFile $file, string $now): StandSet => new StandSet(
            $body->id,
            $user->name,
            $now,
            $body->has('arm') ? self::arm($body->text('arm', 60)) : null,
            $body->node('tilt')->between(-45, 45),
        ));
    }

    /** @throws InvalidInput where it cannot be read */
    private static function arm(string $typed): float
    {
        try {
            return SidedLength::fromReading($typed)->millimetres;
        } catch (UnreadableReading $unreadable) {
            throw InvalidInput::at('/arm', $unreadable);
        }
    }
}
