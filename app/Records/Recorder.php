<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\Reading;
use App\Models\RecordEvent;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Journal\TaskLineDocument;

/**
 * Adds lines to a task's record, one writer of a repair order at a time.
 *
 * A write that was made already is answered as it was; one that saw an older version of the record is refused with
 * what the record has come to, so that neither side is lost.
 */
final class Recorder
{
    /**
     * @param \Closure(TaskFile, string): Line $make the line to add, given the file and the present moment
     *
     * @throws Refusal
     */
    public function record(User $user, string $task, Body $body, \Closure $make): TaskFile
    {
        return $this->recordAll($user, $task, $body, static fn(TaskFile $file, string $now): array => [$make($file, $now)]);
    }

    /**
     * The same for several lines, all of them or none; the first has the id that the write was sent with.
     *
     * @param \Closure(TaskFile, string): list<Line> $make
     *
     * @throws Refusal
     */
    public function recordAll(User $user, string $task, Body $body, \Closure $make): TaskFile
    {
        return DB::transaction(function () use ($user, $task, $body, $make): TaskFile {
            $file = TaskFile::open($user, $task, true);
            if (self::wasMade($file, $body)) {
                return $file;
            }
            foreach ($make($file, Moment::now()) as $entry) {
                $this->add($user, $file, $entry);
            }
            OrderSummary::refreshTask($file);

            return $file;
        });
    }

    /**
     * Lines that follow from one that was recorded already, whatever the record has come to since: none where they are
     * there by now.
     *
     * @param \Closure(TaskFile, string): list<Line> $make
     */
    public function follow(User $user, string $task, \Closure $make): TaskFile
    {
        return DB::transaction(function () use ($user, $task, $make): TaskFile {
            $file = TaskFile::open($user, $task, true);
            foreach ($make($file, Moment::now()) as $entry) {
                $this->add($user, $file, $entry);
            }
            OrderSummary::refreshTask($file);

            return $file;
        });
    }

    /**
     * The same for a line that is the whole car's: it is kept in the order's record.
     *
     * @param \Closure(TaskFile, string): OrderLine $make
     *
     * @throws Refusal
     */
    public function recordOnOrder(User $user, string $task, Body $body, \Closure $make): TaskFile
    {
        return DB::transaction(static function () use ($user, $task, $body, $make): TaskFile {
            $file = TaskFile::open($user, $task, true);
            if (self::wasMade($file, $body)) {
                return $file;
            }
            $seen = $body->has('orderVersion') ? (int) $body->node('orderVersion')->between(0, 1_000_000) : $file->order->version;
            OrderRecorder::append($user, $file->order, $make($file, Moment::now()), $seen, $body->has('confirmed') && $body->flag('confirmed'));

            return TaskFile::open($user, $task);
        });
    }

    /**
     * Whether this very write was made already.
     *
     * @throws Refusal where it may not be made any more, or has not seen all that was
     */
    private static function wasMade(TaskFile $file, Body $body): bool
    {
        return match (true) {
            $file->has($body->id) => true,
            $file->isSealed() => throw Refusal::sealed(),
            $body->version !== $file->version => throw Refusal::recordMovedOn(Workspace::of($file)),
            default => false,
        };
    }

    private function add(User $user, TaskFile $file, Line $entry): void
    {
        $line = [
            'shop_id' => $user->shop_id,
            'id' => $entry->id,
            'sensor_task_id' => $file->row->id,
            'version' => $file->version + 1,
            'user_id' => $user->id,
            'person' => $entry->person,
            'recorded_at' => $entry->at,
        ];
        if ($entry instanceof ReadingTaken) {
            Reading::query()->insert([...$line, ...$this->reading($file, $entry)]);
        } else {
            ['kind' => $kind, 'payload' => $payload] = TaskLineDocument::write($entry);
            RecordEvent::query()->insert([...$line, 'kind' => $kind, 'payload' => json_encode($payload, JSON_THROW_ON_ERROR)]);
        }
        $file->add($entry);
    }

    /** @return array<string, mixed> */
    private function reading(TaskFile $file, ReadingTaken $reading): array
    {
        $call = $file->plan()->call($reading->call);

        return [
            'call' => $reading->call,
            'typed' => $reading->typed,
            'millimetres' => $reading->isAngle() ? null : $reading->value,
            'degrees' => $reading->isAngle() ? $reading->value : null,
            'uncertainty' => $reading->s,
            'unit' => $reading->unit,
            'datum_from' => $call?->trace?->from,
            'datum_to' => $reading->datum,
            'instrument' => $call->instrument ?? '',
            'strikes_id' => $reading->strikes,
            'confirmed' => $reading->confirmed,
        ];
    }
}
