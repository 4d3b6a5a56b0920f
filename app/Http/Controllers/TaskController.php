<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AnswerQuestion;
use App\Actions\ChooseReference;
use App\Actions\ChooseSchools;
use App\Actions\ImportPose;
use App\Actions\MoveStand;
use App\Actions\NoteOnCar;
use App\Actions\RecordReading;
use App\Actions\SetStand;
use App\Actions\StrikeReading;
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

    public function schools(Request $request, string $task, ChooseSchools $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...ChooseSchools::FIELDS)));
    }

    public function reference(Request $request, string $task, ChooseReference $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...ChooseReference::FIELDS)));
    }

    public function pose(Request $request, string $task, ImportPose $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...ImportPose::FIELDS)));
    }

    public function car(Request $request, string $task, NoteOnCar $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...NoteOnCar::FIELDS)));
    }

    public function stand(Request $request, string $task, SetStand $action): JsonResponse
    {
        return $this->written($action(Answer::user($request), $task, Body::of($request, ...SetStand::FIELDS)));
    }

    /** The schools it can be measured by. */
    public function choices(Request $request, string $task): JsonResponse
    {
        $file = TaskFile::open(Answer::user($request), $task);

        return Answer::json(SchoolsDocument::write($file->context, $file->plan()));
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
            ...StakeOutDocument::write($file->context, $file->plan()),
        ]);
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
