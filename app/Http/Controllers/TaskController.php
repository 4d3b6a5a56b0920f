<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportPose;
use App\Devices\DeviceRoom;
use App\Http\Answer;
use App\Http\Body;
use App\Records\TaskFile;
use App\Records\Workspace;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Facts\SchoolsDocument;
use Lumbro\Core\Facts\StakeOutDocument;
use Lumbro\Core\Facts\SurveyDocument;

/** The job workspace of one sensor task. */
final class TaskController
{
    public function show(Request $request, string $task): JsonResponse
    {
        return Answer::json(Workspace::of(TaskFile::open(Answer::user($request), $task)));
    }

    public function pose(Request $request, string $task, ImportPose $action): JsonResponse
    {
        return Answer::json(Workspace::of($action(Answer::user($request), $task, Body::of($request, ...ImportPose::FIELDS))));
    }

    /** The schools it can be measured by. */
    public function choices(Request $request, string $task): JsonResponse
    {
        $file = TaskFile::open(Answer::user($request), $task);

        return Answer::json(SchoolsDocument::write($file->context(), $file->plan()));
    }

    /** What the survey says of itself. */
    public function survey(Request $request, string $task): JsonResponse
    {
        return Answer::json(SurveyDocument::write(TaskFile::open(Answer::user($request), $task)->state()));
    }

    /** The sheet to lay the spot out by. */
    public function stakeOut(Request $request, string $task): JsonResponse
    {
        $file = TaskFile::open(Answer::user($request), $task);
        $order = $file->order->row;

        return Answer::json([
            'order' => ['id' => $order->id, 'number' => $order->number, 'vehicle' => $order->vehicle, 'plate' => $order->plate],
            ...StakeOutDocument::write($file->context(), $file->plan()),
        ]);
    }

    public function meter(Request $request, string $task, string $call, DeviceRoom $devices): JsonResponse
    {
        $file = TaskFile::open(Answer::user($request), $task);

        return Answer::json(['typed' => $devices->meter($file)->read($call)]);
    }
}
