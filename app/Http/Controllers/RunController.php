<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AcceptBorderline;
use App\Actions\AskTool;
use App\Actions\CorrectAxis;
use App\Actions\DoStep;
use App\Actions\HearTool;
use App\Actions\LookIntoCause;
use App\Actions\ReadMirror;
use App\Actions\ReleaseRun;
use App\Actions\SendBack;
use App\Actions\ShiftTarget;
use App\Actions\TypeReading;
use App\Devices\DeviceRoom;
use App\Http\Answer;
use App\Http\Body;
use App\Http\Refusal;
use App\Records\TaskFile;
use App\Records\ToolLog;
use App\Records\Workspace;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Practice\SimulatedTool;

/** The run of one sensor task and its proof. Every write answers with the whole state that came of it. */
final class RunController
{
    /** A log longer than this is none, bytes. */
    private const MOST = 2_000_000;

    public function release(Request $request, string $task, ReleaseRun $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...ReleaseRun::FIELDS)));
    }

    public function run(Request $request, string $task, TypeReading $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...TypeReading::FIELDS)));
    }

    public function tool(Request $request, string $task, AskTool $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...AskTool::FIELDS)));
    }

    public function outcome(Request $request, string $task, HearTool $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...HearTool::FIELDS)));
    }

    public function step(Request $request, string $task, DoStep $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...DoStep::FIELDS)));
    }

    public function correct(Request $request, string $task, CorrectAxis $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...CorrectAxis::FIELDS)));
    }

    public function shift(Request $request, string $task, ShiftTarget $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...ShiftTarget::FIELDS)));
    }

    public function mirror(Request $request, string $task, ReadMirror $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...ReadMirror::FIELDS)));
    }

    public function check(Request $request, string $task, LookIntoCause $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...LookIntoCause::FIELDS)));
    }

    public function sendBack(Request $request, string $task, SendBack $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...SendBack::FIELDS)));
    }

    public function accept(Request $request, string $task, AcceptBorderline $action): JsonResponse
    {
        return self::written($action(Answer::user($request), $task, Body::of($request, ...AcceptBorderline::FIELDS)));
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
            throw Refusal::field('', sprintf('The log has %.1f MB; one of a session has at most %.0f.', strlen($log) / 1e6, self::MOST / 1e6));
        }

        return Answer::json(['lines' => ToolLog::keep($user, $file, $log), 'state' => Workspace::of($file)]);
    }

    /** What somebody finds who looks into a cause at a simulated car. */
    public function look(Request $request, string $task, string $cause, DeviceRoom $devices): JsonResponse
    {
        $file = TaskFile::open(Answer::user($request), $task);
        $world = $devices->world($file) ?? throw Refusal::conflict('not-simulated', 'This car is a real one: look at it.');
        $known = Cause::tryFrom($cause) ?? throw Refusal::notFound('This cause');

        return Answer::json(['found' => (new SimulatedTool($world, $file->entries))->sensor->has($known)]);
    }

    private static function written(TaskFile $file): JsonResponse
    {
        return Answer::json(Workspace::of($file));
    }
}
