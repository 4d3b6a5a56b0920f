<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Models\Shop;
use App\Models\User;
use App\People\Pads;
use App\People\Passwords;
use App\People\Pins;
use App\People\SecondFactor;
use App\People\Sessions;
use App\People\ShopLog;
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
        $fields = Node::parse($request->getContent())->fields(['email', 'password'], ['code']);
        $user = SignIn::person($request, $fields['email']->text(), $fields['password']->text(), isset($fields['code']) && ! in_array($fields['code']->raw(), [null, ''], true) ? $fields['code']->text() : null);
        self::enter($request, $user);
        Pins::forget($request, $user);
        ShopLog::note(ShopLog::SIGNED_IN, $user);

        return $this->show($request)->withCookie(SignIn::cookie($request, $user));
    }

    /** Another person takes over at a device that both use. */
    public function takeTurns(Request $request): JsonResponse
    {
        $fields = Node::parse($request->getContent())->fields(['person', 'pin']);
        $user = Pins::person($request, $fields['person']->line(60), $fields['pin']->line(60));
        self::enter($request, $user);
        ShopLog::note(ShopLog::SWITCHED, $user);

        return $this->show($request);
    }

    /** A phone becomes a pad of a task; one at which somebody is signed in stays theirs. */
    public function pair(Request $request): JsonResponse
    {
        [$user, $task] = Pads::pair(Node::parse($request->getContent())->fields(['token'])['token']->line(60));
        $present = $request->user();
        if (! $present instanceof User || ! $present->active || $present->shop_id !== $user->shop_id || Pads::task($request) !== null) {
            self::enter($request, $user);
            Pads::mark($request, $task);
        }

        return new JsonResponse(['task' => $task]);
    }

    /** Those who can take over here by their PIN: asked before anybody is signed in. */
    public function turns(Request $request): JsonResponse
    {
        return new JsonResponse(['people' => Pins::people($request)]);
    }

    private static function enter(Request $request, User $user): void
    {
        // Nothing of whoever was here before is left.
        $request->session()->flush();
        Auth::login($user);
        $request->session()->regenerate();
        Sessions::began($request);
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
            'due' => $user->must_change ? 'password' : (SecondFactor::isDue($user) ? 'second' : null),
            'shop' => $shop->name,
            'practice' => $shop->practice,
            'pad' => Pads::task($request),
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
        $user->forceFill(['must_change' => false, 'password' => Passwords::checked($fields['new'], [$user->name, $user->email, Shop::query()->findOrFail($user->shop_id)->name])])->save();
        ShopLog::note(ShopLog::PASSWORD, $user);
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
