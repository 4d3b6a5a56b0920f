<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\ConnectionLost;
use App\Devices\DeviceRoom;
use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Card\ToolCommand;
use Lumbro\Core\Journal\Corrected;
use Lumbro\Core\Journal\LevelRead;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Journal\ToolAnswered;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Run\ToolReply;

/** What came of something the tool was asked: its answer, or that nobody can know it any more. */
final readonly class HearTool
{
    public const FIELDS = [[], ['givenUp']];

    public function __construct(private Recorder $recorder, private DeviceRoom $devices) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        $file = TaskFile::open($user, $task);
        $asked = $file->state()->run->log->pending;
        if ($asked === null) {
            return $file;
        }
        if ($body->flag('givenUp')) {
            return $this->recorder->follow($user, $task, static fn(TaskFile $file, string $now): array => self::isOpen($file, $asked)
                ? [new ToolAnswered((string) Str::uuid7(), $user->name, $now, $asked->id, 'lost', 'No answer came, and the tool does not tell what became of it.')]
                : []);
        }
        try {
            $reply = $this->devices->scanTool($file)->outcome($asked);
        } catch (ConnectionLost $lost) {
            throw Refusal::conflict('tool-silent', Message::of('tool.silent', ['tool' => $lost->tool]));
        }

        return $this->record($user, $task, $asked, $reply);
    }

    /** Records an answer, once. */
    public function record(User $user, string $task, ToolAsked $asked, ToolReply $reply): TaskFile
    {
        return $this->recorder->follow($user, $task, static fn(TaskFile $file, string $now): array => self::isOpen($file, $asked) ? self::lines($user, $file, $now, $asked, $reply) : []);
    }

    private static function isOpen(TaskFile $file, ToolAsked $asked): bool
    {
        return $file->state()->run->log->pending?->id === $asked->id;
    }

    /** @return list<Line> */
    private static function lines(User $user, TaskFile $file, string $now, ToolAsked $asked, ToolReply $reply): array
    {
        $id = static fn(): string => (string) Str::uuid7();
        $level = $reply->values['level'] ?? null;
        if ($asked->command === ToolCommand::Read && $reply->outcome === 'done') {
            return $reply->isReading()
                ? [new RunMade($id(), $user->name, $now, (float) $reply->azimuth, (float) $reply->elevation, is_float($level) ? $level : null, $reply->message, $file->state()->reliance(), $asked->id)]
                : [new ToolAnswered($id(), $user->name, $now, $asked->id, 'nonsense', mb_strimwidth("$reply->message (no axis among it)", 0, 300, '…'))];
        }
        $answered = new ToolAnswered($id(), $user->name, $now, $asked->id, $reply->outcome, $reply->message, $reply->values, $reply->codes, $reply->wiped);

        return match (true) {
            $reply->outcome !== 'done' => [$answered],
            $asked->command === ToolCommand::Zero => [$answered, new Corrected($id(), $user->name, $now, 'electronic', [], (float) $asked->values['azimuth'], (float) $asked->values['elevation'], $asked->id)],
            $asked->command === ToolCommand::Level && is_float($level) => [$answered, new LevelRead($id(), $user->name, $now, self::position($file), $level)],
            default => [$answered],
        };
    }

    /** The plate's position that is due. */
    private static function position(TaskFile $file): string
    {
        $order = $file->context->card->adjustment->order ?? [];

        return $order[count($file->state()->run->log->levels)] ?? $order[0] ?? 'square';
    }
}
