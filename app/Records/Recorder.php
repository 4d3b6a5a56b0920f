<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\Reading;
use App\Models\RecordEvent;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Document\RecordDocument;
use Lumbro\Core\Record\Entry;
use Lumbro\Core\Record\ReadingTaken;

/**
 * Adds lines to a task's record, one writer of a repair order at a time.
 *
 * A write that was made already is answered as it was; one that saw an older version of the record is refused with
 * what the record has come to, so that neither side is lost.
 */
final class Recorder
{
    /**
     * @param \Closure(TaskFile, string): Entry $make the line to add, given the file and the present moment
     *
     * @throws Refusal
     */
    public function record(User $user, string $task, Body $body, \Closure $make): TaskFile
    {
        return DB::transaction(function () use ($user, $task, $body, $make): TaskFile {
            $file = TaskFile::open($user, $task, true);
            if ($file->has($body->id)) {
                return $file;
            }
            if ($file->isSealed()) {
                throw Refusal::sealed();
            }
            if ($body->version !== $file->version) {
                throw Refusal::recordMovedOn(Workspace::of($file));
            }
            $this->add($user, $file, $make($file, Moment::now()));
            OrderSummary::refreshTask($file);

            return $file;
        });
    }

    private function add(User $user, TaskFile $file, Entry $entry): void
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
            ['kind' => $kind, 'payload' => $payload] = RecordDocument::write($entry);
            RecordEvent::query()->insert([...$line, 'kind' => $kind, 'payload' => json_encode($payload, JSON_THROW_ON_ERROR)]);
        }
        $file->add($entry);
    }

    /** @return array<string, mixed> */
    private function reading(TaskFile $file, ReadingTaken $reading): array
    {
        $instrument = '';
        $from = null;
        foreach ($file->context->school->calls() as $call) {
            if ($call->id === $reading->call) {
                $instrument = $call->instrument;
                $from = $call->between[0] ?? null;
            }
        }

        return [
            'call' => $reading->call,
            'typed' => $reading->typed,
            'millimetres' => $reading->millimetres,
            'unit' => $reading->unit,
            'datum_from' => $from,
            'datum_to' => $reading->datum,
            'instrument' => $instrument,
            'strikes_id' => $reading->strikes,
            'confirmed' => $reading->confirmed,
        ];
    }
}
