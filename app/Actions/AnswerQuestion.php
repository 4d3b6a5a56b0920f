<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Intake\ConditionList;
use Lumbro\Core\Journal\AnswerKind;
use Lumbro\Core\Journal\ConditionAnswered;
use Lumbro\Core\Journal\LineAnswered;
use Lumbro\Core\Journal\OrderLine;

/** A question of the preparation, or a step of the line, is answered; hearsay names its source. */
final readonly class AnswerQuestion
{
    public const FIELDS = [['item', 'answer'], ['word', 'orderVersion']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->recordOnOrder($user, $task, $body, static fn(TaskFile $file, string $now): OrderLine => self::entry($user, $file, $body, $now));
    }

    /** Preconditions and the line are the car's matter: they are kept with the order, once, for all sensors they concern. */
    private static function entry(User $user, TaskFile $file, Body $body, string $now): OrderLine
    {
        $item = $body->text('item');
        foreach (ConditionList::ofSensor($file->order->state(), $file->context->sensor) as $condition) {
            if ($condition->id === $item) {
                [$answer, $word] = self::answer($body);

                return new ConditionAnswered($body->id, $user->name, $now, $condition->id, $condition->perSensor ? $file->context->sensor->id : null, $answer, $word);
            }
        }
        if (! in_array($item, array_column($file->plan()->lineSteps(), 'id'), true)) {
            throw Refusal::field('/item', "There is no question \"$item\" in this task.");
        }
        [$answer, $word] = self::answer($body);

        return new LineAnswered($body->id, $user->name, $now, $item, $answer, $word);
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
