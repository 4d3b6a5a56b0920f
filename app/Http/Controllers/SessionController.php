<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Models\Shop;
use App\Models\User;
use App\People\Passwords;
use App\People\Sessions;
use App\People\SignIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

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
        $user = SignIn::person($request, $fields['email']->text(), $fields['password']->text());
        Auth::login($user);
        $request->session()->regenerate();

        return $this->show($request)->withCookie(SignIn::cookie($request, $user));
    }

    public function show(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        $shop = Shop::query()->findOrFail($user->shop_id);
        $reader = $shop->reader();

        return new JsonResponse([
            'name' => $user->name,
            'email' => $user->email,
            'role' => $user->role,
            'may' => array_values(array_map(static fn(Act $act): string => $act->value, array_filter(Act::cases(), $user->may(...)))),
            'shop' => $shop->name,
            'practice' => $shop->practice,
            'reader' => ['language' => $reader->language, 'unit' => $reader->unit, 'decimal' => $reader->decimal, 'zone' => $reader->zone],
        ]);
    }

    public function signOut(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response('', 204);
    }

    /** The person's own password: the old one is asked for, and every other session of theirs ends. */
    public function password(Request $request): Response
    {
        $user = Answer::user($request);
        $fields = Node::parse($request->getContent())->fields(['old', 'new']);
        $key = "password|$user->id";
        if (RateLimiter::tooManyAttempts($key, self::ATTEMPTS)) {
            throw Refusal::tooMany(RateLimiter::availableIn($key));
        }
        if (! Hash::check($fields['old']->text(), $user->password)) {
            RateLimiter::hit($key);

            throw Refusal::field('/old', Message::of('session.old-password'));
        }
        $user->update(['password' => Passwords::checked($fields['new'], [$user->name, $user->email, Shop::query()->findOrFail($user->shop_id)->name])]);
        Sessions::endOf($user->id, $request->session()->getId());

        return new Response('', 204);
    }

    /** Ends every session of the person but this one. */
    public function signOutElsewhere(Request $request): JsonResponse
    {
        return new JsonResponse(['ended' => Sessions::endOf(Answer::user($request)->id, $request->session()->getId())]);
    }

    /** The least an authenticated request can be: what others are measured against. */
    public function ping(): JsonResponse
    {
        return new JsonResponse(['ok' => true]);
    }
}
