<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\User;
use App\Records\Moment;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Exercise\CarDraw;
use Lumbro\Core\Exercise\Help;
use Lumbro\Core\Exercise\Order\OrderRubric;
use Lumbro\Core\Exercise\PathLesson;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Exercise\Rubric;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\People\Act;

/** What somebody can practise on, and how they have done. */
final class PracticePage
{
    /** @return array<string, mixed> (openapi.yaml, "Practice") */
    public static function of(User $user): array
    {
        $best = self::best($user);

        return [
            'path' => array_map(static fn(PathLesson $lesson): array => [
                'id' => $lesson->id, 'place' => $lesson->place, 'name' => $lesson->name, 'aim' => $lesson->aim, 'trains' => $lesson->trains,
                'minutes' => $lesson->minutes, 'help' => $lesson->help->value, 'begins' => $lesson->car->begins,
                'best' => $best[$lesson->id] ?? null,
            ], Cars::path()),
            'cars' => Cars::shipped(),
            'set' => self::set($user),
            'runs' => Runs::own($user),
            'kinds' => Cars::kinds(),
            'difficulties' => array_keys(CarDraw::DIFFICULTIES),
            'helps' => array_map(static fn(Help $help): array => ['id' => $help->value, 'says' => $help->said()], Help::cases()),
            'rubrics' => self::rubrics(),
            'trains' => $user->may(Act::Train),
        ];
    }

    /** @return array<string, array{method: int, result: int, times: int}> lesson → one's best, and how often it was gone through */
    private static function best(User $user): array
    {
        $best = [];
        $rows = DB::table('practice_runs')->where('shop_id', $user->shop_id)->where('user_id', $user->id)->where('source', 'lesson')->whereNotNull('ended_at')->get(['source_id', 'method', 'result']);
        foreach ($rows as $row) {
            $before = $best[$row->source_id] ?? ['method' => 0, 'result' => 0, 'times' => 0];
            $isBetter = $row->method + $row->result >= $before['method'] + $before['result'];
            $best[$row->source_id] = ['method' => $isBetter ? $row->method : $before['method'], 'result' => $isBetter ? $row->result : $before['result'], 'times' => $before['times'] + 1];
        }

        return $best;
    }

    /** @return list<array<string, mixed>> cars that were set to somebody and not answered yet */
    private static function set(User $user): array
    {
        $rows = DB::table('practice_sets as s')
            ->join('practice_cars as c', static fn($on) => $on->on('c.shop_id', 's.shop_id')->on('c.id', 's.practice_car_id'))
            ->where('s.shop_id', $user->shop_id)->where('s.user_id', $user->id)
            ->whereNotExists(static fn($query) => $query->from('practice_runs as r')->whereColumn('r.shop_id', 's.shop_id')->whereColumn('r.practice_set_id', 's.id')->whereNotNull('r.ended_at'))
            ->orderBy('s.set_at')
            ->get(['s.id', 's.help', 's.set_by', 's.set_at', 'c.document']);

        return array_values($rows->map(static fn(\stdClass $row): array => [
            'id' => $row->id, 'help' => $row->help, 'by' => $row->set_by, 'at' => Moment::read($row->set_at),
            ...Cars::told(Document::read(PracticeCar::class, Node::stored($row->document))),
        ])->all());
    }

    /** @return list<array{id: string, method: list<array{title: Message, most: int}>, result: list<array{title: Message, most: int}>}> what method and result are scored by, at a target and at an order */
    private static function rubrics(): array
    {
        $parts = static fn(array $most): array => array_map(static fn(string $id, int $points): array => ['title' => Message::of("rubric.$id"), 'most' => $points], array_keys($most), $most);
        $rubrics = [];
        foreach (['target' => Rubric::MOST, ...OrderRubric::MOST] as $id => $most) {
            $rubrics[] = ['id' => $id, 'method' => $parts($most['method']), 'result' => $parts($most['result'])];
        }

        return $rubrics;
    }
}
