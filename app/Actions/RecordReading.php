<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\User;
use App\Records\Recorder;
use App\Records\TaskFile;
use Lumbro\Core\Measure\Length;
use Lumbro\Core\Measure\SidedLength;
use Lumbro\Core\Procedure\Call;
use Lumbro\Core\Procedure\ReadingExpectation;
use Lumbro\Core\Record\ReadingTaken;

/** A reading is taken down as typed, far-off ones only once confirmed; a correction strikes the one it corrects. */
final readonly class RecordReading
{
    public const FIELDS = [['call', 'typed'], ['datum', 'strikes', 'confirmed']];

    public function __construct(private Recorder $recorder) {}

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return $this->recorder->record($user, $task, $body, static function (TaskFile $file, string $now) use ($user, $body): ReadingTaken {
            $call = self::call($file, $body->text('call'));
            $typed = $body->text('typed', 60);
            $read = $call->sided ? SidedLength::fromReading($typed) : Length::fromReading($typed);

            $datum = self::datum($call, $body->optionalText('datum'));
            $question = (new ReadingExpectation($file->context))->question($call, $typed, $read->millimetres, $datum);
            if ($question !== null && ! $body->flag('confirmed')) {
                throw Refusal::asks('/typed', $question);
            }

            return new ReadingTaken(
                $body->id,
                $user->name,
                $now,
                $call->id,
                $typed,
                $read->millimetres,
                $read->unit->value,
                $datum,
                self::struck($file, $call, $body->optionalText('strikes')),
                $question !== null,
            );
        });
    }

    private static function call(TaskFile $file, string $id): Call
    {
        foreach ($file->context->school->calls() as $call) {
            if ($call->id === $id) {
                return $call;
            }
        }

        throw Refusal::field('/call', "There is no call \"$id\" in this task.");
    }

    private static function datum(Call $call, ?string $datum): ?string
    {
        if ($call->datums === [] && $datum !== null) {
            throw Refusal::field('/datum', 'This reading is not taken to a datum of the target.');
        }
        if ($call->datums !== [] && ! in_array($datum, $call->datums, true)) {
            throw Refusal::field('/datum', 'Say what the height was read to: ' . implode(', ', $call->datums) . '.');
        }

        return $datum;
    }

    private static function struck(TaskFile $file, Call $call, ?string $strikes): ?string
    {
        if ($strikes === null) {
            return null;
        }
        foreach ($file->state()->record->readings as $reading) {
            if ($reading->id === $strikes && $reading->call === $call->id) {
                return $strikes;
            }
        }

        throw Refusal::field('/strikes', 'The reading it corrects is not one of this call.');
    }
}
