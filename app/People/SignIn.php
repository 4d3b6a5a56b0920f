<?php

declare(strict_types=1);

namespace App\People;

use App\Failure\Refusal;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Lumbro\Core\Message\Message;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * Finds the person whose address and password were typed. A guess costs the same whether there is such an account or not.
 *
 * Guesses are counted by account and by network address; a device on which a person has signed in before is counted by
 * itself. So nobody who guesses from elsewhere, or beside them in the same network, keeps a person out.
 */
final class SignIn
{
    private const COOKIE = 'lumbro_device';

    /** People whom a device remembers, at most, and for how long, in minutes. */
    private const PEOPLE = 30;
    private const YEAR = 525_600;

    /** Wrong passwords a minute: at one account, from one network address, on a device that a person has used. */
    private const ACCOUNT = 10;
    private const ADDRESS = 30;
    private const DEVICE = 10;

    /** What is longer is nobody's, and not worth a look. */
    private const EMAIL = 254;
    private const PASSWORD = 1_000;

    /** Days after which a device asks for the password again, and takes no PIN. */
    private const RECENT = 30;

    /**
     * @param string|null $code the second factor, where it was typed
     *
     * @throws Refusal where there is none, or where too many were tried
     */
    public static function person(Request $request, string $email, string $password, ?string $code = null): User
    {
        $email = mb_strtolower(trim($email));
        if (strlen($email) > self::EMAIL || strlen($password) > self::PASSWORD) {
            throw self::unknown();
        }
        $user = User::query()->where('email', $email)->first();
        $limits = $user instanceof User && in_array($user->id, self::known($request)['people'], true)
            ? ['device|' . self::known($request)['device'] . "|$user->id" => self::DEVICE]
            : ['account|' . $email => self::ACCOUNT, 'address|' . $request->ip() => self::ADDRESS];
        foreach ($limits as $key => $most) {
            if (RateLimiter::tooManyAttempts(self::key($key), $most)) {
                throw Refusal::tooMany(RateLimiter::availableIn(self::key($key)));
            }
        }
        $isRight = Hash::check($password, $user instanceof User ? $user->password : self::nobodys());
        if ($isRight && $user instanceof User && $user->active && SecondFactor::isOn($user)) {
            // Whoever knows the password is told that a code is asked for; that is no guess, and a wrong code is one.
            if ($code === null || trim($code) === '') {
                throw Refusal::field('/code', Message::of('second.asked'));
            }
            if (strlen($code) > 60 || ! SecondFactor::accepts($user, $code)) {
                self::count($limits);
                ShopLog::line($user->shop_id, ShopLog::REFUSED, $user->name);

                throw Refusal::field('/code', Message::of('second.wrong'));
            }
        }
        if (! $isRight || ! $user instanceof User || ! $user->active) {
            self::count($limits);
            if ($user instanceof User) {
                ShopLog::line($user->shop_id, ShopLog::REFUSED, $user->name);
            }

            throw self::unknown();
        }
        foreach (array_keys($limits) as $key) {
            // Whoever knows one password clears nobody else's guesses from the same place.
            if (! str_starts_with($key, 'address|')) {
                RateLimiter::clear(self::key($key));
            }
        }

        return $user;
    }

    /** By which the device is known the next time this person signs in on it. */
    public static function cookie(Request $request, User $user): Cookie
    {
        $known = self::known($request);
        $people = array_slice([$user->id, ...array_diff($known['people'], [$user->id])], 0, self::PEOPLE);

        $since = array_intersect_key([$user->id => time()] + $known['since'], array_flip($people));

        return cookie(self::COOKIE, json_encode(['device' => $known['device'], 'people' => $people, 'since' => $since], JSON_THROW_ON_ERROR), self::YEAR, '/', null, (bool) config('session.secure'), true, false, 'lax');
    }

    /** By which guesses on this device are counted. */
    public static function device(Request $request): string
    {
        return self::known($request)['device'];
    }

    /** @return list<string> ids of those who have typed their password here within the last weeks */
    public static function recent(Request $request): array
    {
        return array_keys(array_filter(self::known($request)['since'], static fn(int $at): bool => $at > time() - self::RECENT * 86_400));
    }

    /** @param array<string, int> $limits */
    private static function count(array $limits): void
    {
        foreach (array_keys($limits) as $key) {
            RateLimiter::hit(self::key($key));
        }
    }

    /** @return array{device: string, people: list<string>, since: array<string, int>} nobody but the server can write it */
    private static function known(Request $request): array
    {
        $found = json_decode((string) $request->cookie(self::COOKIE), true);
        $people = is_array($found) && is_array($found['people'] ?? null) ? array_values(array_filter($found['people'], is_string(...))) : [];

        return ['device' => is_array($found) && is_string($found['device'] ?? null) ? $found['device'] : bin2hex(random_bytes(8)), 'people' => $people, 'since' => is_array($found) && is_array($found['since'] ?? null) ? array_filter($found['since'], is_int(...)) : []];
    }

    /** A hash that no password fits, as slow to look at as everybody's. */
    private static function nobodys(): string
    {
        $kept = Cache::rememberForever('sign-in|nobody', static fn(): string => Hash::make(bin2hex(random_bytes(16))));

        return is_string($kept) && ! Hash::needsRehash($kept) ? $kept : Hash::make(bin2hex(random_bytes(16)));
    }

    private static function key(string $of): string
    {
        return 'sign-in|' . hash('sha256', $of);
    }

    private static function unknown(): Refusal
    {
        return Refusal::field('/password', Message::of('session.unknown'));
    }
}
