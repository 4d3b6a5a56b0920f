<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Models\Shop;
use App\Models\User;
use App\People\Pins;
use App\People\SecondFactor;
use App\People\Sessions;
use App\People\ShopLog;
use App\People\Totp;
use App\Reports\QrCode;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** One's own account: second factor, PIN, sessions. Whatever weakens it asks for the password. */
final class AccountController
{
    private const ATTEMPTS = 10;

    private const PENDING = 'second-secret';

    public function show(Request $request): JsonResponse
    {
        return Answer::json(self::page($request));
    }

    /** A secret for the telephone; nothing is in force until a code of it comes. */
    public function begin(Request $request, QrCode $qr): JsonResponse
    {
        $user = Answer::user($request);
        self::asked($user, Node::parse($request->getContent())->fields(['password'])['password']);
        $secret = Totp::secret();
        $request->session()->put(self::PENDING, $secret);

        return Answer::json(['secret' => implode(' ', str_split($secret, 4)), 'qr' => $qr->svg(Totp::address($secret, $user->email, Shop::query()->findOrFail($user->shop_id)->name))]);
    }

    public function confirm(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $code = Node::parse($request->getContent())->fields(['code'])['code'];
        $secret = $request->session()->get(self::PENDING);
        if (! is_string($secret)) {
            throw Refusal::field('/code', Message::of('second.not-begun'));
        }
        self::slow($user);
        $codes = SecondFactor::begin($user, $secret, $code->line(20));
        $request->session()->forget(self::PENDING);
        ShopLog::note(ShopLog::SECOND_ON, $user);
        Sessions::endOf($user->id, $request->session()->getId());

        return Answer::json([...self::page($request), 'codes' => $codes]);
    }

    public function end(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        self::asked($user, Node::parse($request->getContent())->fields(['password'])['password']);
        SecondFactor::end($user);
        ShopLog::note(ShopLog::SECOND_OFF, $user);

        return Answer::json(self::page($request));
    }

    /** A PIN for shared tablets; null takes it away. */
    public function pin(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $f = Node::parse($request->getContent())->fields(['password', 'pin']);
        $pin = $f['pin']->raw() === null ? null : Pins::checked($f['pin']);
        self::asked($user, $f['password']);
        $user->forceFill(['pin' => $pin])->save();
        ShopLog::note(ShopLog::PIN, $user);

        return Answer::json(self::page($request));
    }

    public function endSession(Request $request, string $session): JsonResponse
    {
        $user = Answer::user($request);
        if (! Sessions::end($user->id, $session)) {
            throw Refusal::notFound('session');
        }

        return Answer::json(self::page($request));
    }

    /** @return array<string, mixed> */
    private static function page(Request $request): array
    {
        $user = Answer::user($request)->refresh();

        return [
            'second' => SecondFactor::isOn($user), 'codesLeft' => SecondFactor::codesLeft($user), 'pin' => $user->pin !== null,
            'sessions' => Sessions::of($user->id, $request->session()->getId()), 'codes' => null,
        ];
    }

    private static function asked(User $user, Node $password): void
    {
        self::slow($user);
        if (strlen($password->text()) > 1_000 || ! Hash::check($password->text(), $user->password)) {
            throw Refusal::field('/password', Message::of('session.old-password'));
        }
        RateLimiter::clear("account|$user->id");
    }

    private static function slow(User $user): void
    {
        $key = "account|$user->id";
        if (RateLimiter::tooManyAttempts($key, self::ATTEMPTS)) {
            throw Refusal::tooMany(RateLimiter::availableIn($key));
        }
        RateLimiter::hit($key);
    }
}
