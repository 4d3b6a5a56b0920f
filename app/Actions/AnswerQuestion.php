<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Record\Answered;
use Lumbro\Core\Record\AnswerKind;

/** A question of the preparation, or a step of the line, is answered; hearsay names its source. */
final readonly class AnswerQuestion
{
    public const FIELDS = [['item', 'answer'], ['word']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): Answered {
            $item = $body->text('item');
            $known = array_column([...$file->context->card->preparation, ...$file->context->school->lineSteps()], 'id');
            if (! in_array($item, $known, true)) {
                throw Refusal::field('/item', "There is no question \"$item\" in this task.");
            }
            $answer = AnswerKind::from($body->node('answer')->oneOf(array_column(AnswerKind::cases(), 'value')));
            $word = $body->optionalText('word', 80);
            if ($answer === AnswerKind::OnWord && $word === null) {
                throw Refusal::field('/word', 'Say on whose word it rests.');
            }

            return new Answered($body->id, $user->name, $now, $item, $answer, $answer === AnswerKind::OnWord ? $word : null);
        });
    }
}
