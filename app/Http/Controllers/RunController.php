<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\HearTool;
use App\Devices\DeviceRoom;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Records\TaskFile;
use App\Records\ToolLog;
use App\Records\Workspace;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Practice\SimulatedTool;

/** The scan tool of one sensor task, and what is found at a simulated car. */
final class RunController
{
    /** A log longer than this is none, bytes. */
    private const MOST = 2_000_000;

    public function outcome(Request $request, string $task, HearTool $action): JsonResponse
    {
        return Answer::json(Workspace::of($action(Answer::user($request), $task, Body::of($request, ...HearTool::FIELDS))));
    }

    /** A tool's session log is loaded; it changes nothing by itself. */
    public function log(Request $request, string $task): JsonResponse
    {
        $user = Answer::user($request);
        $file = TaskFile::open($user, $task);
        if ($file->isSealed()) {
            throw Refusal::sealed();
        }
        $log = $request->getContent();
        if (strlen($log) > self::MOST) {
            throw Refusal::field('', Message::of('file.too-large', ['most' => intdiv(self::MOST, 1_000_000)]));
        }

        return Answer::json(['lines' => ToolLog::keep($user, $file, $log), 'state' => Workspace::of($file)]);
    }

    /** What somebody finds who looks into a cause at a simulated car. */
    public function look(Request $request, string $task, string $cause, DeviceRoom $devices): JsonResponse
    {
        $file = TaskFile::open(Answer::user($request), $task);
        $world = $devices->world($file) ?? throw Refusal::conflict('not-simulated', Message::of('practice.real-car'));
        $known = Cause::tryFrom($cause) ?? throw Refusal::notFound('cause');
        $present = $file->journal->state()->present();
        // A practice car tells nothing before the work has come to the question.
        if ($present->kind !== 'diagnose' || $present->call !== $known->value) {
            throw Refusal::conflict('not-asked', Message::of('practice.not-asked'));
        }

        return Answer::json(['found' => (new SimulatedTool($world, $file->journal->entries()))->sensor->has($known)]);
    }
}
