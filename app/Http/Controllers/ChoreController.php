<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Queue\Chore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Nothing;
use Symfony\Component\HttpFoundation\Response;

/** What takes long and was kept for a worker: how it stands, what came of it, and that it is not wanted any more. */
final class ChoreController
{
    public function show(Request $request, string $chore): JsonResponse
    {
        return Answer::json(Chore::open(Answer::user($request), $chore)->progress());
    }

    public function answer(Request $request, string $chore): Response
    {
        return Chore::open(Answer::user($request), $chore)->answer();
    }

    public function cancel(Request $request, string $chore): Nothing
    {
        Chore::open(Answer::user($request), $chore)->cancel();

        return new Nothing('', 204);
    }
}
