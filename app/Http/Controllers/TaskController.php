<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AnswerQuestion;
use App\Actions\MoveStand;
use App\Actions\RecordReading;
use App\Actions\ReleaseRun;
use App\Actions\RunSensor;
use App\Actions\StrikeReading;
use App\Devices\DeviceRoom;
use App\Http\Answer;
use App\Http\Body;
use App\Records\TaskFile;
use App\Records\Workspace;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The job workspace of one sensor task. Every write answers with the whole state that came of it. */
final class TaskController
{
    public function show(Request $request, string $task): JsonResponse
    {
        return Answer::json(Workspace::of(TaskFile::open(Answer::user($request), $task)));
    }

    public function reading(Request $request, string $task, RecordReading $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...RecordReading::FIELDS)));
    }

    public function strike(Request $request, string $task, StrikeReading $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...StrikeReading::FIELDS)));
    }

    public function answer(Request $request, string $task, AnswerQuestion $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...AnswerQuestion::FIELDS)));
    }

    public function move(Request $request, string $task, MoveStand $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...MoveStand::FIELDS)));
    }

    public function release(Request $request, string $task, ReleaseRun $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...ReleaseRun::FIELDS)));
    }

    public function run(Request $request, string $task, RunSensor $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...RunSensor::FIELDS)));
    }

    public function meter(Request $request, string $task, string $call, DeviceRoom $devices): JsonResponse
    {
        $file = TaskFile::open(Answer::user($request), $task);

        return Answer::json(['typed' => $devices->meter($file)->read($call)]);
    }

    private function written(TaskFile $file): JsonResponse
    {
        return Answer::json(Workspace::of($file));
    }
}
