<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderRecorder;
use App\Records\Recorder;
use App\Records\TaskFile;
use App\Records\Workspace;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Intake\ConditionAnswered;
use Lumbro\Core\Intake\ConditionList;
use Lumbro\Core\Record\Answered;
use Lumbro\Core\Record\AnswerKind;

/** A question of the preparation, or a step of the line, is answered; hearsay names its source. */
final readonly class AnswerQuestion
{
    public const FIELDS = [['item', 'answer'], ['word', 'orderVersion']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        $condition = self::condition($user, $task, $body);
        if ($condition !== null) {
            return $condition;
        }

        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): Answered {
            $item = $body->text('item');
            $known = array_column($file->context->school->lineSteps(), 'id');
            if (! in_array($item, $known, true)) {
                throw Refusal::field('/item', "There is no question \"$item\" in this task.");
            }
            [$answer, $word] = self::answer($body);

            return new Answered($body->id, $user->name, $now, $item, $answer, $word);
        });
    }

    /** A precondition is the order's matter: it is kept there, once, for all sensors it concerns. */
    private static function condition(User $user, string $task, Body $body): ?TaskFile
    {
        return DB::transaction(static function () use ($user, $task, $body): ?TaskFile {
            $file = TaskFile::open($user, $task, true);
            foreach (ConditionList::ofSensor($file->order->state(), $file->context->sensor) as $condition) {
                if ($condition->id !== $body->text('item')) {
                    continue;
                }
                if ($file->has($body->id)) {
                    return $file;
                }
                if ($file->isSealed()) {
                    throw Refusal::sealed();
                }
                if ($body->version !== $file->version) {
                    throw Refusal::recordMovedOn(Workspace::of($file));
                }
                [$answer, $word] = self::answer($body);
                $entry = new ConditionAnswered($body->id, $user->name, Moment::now(), $condition->id, $condition->perSensor ? $file->context->sensor->id : null, $answer, $word);
                OrderRecorder::append($user, $file->order, $entry, self::seen($body, $file), true);

                return TaskFile::open($user, $task);
            }

            return null;
        });
    }

    /** The version of the order's record that the person saw. */
    private static function seen(Body $body, TaskFile $file): int
    {
        return $body->has('orderVersion') ? (int) $body->node('orderVersion')->between(0, 1_000_000) : $file->order->version;
    }

    /** @return array{AnswerKind, string|null} the answer, and on whose word it rests */
    private static function answer(Body $body): array
    {
        $answer = AnswerKind::from($body->node('answer')->oneOf(array_column(AnswerKind::cases(), 'value')));
        $word = $body->optionalText('word', 80);
        if ($answer === AnswerKind::OnWord && $word === null) {
            throw Refusal::field('/word', 'Say on whose word it rests.');
        }

        return [$answer, $answer === AnswerKind::OnWord ? $word : null];
    }
}
