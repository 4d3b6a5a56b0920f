<?php

declare(strict_types=1);

namespace App\Practice;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Moment;
use App\Records\TaskFile;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Exercise\Answer;
use Lumbro\Core\Exercise\BestPlay;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Rubric;
use Lumbro\Core\Facts\ReckoningDocument;
use Lumbro\Core\Facts\ReplayDocument;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Message\Message;
use Lumbro\Core\SetUp\TaskContext;

/** Takes a learner's answer, and says what was true. */
final class Reckoner
{
    /** @throws Refusal where it was answered already */
    public static function answer(User $user, string $id, Answer $answer): \stdClass
    {
        return DB::transaction(static function () use ($user, $id, $answer): \stdClass {
            DB::table('practice_runs')->where('shop_id', $user->shop_id)->where('id', $id)->lockForUpdate()->first();
            $run = Runs::of($user, $id);
            if ($run->ended_at !== null) {
                throw Refusal::conflict('practice-ended', Message::of('practice.ended'));
            }
            $file = TaskFile::open($user, $run->sensor_task_id);
            $car = Runs::car($run);
            self::atTarget($car);
            $advised = BestPlay::advised(self::asItCame($run, $file), $car->truth, self::begun($run, $file));
            $score = Rubric::score($file->journal, $car->truth, $answer, $advised, $run->asked);
            DB::table('practice_runs')->where('shop_id', $user->shop_id)->where('id', $id)->update([
                'ended_at' => Moment::now(),
                'answer' => json_encode(Document::write($answer)),
                'reckoning' => json_encode(ReckoningDocument::write($file->journal, $car->truth, $answer, $score), JSON_THROW_ON_ERROR),
                'method' => $score->method(),
                'result' => $score->result(),
            ]);

            return Runs::of($user, $id);
        });
    }

    /**
     * The best plan of readings for its car; worked out once.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal before it was answered
     */
    public static function replay(User $user, string $id): array
    {
        $run = Runs::of($user, $id);
        if ($run->ended_at === null) {
            throw Refusal::conflict('practice-not-ended', Message::of('practice.not-ended'));
        }
        self::atTarget(Runs::car($run));
        if ($run->replay === null) {
            $file = TaskFile::open($user, $run->sensor_task_id);
            $replay = json_encode(ReplayDocument::write(self::asItCame($run, $file), Runs::car($run)->truth, self::begun($run, $file)), JSON_THROW_ON_ERROR);
            DB::table('practice_runs')->where('shop_id', $user->shop_id)->where('id', $id)->update(['replay' => $replay]);
        } else {
            $replay = $run->replay;
        }

        return (array) json_decode((string) $replay, true, 64, JSON_THROW_ON_ERROR);
    }

    /** @throws Refusal where its trap is in its order */
    private static function atTarget(PracticeCar $car): void
    {
        if ($car->isOrder()) {
            throw Refusal::conflict('an-order', Message::of('practice.an-order'));
        }
    }

    /** What the task rested on before the learner put a staff on the floor. */
    private static function asItCame(\stdClass $run, TaskFile $file): TaskContext
    {
        $context = $file->context();

        return Runs::car($run)->begins === 'run' || $context->order === null ? $context : $context->ordered($context->order->onFloor([], []));
    }

    /** @return list<Line> */
    private static function begun(\stdClass $run, TaskFile $file): array
    {
        return array_slice($file->journal->entries(), 0, $run->begun_lines);
    }
}
