<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Models\Shop;
use App\Models\User;
use App\People\Passwords;
use App\People\SecondFactor;
use App\People\Sessions;
use App\People\ShopLog;
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
            User::query()->forceCreate(['shop_id' => $user->shop_id, 'id' => $body->id, 'name' => $body->text('name', 80, 2), 'email' => $email, 'role' => $role, 'password' => $password, 'must_change' => true]);
            ShopLog::note(ShopLog::LET_IN, $user, $body->text('name', 80, 2));

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
        $body = Body::of($request, [], ['role', 'active', 'newPassword', 'secondFactor']);
        $password = null;
        DB::transaction(static function () use ($user, $person, $body, &$password): void {
            // One change of the shop's people at a time: two leads cannot unmake each other.
            DB::table('shops')->where('id', $user->shop_id)->lockForUpdate()->first();
            $changed = User::query()->where('shop_id', $user->shop_id)->where('id', $person)->first() ?? throw Refusal::notFound('person');
            if ($body->has('role')) {
                $changed->role = $body->node('role')->oneOf(array_column(Role::cases(), 'value'));
                ShopLog::note(ShopLog::ROLE, $user, "$changed->name: $changed->role");
            }
            if ($body->has('active')) {
                $changed->active = $body->node('active')->flag();
                ShopLog::note($changed->active ? ShopLog::BACK : ShopLog::SHUT_OUT, $user, $changed->name);
            }
            if ($body->flag('newPassword')) {
                $password = Passwords::madeUp();
                $changed->password = $password;
                $changed->must_change = true;
                $changed->pin = null;
                ShopLog::note(ShopLog::NEW_PASSWORD, $user, $changed->name);
            }
            if ($body->has('secondFactor') && ! $body->node('secondFactor')->flag() && SecondFactor::isOn($changed)) {
                // Their telephone is gone, and the paper too.
                SecondFactor::end($changed);
                ShopLog::note(ShopLog::SECOND_OFF, $user, $changed->name);
            }
            $changed->save();
            self::keepALead($user->shop_id);
            if (! $changed->active || $password !== null) {
                Sessions::endOf($person);
            }
        });

        return Answer::json([...self::page($user), 'password' => $password]);
    }

    /** Whether those who lead the shop must have a second factor; whoever asks for it has one. */
    public function rule(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $wanted = Body::of($request, ['leadsNeedSecond'])->node('leadsNeedSecond')->flag();
        if ($wanted && ! SecondFactor::isOn($user)) {
            throw Refusal::field('/leadsNeedSecond', Message::of('people.second-first'));
        }
        Shop::query()->findOrFail($user->shop_id)->forceFill(['leads_need_second' => $wanted])->save();
        ShopLog::note(ShopLog::LEADS, $user, $wanted ? 'yes' : 'no');

        return Answer::json(self::page($user));
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
        $rows = DB::table('users')->where('shop_id', $user->shop_id)->orderByDesc('active')->orderBy('name')->orderBy('id')->get(['id', 'name', 'email', 'role', 'active', 'must_change', 'second_secret', 'created_at']);

        return [
            'people' => $rows->map(static fn(\stdClass $row): array => [
                'id' => $row->id, 'name' => $row->name, 'email' => $row->email, 'role' => $row->role, 'active' => (bool) $row->active,
                'isNew' => (bool) $row->must_change, 'second' => $row->second_secret !== null, 'isYou' => $row->id === $user->id, 'since' => Moment::read($row->created_at),
            ])->values()->all(),
            'roles' => array_map(static fn(Role $role): array => ['id' => $role->value, 'says' => Message::of("role.$role->value.may")], Role::cases()),
            'leadsNeedSecond' => Shop::query()->findOrFail($user->shop_id)->leads_need_second,
            'mayChange' => $user->may(Act::People),
            'password' => null,
        ];
    }
}
