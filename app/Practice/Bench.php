<?php

declare(strict_types=1);

namespace App\Practice;

use App\Actions\HearTool;
use App\Actions\WriteLine;
use App\Devices\DeviceRoom;
use App\Failure\Refusal;
use App\Input\Body;
use App\Models\User;
use App\Records\Moment;
use App\Records\Recorder;
use App\Records\TaskFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Exercise\Help;
use Lumbro\Core\Facts\AskedAdvice;
use Lumbro\Core\Facts\BenchDocument;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Journal\RunReleased;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Practice\Believed;
use Lumbro\Core\Practice\SimulatedTool;

/** A simulated car for somebody who works without advice: what they do is recorded as anybody's, and nothing is said to it. */
final readonly class Bench
{
    /** Kinds of lines that a barred run would hold up: here the learner decides when to run. */
    private const RUNS = ['asked', 'run', 'step', 'step-begun', 'correction', 'mirror'];

    public function __construct(private WriteLine $write, private HearTool $hear, private DeviceRoom $devices) {}

    /**
     * @return array<string, mixed> (openapi.yaml, "Bench")
     *
     * @throws Refusal where the exercise is over
     */
    public function show(User $user, string $id): array
    {
        $run = self::open($user, $id);
        $file = TaskFile::open($user, $run->sensor_task_id);

        return ['version' => $file->version, 'orderVersion' => $file->order->version, 'task' => $run->sensor_task_id, 'asked' => $run->asked, ...BenchDocument::write($file->journal)];
    }

    /** A line, as it would be written at a real car. */
    public function line(User $user, string $id, Body $body): void
    {
        $run = self::open($user, $id);
        if (! $body->has('task') || $body->uuid('task') !== $run->sensor_task_id) {
            throw Refusal::field('/task', Message::of('practice.not-open'));
        }
        try {
            ($this->write)($user, in_array($body->text('kind', 40), self::RUNS, true) ? self::released($user, $run, $body) : $body);
        } catch (Refusal $refusal) {
            // What the record has come to is not told here.
            throw $refusal->problem === 'record-moved-on' ? Refusal::conflict('record-moved-on', $refusal->said) : $refusal;
        }
    }

    /** What became of something the tool was asked. */
    public function outcome(User $user, string $id, Body $body): void
    {
        ($this->hear)($user, self::open($user, $id)->sensor_task_id, $body);
    }

    /** Whether a cause is there, for somebody who looks into it. */
    public function look(User $user, string $id, Cause $cause): bool
    {
        $file = TaskFile::open($user, self::open($user, $id)->sensor_task_id);
        $world = $this->devices->world($file) ?? throw Refusal::conflict('not-simulated', Message::of('practice.real-car'));

        return (new SimulatedTool($world, $file->journal->entries()))->sensor->has($cause);
    }

    /** Whether a precondition is met, for somebody who looks themselves; what is not is put right on the spot. */
    public function see(User $user, string $id, string $item): bool
    {
        $run = self::open($user, $id);
        $file = TaskFile::open($user, $run->sensor_task_id);

        return ! isset(Believed::words(Runs::car($run)->truth, $file->context(), $file->journal->entries())[$item]);
    }

    /**
     * The one thing to do now, for somebody who asks; it is counted.
     *
     * @return array<string, mixed> (openapi.yaml, "Advised")
     */
    public function ask(User $user, string $id): array
    {
        $run = self::open($user, $id);
        if ($run->help !== Help::Asked->value) {
            throw Refusal::conflict('not-asked-for', Message::of('practice.not-asked-for'));
        }
        DB::table('practice_runs')->where('shop_id', $user->shop_id)->where('id', $id)->increment('asked');

        return ['asked' => $run->asked + 1, ...(Runs::car($run)->isOrder() ? OrderBench::asked($user, $run) : AskedAdvice::of(TaskFile::open($user, $run->sensor_task_id)->journal))];
    }

    /** The exercise, where it is one's own and is not over. */
    private static function open(User $user, string $id): \stdClass
    {
        $run = Runs::of($user, $id);

        return $run->ended_at === null ? $run : throw Refusal::conflict('practice-ended', Message::of('practice.ended'));
    }

    /** A run that is barred is released in the learner's name: when to run is theirs to decide. */
    private static function released(User $user, \stdClass $run, Body $body): Body
    {
        return DB::transaction(static function () use ($user, $run, $body): Body {
            $file = TaskFile::open($user, $run->sensor_task_id, true);
            if ($file->state()->mayRun() || $file->has($body->id)) {
                return $body;
            }
            Recorder::task($user, $file, [new RunReleased((string) Str::uuid7(), $user->name, Moment::now(), name: $user->name, reason: 'Practice', overrode: [Message::of('practice.why-released')])]);

            return $body->version + 1 === $file->version ? $body->seen($file->version) : $body;
        });
    }
}
