<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Models\User;
use App\People\Passwords;
use App\People\Sessions;
use App\Records\Moment;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;
use Lumbro\Core\People\Role;

/** The shop's people: who may sign in and in which role. */
final class PeopleController
{
    public function index(Request $request): JsonResponse
    {
        return Answer::json(self::page(Answer::user($request)));
    }

    /** Lets somebody in. Their first password is told once, in this answer. */
    public function add(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['name', 'email', 'role']);
        $email = mb_strtolower($body->text('email', 200));
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            throw Refusal::field('/email', Message::of('people.no-email', ['email' => $email]));
        }
        $role = $body->node('role')->oneOf(array_column(Role::cases(), 'value'));
        $password = Passwords::madeUp();
        $added = DB::transaction(static function () use ($user, $body, $email, $role, $password): bool {
            if (User::query()->where('email', $email)->exists()) {
                return false;
            }
            User::query()->forceCreate(['shop_id' => $user->shop_id, 'id' => $body->id, 'name' => $body->text('name', 80, 2), 'email' => $email, 'role' => $role, 'password' => $password]);

            return true;
        });
        if (! $added) {
            throw Refusal::field('/email', Message::of('people.email-used'));
        }

        return Answer::json([...self::page($user), 'password' => $password]);
    }

    /** Changes somebody's role, shuts them out or lets them in again, or gives them a new first password. */
    public function change(Request $request, string $person): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, [], ['role', 'active', 'newPassword']);
        $password = null;
        DB::transaction(static function () use ($user, $person, $body, &$password): void {
            // One change of the shop's people at a time: two leads cannot unmake each other.
            DB::table('shops')->where('id', $user->shop_id)->lockForUpdate()->first();
            $changed = User::query()->where('shop_id', $user->shop_id)->where('id', $person)->first() ?? throw Refusal::notFound('person');
            if ($body->has('role')) {
                $changed->role = $body->node('role')->oneOf(array_column(Role::cases(), 'value'));
            }
            if ($body->has('active')) {
                $changed->active = $body->node('active')->flag();
            }
            if ($body->flag('newPassword')) {
                $password = Passwords::madeUp();
                $changed->password = $password;
            }
            $changed->save();
            self::keepALead($user->shop_id);
            if (! $changed->active || $password !== null) {
                Sessions::endOf($person);
            }
        });

        return Answer::json([...self::page($user), 'password' => $password]);
    }

    /** Somebody must be left who can let people in. */
    private static function keepALead(string $shop): void
    {
        $leads = User::query()->where('shop_id', $shop)->where('active', true)->pluck('role')->filter(static fn(string $role): bool => Role::from($role)->may(Act::People));
        if ($leads->isEmpty()) {
            throw Refusal::conflict('last-lead', Message::of('people.last-lead'));
        }
    }

    /** @return array<string, mixed> */
    private static function page(User $user): array
    {
        $rows = DB::table('users')->where('shop_id', $user->shop_id)->orderByDesc('active')->orderBy('name')->orderBy('id')->get(['id', 'name', 'email', 'role', 'active', 'created_at']);

        return [
            'people' => $rows->map(static fn(\stdClass $row): array => [
                'id' => $row->id, 'name' => $row->name, 'email' => $row->email, 'role' => $row->role, 'active' => (bool) $row->active,
                'isYou' => $row->id === $user->id, 'since' => Moment::read($row->created_at),
            ])->values()->all(),
            'roles' => array_map(static fn(Role $role): array => ['id' => $role->value, 'says' => Message::of("role.$role->value.may")], Role::cases()),
            'mayChange' => $user->may(Act::People),
            'password' => null,
        ];
    }
}
