<?php

declare(strict_types=1);

namespace App\Http;

use App\Failure\Refusal;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What controllers share: who asks, and how an answer is written. */
final class Answer
{
    public static function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : throw Refusal::signIn();
    }

    /** @param array<array-key, mixed> $document */
    public static function json(array $document): JsonResponse
    {
        return new JsonResponse($document, 200, [], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
