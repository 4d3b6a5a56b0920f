<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenPractice;
use App\Http\Answer;
use App\Input\Uuid;
use App\Records\PracticeShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Measure\Node;

/** Simulated cars to practise on. */
final class PracticeController
{
    public function index(): JsonResponse
    {
        return Answer::json(['cars' => PracticeShelf::list()]);
    }

    public function open(Request $request, OpenPractice $action): JsonResponse
    {
        $f = Node::parse($request->getContent())->fields(['id', 'scenario']);

        return Answer::json(['task' => $action(Answer::user($request), Uuid::of($f['id']->text(), '/id'), $f['scenario']->line(60))]);
    }
}
