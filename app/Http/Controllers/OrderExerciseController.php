<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Uuid;
use App\Practice\OrderBench;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Exercise\Order\OrderAnswer;
use Lumbro\Core\Exercise\Order\Place;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;

/** Exercises whose trap is in the order. */
final class OrderExerciseController
{
    /** More is not seen in one place. */
    private const FINDS = 100;

    public function show(Request $request, string $run): JsonResponse
    {
        return Answer::json(OrderBench::show(Answer::user($request), $run));
    }

    public function look(Request $request, string $run, string $place): JsonResponse
    {
        OrderBench::look(Answer::user($request), $run, Place::tryFrom($place) ?? throw Refusal::notFound('place'));

        return $this->show($request, $run);
    }

    public function note(Request $request, string $run): JsonResponse
    {
        $f = Node::parse($request->getContent())->fields(['id', 'place', 'find']);
        OrderBench::note(Answer::user($request), $run, Uuid::of($f['id']->text(), '/id'), Place::from($f['place']->oneOf(array_column(Place::cases(), 'value'))), (int) $f['find']->between(0, self::FINDS));

        return $this->show($request, $run);
    }

    public function cover(Request $request, string $run): JsonResponse
    {
        $f = Node::parse($request->getContent())->fields(['id', 'cover', 'off']);
        OrderBench::cover(Answer::user($request), $run, Uuid::of($f['id']->text(), '/id'), Cover::from($f['cover']->oneOf(array_column(Cover::cases(), 'value'))), $f['off']->flag());

        return $this->show($request, $run);
    }

    public function answer(Request $request, string $run, PracticeController $exercise): JsonResponse
    {
        OrderBench::answer(Answer::user($request), $run, Document::read(OrderAnswer::class, Node::parse($request->getContent())));

        return $exercise->show($request, $run);
    }
}
