<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WriteLine;
use App\Http\Answer;
use App\Input\Body;
use App\Practice\Hidden;
use App\Records\OrderPage;
use App\Records\TaskFile;
use App\Records\Workspace;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Lines of records, of a sensor's task or of a whole order. The answer is the whole state that came of it. */
final class LineController
{
    public function add(Request $request, WriteLine $action): JsonResponse
    {
        $body = Body::of($request, ...WriteLine::FIELDS);
        Hidden::refuse(Answer::user($request), $body->has('task') ? $body->uuid('task') : null, $body->has('order') ? $body->uuid('order') : null);
        $file = $action(Answer::user($request), $body);

        return Answer::json($file instanceof TaskFile ? Workspace::of($file) : OrderPage::of($file));
    }
}
