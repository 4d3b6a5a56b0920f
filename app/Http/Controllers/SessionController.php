<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Refusal;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Lumbro\Core\Document\Node;

/** Signing in and out. */
final class SessionController
{
    private const ATTEMPTS = 10;

    public function csrf(): Response
    {
        return new Response('', 204);
    }

    public function signIn(Request $request): JsonResponse
    {
        $fields = Node::parse($request->getContent())->fields(['email', 'password']);
        $email = mb_strtolower(trim($fields['email']->text()));
        $key = 'sign-in|' . $email . '|' . $request->ip();
        if (RateLimiter::tooManyAttempts($key, self::ATTEMPTS)) {
            throw Refusal::tooMany(RateLimiter::availableIn($key));
        }
        if (! Auth::attempt(['email' => $email, 'password' => $fields['password']->text()])) {
            RateLimiter::hit($key);

            throw Refusal::field('/password', 'No account has this e-mail address and password.');
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return $this->show($request);
    }

    public function show(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse([
            'name' => $user->name,
            'email' => $user->email,
            'role' => $user->role,
            'shop' => Shop::query()->findOrFail($user->shop_id)->name,
        ]);
    }

    public function signOut(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response('', 204);
    }

    /** The least an authenticated request can be: what others are measured against. */
    public function ping(): JsonResponse
    {
        return new JsonResponse(['ok' => true]);
    }
}
