<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Message\Message;

/** What the tool shows of the axis is typed, where no tool is connected: figures and signs as the tool shows them. */
final readonly class TypeReading
{
    public const FIELDS = [['azimuth', 'elevation'], ['level', 'message']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): RunMade {
            RunGuard::open($file);
            RunGuard::unbarred($file);
            $next = $file->state()->run->routine->next();
            if ($next !== null && $next->id !== $file->state()->run->routine->reading()->id) {
                throw Refusal::conflict('step-order', Message::of('step.before-read', ['step' => $next->said()]));
            }

            return new RunMade(
                $body->id,
                $user->name,
                $now,
                self::degrees($body, 'azimuth'),
                self::degrees($body, 'elevation'),
                $body->has('level') ? $body->node('level')->between(-200, 200) : null,
                $body->optionalText('message', 300) ?? 'typed from the tool\'s screen',
                $file->state()->reliance(),
            );
        });
    }

    private static function degrees(Body $body, string $axis): float
    {
        return $body->node($axis)->between(-45, 45);
    }
}
