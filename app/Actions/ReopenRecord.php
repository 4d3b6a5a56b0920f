<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Body;
use App\Http\Refusal;
use App\Models\SensorTask;
use App\Models\User;
use App\Records\OrderFile;
use App\Records\OrderSummary;
use App\Records\Recorder;
use App\Records\TaskFile;
use App\Records\Workspace;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Journal\TaskLineDocument;
use Lumbro\Core\Measure\Node;

/** A lead opens a sealed record again. The seal stays as it is; the next one is a revision on top of it. */
final readonly class ReopenRecord
{
    public const FIELDS = [['reason'], []];

    public function __construct(private Recorder $recorder) {}

    /** @throws Refusal where it is not sealed, or somebody wrote to it meanwhile */
    public function __invoke(User $user, string $task, Body $body): TaskFile
    {
        return DB::transaction(function () use ($user, $task, $body): TaskFile {
            $file = TaskFile::open($user, $task, true);
            if ($file->has($body->id)) {
                return $file;
            }
            if (! $file->isSealed()) {
                throw Refusal::conflict('not-sealed', 'This record is not sealed; there is nothing to reopen.');
            }
            if ($body->version !== $file->version) {
                throw Refusal::recordMovedOn(Workspace::of($file));
            }
            $reason = $body->text('reason', 500, 10);
            SensorTask::query()->where('shop_id', $user->shop_id)->where('id', $file->row->id)->update(['sealed_record_id' => null]);
            $this->recorder->follow($user, $task, static fn(TaskFile $open, string $now): array => [
                TaskLineDocument::entry('reopened', $body->id, $user->name, $now, Node::parse((string) json_encode(['name' => $user->name, 'reason' => $reason]))),
            ]);
            OrderSummary::refresh(OrderFile::open($user, $file->row->order_id));

            return TaskFile::open($user, $task);
        });
    }
}
