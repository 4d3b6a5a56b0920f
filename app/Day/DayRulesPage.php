<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\User;
use App\Records\Moment;
use App\Records\ShopClock;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\People\Act;
use Lumbro\Core\People\Role;

/** What the screen of a shop's hours shows: its rules, who is away, and who follows its plan from outside. */
final class DayRulesPage
{
    /** @return array<string, mixed> */
    public static function of(User $user): array
    {
        $register = DayRegister::of($user->shop_id);
        $people = DB::table('users')->where('shop_id', $user->shop_id)->where('active', true)->orderBy('name')->orderBy('id')->get(['id', 'name', 'role']);
        $today = ShopClock::of($user->shop_id)->date();
        $away = DB::table('absences')->where('shop_id', $user->shop_id)->where('to_hour', '>', $today)->orderBy('from_hour')->orderBy('id')->limit(200)->get();

        return [
            'version' => $register->version,
            'document' => Document::write($register->rules),
            'people' => array_values($people->filter(static fn(\stdClass $row): bool => Role::from($row->role)->may(Act::Work))->map(static fn(\stdClass $row): array => ['id' => $row->id, 'name' => $row->name])->all()),
            'bays' => array_values(DB::table('bays')->where('shop_id', $user->shop_id)->where('practice', false)->orderBy('name')->get(['id', 'name'])->map(static fn(\stdClass $row): array => ['id' => $row->id, 'name' => $row->name])->all()),
            'absences' => array_values($away->map(static fn(\stdClass $row): array => [
                'id' => $row->id, 'person' => $row->user_id, 'from' => $row->from_hour, 'to' => $row->to_hour, 'why' => $row->why, 'by' => $row->person,
            ])->all()),
            'feeds' => self::feeds($user),
            'mayChange' => $user->may(Act::Register),
            'mayNote' => $user->may(Act::Order),
            'mayShare' => $user->may(Act::Share),
        ];
    }

    /** @return list<array<string, mixed>> newest first */
    private static function feeds(User $user): array
    {
        $rows = DB::table('feed_links')->where('shop_id', $user->shop_id)->orderByDesc('made_at')->limit(100)->get();

        return array_values($rows->map(static fn(\stdClass $row): array => [
            'id' => $row->id, 'kind' => $row->kind, 'name' => $row->name, 'reader' => $row->reader, 'person' => $row->person,
            'madeAt' => Moment::read($row->made_at), 'expiresAt' => Moment::read($row->expires_at),
            'works' => $row->revoked_at === null && Moment::read($row->expires_at) > Moment::now(),
            'readAt' => $row->read_at === null ? null : Moment::read($row->read_at), 'reads' => (int) $row->reads,
        ])->all());
    }
}
