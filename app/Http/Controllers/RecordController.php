<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SealRecord;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Models\SealedRecord as SealedRow;
use App\Records\TaskFile;
use App\Records\Workspace;
use App\Signing\SealBooks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lumbro\Core\Evidence\Seal;
use Lumbro\Core\Evidence\SealedRecord;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** Closing a task, and the sealed record that comes of it. */
final readonly class RecordController
{
    public function __construct(private SealBooks $books) {}

    public function seal(Request $request, string $task, SealRecord $action): JsonResponse
    {
        $user = Answer::user($request);
        $file = $action($user, $task, Body::of($request, ...SealRecord::FIELDS));
        // Sealed is sealed, whatever becomes of its signature.
        $this->books->sign($user->shop_id, (string) $file->row->hash);

        return Answer::json(Workspace::of($file));
    }

    /** The sealed record as the file it leaves the house as: the revision that stands. */
    public function show(Request $request, string $task): Response
    {
        $user = Answer::user($request);
        $file = TaskFile::open($user, $task);
        $sealed = SealedRow::query()->where('shop_id', $user->shop_id)->where('sensor_task_id', $task)->where('hash', $file->row->hash)->first();
        if ($sealed === null) {
            throw Refusal::conflict('not-sealed', Message::of('record.not-sealed'));
        }
        $record = json_decode($sealed->record, false, 64, JSON_THROW_ON_ERROR);
        $json = json_encode(
            Seal::of($record)->document($record, SealedRecord::edition(Node::stored($sealed->record)), $this->books->of($user->shop_id, $sealed->hash)),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );

        return new Response($json . "\n", 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="lumbro-' . preg_replace('/[^\w-]/', '', (string) $file->row->number) . '.json"',
        ]);
    }
}
