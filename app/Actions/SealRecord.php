<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Input\Body;
use App\Live\News;
use App\Models\SealedRecord;
use App\Models\SensorTask;
use App\Models\User;
use App\People\ShopLog;
use App\Records\Lessons;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\OrderSummary;
use App\Records\SealedDocument;
use App\Records\TaskFile;
use App\Records\Workspace;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Commands\Sealing;
use Lumbro\Core\Evidence\CanonicalJson;
use Lumbro\Core\Evidence\Seal;

/**
 * Closes a task: its record is sealed and takes nothing more. An owed axis that is not proven is handed over only by
 * a lead, for a reason that stands in the record (need J36).
 */
final readonly class SealRecord
{
    public const FIELDS = [[], ['handover']];

    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return DB::transaction(static function () use ($user, $task, $body): TaskFile {
            $file = TaskFile::open($user, $task, true);
            if ($file->isSealed()) {
                if (SealedRecord::query()->where('shop_id', $user->shop_id)->where('id', $body->id)->exists()) {
                    return $file;
                }

                throw Refusal::sealed();
            }
            if ($body->version !== $file->version) {
                throw Refusal::recordMovedOn(Workspace::of($file));
            }
            $handover = Sealing::handover($file->journal->situation($user->asRole(), null, false), $user->name, $body->optionalText('handover', 500));
            $now = Moment::now();
            $before = SealedRecord::query()->where('shop_id', $user->shop_id)->where('sensor_task_id', $file->row->id)->orderByDesc('revision')->first(['revision', 'hash']);
            $revision = ($before->revision ?? 0) + 1;
            $record = SealedDocument::record($file, $user, $now, $handover, $revision, $before?->hash);
            $canonical = CanonicalJson::encode($record);
            $hash = Seal::of($record)->hash;
            SealedRecord::query()->insert([
                'shop_id' => $user->shop_id,
                'id' => $body->id,
                'sensor_task_id' => $file->row->id,
                'revision' => $revision,
                'record' => $canonical,
                'hash' => $hash,
                'outcome' => json_encode(SealedDocument::outcome($file, $handover !== null), JSON_THROW_ON_ERROR),
                'user_id' => $user->id,
                'order_version' => $file->order->version,
                'sealed_at' => $now,
            ]);
            if ($handover !== null) {
                ShopLog::note(ShopLog::HANDED_OVER, $user, "{$file->row->number}, {$file->row->sensor}: {$handover['reason']}");
            }
            Lessons::keep($file, $body->id);
            SensorTask::query()->where('shop_id', $user->shop_id)->where('id', $file->row->id)->update(['sealed_record_id' => $body->id]);
            News::lines($file->row->order_id, $file->row->id, 0);
            Lessons::refresh($user->shop_id, $file->order->isSimulated());
            OrderSummary::refresh(OrderFile::open($user, $file->row->order_id));

            // What the order waits for now is not what it waited for when the file was opened.
            return TaskFile::open($user, $task);
        });
    }
}
