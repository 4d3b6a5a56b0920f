<?php

declare(strict_types=1);

namespace App\Practice;

use App\Failure\Refusal;
use App\Models\User;
use App\Records\Moment;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Exercise\Help;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** What a trainer does: makes cars, sets them to people, watches, and sees how people come on. */
final class Trainer
{
    /** @return array<string, mixed> (openapi.yaml, "Trainer") */
    public static function page(User $user): array
    {
        return [
            'cars' => self::cars($user),
            'people' => array_values(DB::table('users')->where('shop_id', $user->shop_id)->where('active', true)->orderBy('name')->get(['id', 'name'])->map(static fn(\stdClass $row): array => ['id' => $row->id, 'name' => $row->name])->all()),
            'helps' => array_map(static fn(Help $help): array => ['id' => $help->value, 'says' => $help->said()], Help::cases()),
            'kinds' => Cars::kinds(),
            'watched' => Watching::now($user),
            'scores' => Watching::scores($user),
            'mistakes' => Watching::mistakes($user),
        ];
    }

    /**
     * Keeps a car; the same id again is the same car.
     *
     * @throws Refusal where it rests on something that practice does not have
     */
    public static function keep(User $user, string $id, PracticeCar $car): void
    {
        Cars::check($car);
        DB::table('practice_cars')->insertOrIgnore([
            'shop_id' => $user->shop_id, 'id' => $id, 'title' => $car->title, 'document' => json_encode(Document::write($car), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
            'user_id' => $user->id, 'person' => $user->name, 'made_at' => Moment::now(),
        ]);
    }

    /** @throws Refusal where the shop has no such car */
    public static function car(User $user, string $id): PracticeCar
    {
        $document = DB::table('practice_cars')->where('shop_id', $user->shop_id)->where('id', $id)->value('document');

        return is_string($document) ? Document::read(PracticeCar::class, Node::stored($document)) : throw Refusal::notFound('practice-car');
    }

    /** A car that nobody is to be set any more; who has it goes on. */
    public static function putAway(User $user, string $id): void
    {
        self::car($user, $id);
        DB::table('practice_cars')->where('shop_id', $user->shop_id)->where('id', $id)->whereNull('put_away_at')->update(['put_away_at' => Moment::now()]);
    }

    /**
     * @param list<string> $people ids
     *
     * @throws Refusal where somebody is not of this shop
     */
    public static function set(User $user, string $id, array $people, Help $help): void
    {
        self::car($user, $id);
        foreach ($people as $i => $person) {
            if (! DB::table('users')->where('shop_id', $user->shop_id)->where('id', $person)->exists()) {
                throw Refusal::field("/people/$i", Message::of('practice.no-person'));
            }
            DB::table('practice_sets')->insert(['shop_id' => $user->shop_id, 'id' => (string) Str::uuid7(), 'practice_car_id' => $id, 'user_id' => $person, 'help' => $help->value, 'set_by' => $user->name, 'set_at' => Moment::now()]);
        }
    }

    /** @return list<array<string, mixed>> newest first */
    private static function cars(User $user): array
    {
        $rows = DB::table('practice_cars')->where('shop_id', $user->shop_id)->whereNull('put_away_at')->orderByDesc('made_at')->get();
        $sets = self::sets($user);

        return array_values($rows->map(static function (\stdClass $row) use ($sets): array {
            $car = Document::read(PracticeCar::class, Node::stored($row->document));

            return ['id' => $row->id, 'title' => $row->title, 'by' => $row->person, 'at' => Moment::read($row->made_at), ...Cars::told($car), 'faults' => MadeCar::faults($car), 'set' => $sets[$row->id] ?? []];
        })->all());
    }

    /** @return array<string, list<array<string, mixed>>> car → to whom it is set, and whether they have answered */
    private static function sets(User $user): array
    {
        $rows = DB::table('practice_sets as s')
            ->join('users as u', static fn($on) => $on->on('u.shop_id', 's.shop_id')->on('u.id', 's.user_id'))
            ->leftJoin('practice_runs as r', static fn($on) => $on->on('r.shop_id', 's.shop_id')->on('r.practice_set_id', 's.id'))
            ->where('s.shop_id', $user->shop_id)->orderBy('s.set_at')
            ->get(['s.practice_car_id', 'u.name', 's.help', 'r.ended_at', 'r.began_at']);
        $sets = [];
        foreach ($rows as $row) {
            $sets[$row->practice_car_id][] = ['person' => $row->name, 'help' => $row->help, 'state' => $row->ended_at !== null ? 'answered' : ($row->began_at !== null ? 'begun' : 'waiting')];
        }

        return $sets;
    }
}
