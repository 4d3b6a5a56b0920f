<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\SentBack;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Message\Quantity;
use Lumbro\Core\Work\TaskState;

/** The car goes back to another trade, in somebody's name, with the reasons as they stand (needs J29, J36). */
final readonly class SendBack
{
    public const FIELDS = [['fault', 'name'], ['note']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): SentBack {
            RunGuard::open($file);
            $fault = Cause::from($body->node('fault')->oneOf(array_column(Cause::cases(), 'value')));
            $note = $body->optionalText('note', 500) ?? '';
            $advised = $file->state()->present();
            if (($advised->kind !== 'send-back' || $advised->call !== $fault->value) && mb_strlen($note) < 10) {
                throw Refusal::field('/note', 'This is not what the readings lead to: say in a sentence why it is sent back all the same.');
            }

            return new SentBack($body->id, $user->name, $now, $fault->value, $body->text('name', 80, 2), self::reasons($file->state(), $fault), $note);
        });
    }

    /** @return list<Message> */
    private static function reasons(TaskState $state, Cause $fault): array
    {
        $reasons = [Message::of('send-back.fault', ['fault' => $fault->title()])];
        $present = $state->present();
        if ($present->kind === 'send-back' && $present->why !== null) {
            $reasons[] = $present->why;
        }
        foreach ($state->run->diagnosis()->ranked as ['cause' => $cause, 'because' => $because]) {
            if ($cause === $fault) {
                array_push($reasons, ...$because);
            }
        }
        $finding = $state->run->finding;
        if ($finding !== null) {
            foreach ($finding->verdicts as $axis => $verdict) {
                $reasons[] = Message::of('send-back.axis', [
                    'axis' => $axis, 'off' => Quantity::degrees($verdict->misalignment), 's' => Quantity::degrees($verdict->uncertainty),
                    'limited' => $verdict->limit === null ? 'no' : 'yes', 'limit' => Quantity::degrees($verdict->limit ?? 0.0),
                ]);
            }
        }

        return array_values(array_unique($reasons, SORT_REGULAR));
    }
}
