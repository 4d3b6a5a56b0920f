<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\HearTool;
use App\Actions\WriteLine;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Practice\Begin;
use App\Practice\Bench;
use App\Practice\PracticePage;
use App\Practice\Reckoner;
use App\Practice\Runs;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Exercise\Answer as Given;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Cause;
use Lumbro\Core\Measure\Node;

/** Practice: the path, free cars, exercises on the bench, and what they came to. */
final class PracticeController
{
    public function index(Request $request): JsonResponse
    {
        return Answer::json(PracticePage::of(Answer::user($request)));
    }

    public function open(Request $request, Begin $begin): JsonResponse
    {
        $run = $begin(Answer::user($request), Node::parse($request->getContent()));

        return Answer::json(['run' => $run->id, 'task' => $run->sensor_task_id]);
    }

    public function show(Request $request, string $run): JsonResponse
    {
        $row = Runs::of(Answer::user($request), $run);
        $isOrder = Runs::car($row)->isOrder();
        $reckoning = $row->reckoning === null ? null : json_decode($row->reckoning, true, 64, JSON_THROW_ON_ERROR);

        return Answer::json(['exercise' => Runs::document($row), 'faults' => Runs::nameable(), 'causes' => Runs::causes(), 'reckoning' => $isOrder ? null : $reckoning, 'orderReckoning' => $isOrder ? $reckoning : null]);
    }

    public function bench(Request $request, string $run, Bench $bench): JsonResponse
    {
        return Answer::json($bench->show(Answer::user($request), $run));
    }

    public function line(Request $request, string $run, Bench $bench): JsonResponse
    {
        $bench->line(Answer::user($request), $run, Body::of($request, ...WriteLine::FIELDS));

        return Answer::json($bench->show(Answer::user($request), $run));
    }

    public function outcome(Request $request, string $run, Bench $bench): JsonResponse
    {
        $bench->outcome(Answer::user($request), $run, Body::of($request, ...HearTool::FIELDS));

        return Answer::json($bench->show(Answer::user($request), $run));
    }

    public function look(Request $request, string $run, string $cause, Bench $bench): JsonResponse
    {
        return Answer::json(['found' => $bench->look(Answer::user($request), $run, Cause::tryFrom($cause) ?? throw Refusal::notFound('cause'))]);
    }

    public function see(Request $request, string $run, string $item, Bench $bench): JsonResponse
    {
        return Answer::json(['met' => $bench->see(Answer::user($request), $run, $item)]);
    }

    public function ask(Request $request, string $run, Bench $bench): JsonResponse
    {
        return Answer::json($bench->ask(Answer::user($request), $run));
    }

    public function answer(Request $request, string $run): JsonResponse
    {
        Reckoner::answer(Answer::user($request), $run, Document::read(Given::class, Node::parse($request->getContent())));

        return $this->show($request, $run);
    }

    public function replay(Request $request, string $run): JsonResponse
    {
        return Answer::json(Reckoner::replay(Answer::user($request), $run));
    }
}
