<?php

declare(strict_types=1);

namespace App\People;

use App\Failure\Refusal;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/**
 * Persons take turns at one tablet by a short PIN. It is good only on a device where the person has signed in with their
 * password within the last weeks; a few wrong ones and the password is asked for again.
 */
final class Pins
{
    private const SHORTEST = 5;
    private const LONGEST = 10;

    /** Wrong PINs of a person on a device until the password is asked for. */
    private const GUESSES = 5;

    /** @throws Refusal where it is one that others would try */
    public static function checked(Node $node): string
    {
        $pin = $node->text();
        if (preg_match('/^\d{' . self::SHORTEST . ',' . self::LONGEST . '}$/D', $pin) !== 1) {
            throw Refusal::field($node->path(), Message::of('pin.digits', ['least' => self::SHORTEST, 'most' => self::LONGEST]));
        }
        $steps = array_map(static fn(string $a, string $b): int => (int) $b - (int) $a, str_split(substr($pin, 0, -1)), str_split(substr($pin, 1)));
        if (count(array_unique($steps)) === 1 || count(array_unique(str_split($pin))) < 3) {
            throw Refusal::field($node->path(), Message::of('pin.common'));
        }

        return $pin;
    }

    /** @return list<array{id: string, name: string}> those who can take over at this device */
    public static function people(Request $request): array
    {
        $people = [];
        foreach (self::known($request) as $id) {
            $user = User::query()->where('id', $id)->first();
            if ($user instanceof User && $user->active && $user->pin !== null && ! self::isUsedUp($request, $user)) {
                $people[] = ['id' => $user->id, 'name' => $user->name];
            }
        }
        usort($people, static fn(array $a, array $b): int => strcoll($a['name'], $b['name']));

        return $people;
    }

    /** @throws Refusal where it is not theirs, or this is no device of theirs */
    public static function person(Request $request, string $person, string $pin): User
    {
        $user = in_array($person, self::known($request), true) ? User::query()->where('id', $person)->first() : null;
        if (! $user instanceof User || ! $user->active || $user->pin === null || self::isUsedUp($request, $user)) {
            throw Refusal::field('/pin', Message::of('pin.password'));
        }
        // Counted before it is looked at: many at once are many.
        $guesses = Cache::increment(self::key($request, $user));
        if ($guesses > self::GUESSES || ! Hash::check($pin, $user->pin)) {
            ShopLog::line($user->shop_id, ShopLog::REFUSED, $user->name, 'PIN');

            throw Refusal::field('/pin', Message::of($guesses >= self::GUESSES ? 'pin.password' : 'pin.wrong'));
        }
        self::forget($request, $user);

        return $user;
    }

    /** The password was typed: guesses at the PIN are forgotten. */
    public static function forget(Request $request, User $user): void
    {
        Cache::put(self::key($request, $user), 0, 60 * 86_400);
    }

    private static function isUsedUp(Request $request, User $user): bool
    {
        return (int) Cache::get(self::key($request, $user), 0) >= self::GUESSES;
    }

    /** @return list<string> */
    private static function known(Request $request): array
    {
        return SignIn::recent($request);
    }

    private static function key(Request $request, User $user): string
    {
        return 'pin|' . SignIn::device($request) . "|$user->id";
    }
}
