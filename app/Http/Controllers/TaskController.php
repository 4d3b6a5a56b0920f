<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportPose;
use App\Devices\DeviceRoom;
use App\Http\Answer;
use App\Input\Body;
use App\Records\CarriedTask;
use App\Records\TaskFile;
use App\Records\Workspace;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Facts\RecordFacts;

/** The job workspace of one sensor task. */
final class TaskController
{
    public function show(Request $request, string $task): JsonResponse
    {
        return Answer::json(Workspace::of(TaskFile::open(Answer::user($request), $task)));
    }

    /** All that a device needs to go on with it where no server answers. */
    public function carried(Request $request, string $task): JsonResponse
    {
        $user = Answer::user($request);

        return Answer::json(CarriedTask::of($user, TaskFile::open($user, $task)));
    }

    public function pose(Request $request, string $task, ImportPose $action): JsonResponse
    {
        return Answer::json(Workspace::of($action(Answer::user($request), $task, Body::of($request, ...ImportPose::FIELDS))));
    }

    /** The schools it can be measured by. */
    public function choices(Request $request, string $task): JsonResponse
    {
        return Answer::json(RecordFacts::ofTask('schools', TaskFile::open(Answer::user($request), $task)->journal));
    }

    /** The cheapest readings that prove its set-up, and what each school would come to. */
    public function readingPlan(Request $request, string $task): JsonResponse
    {
        return Answer::json(RecordFacts::ofTask('readingPlan', TaskFile::open(Answer::user($request), $task)->journal));
    }

    /** What the survey says of itself. */
    public function survey(Request $request, string $task): JsonResponse
    {
        return Answer::json(RecordFacts::ofTask('survey', TaskFile::open(Answer::user($request), $task)->journal));
    }

    /** The sheet to lay the spot out by. */
    public function stakeOut(Request $request, string $task): JsonResponse
    {
        $file = TaskFile::open(Answer::user($request), $task);
        $order = $file->order->row;

        return Answer::json([
            'order' => ['id' => $order->id, 'number' => $order->number, 'vehicle' => $order->vehicle, 'plate' => $order->plate],
            ...RecordFacts::ofTask('stakeOut', $file->journal),
        ]);
    }

    public function meter(Request $request, string $task, string $call, DeviceRoom $devices): JsonResponse
    {
        $file = TaskFile::open(Answer::user($request), $task);

        return Answer::json(['typed' => $devices->meter($file)->read($call)]);
    }
}
