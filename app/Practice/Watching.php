<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\User;
use App\Records\Moment;
use App\Records\TaskFile;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Facts\AskedAdvice;
use Lumbro\Core\Message\Message;

/** What a trainer sees of those who practise: who is at which call, what came of it, and by which mistakes. */
final class Watching
{
    /** So many finished exercises are looked back on. */
    private const MOST = 200;

    /** @return list<array<string, mixed>> who is at which call now, the longest at it first */
    public static function now(User $user): array
    {
        $rows = DB::table('practice_runs')->where('shop_id', $user->shop_id)->whereNull('ended_at')->orderBy('began_at')->limit(20)->get();

        return array_values($rows->map(static function (\stdClass $row) use ($user): array {
            $file = TaskFile::open($user, $row->sensor_task_id);
            $car = Runs::car($row);
            $present = $file->state()->present();
            $last = $file->journal->entries();

            return [
                ...Runs::document($row),
                'stage' => $present->stage()->value,
                'now' => $car->isOrder() ? OrderBench::asked($user, $row)['says'] : AskedAdvice::of($file->journal)['says'],
                'readings' => count($file->state()->record->readings),
                'consistent' => $file->state()->setUp->isConsistent(),
                'lastAt' => $last === [] ? null : $last[count($last) - 1]->at,
                'truth' => MadeCar::faults($car),
            ];
        })->all());
    }

    /** @return list<array<string, mixed>> what came of exercises, newest first */
    public static function scores(User $user): array
    {
        return array_values(self::ended($user)->get(['id', 'number', 'person', 'title', 'help', 'ended_at', 'began_at', 'method', 'result', 'asked', 'reckoning'])->map(static fn(\stdClass $row): array => [
            'id' => $row->id, 'number' => "P-$row->number", 'person' => $row->person, 'title' => $row->title, 'help' => $row->help, 'at' => Moment::read($row->ended_at),
            'minutes' => (int) round((strtotime($row->ended_at) - strtotime($row->began_at)) / 60), 'method' => $row->method, 'result' => $row->result, 'asked' => $row->asked, 'mistakes' => $row->reckoning === null ? [] : self::kinds($row->reckoning),
        ])->all());
    }

    /** @return list<array<string, mixed>> person → how often each kind of mistake was made, of how many exercises */
    public static function mistakes(User $user): array
    {
        $people = [];
        foreach (self::ended($user)->whereNotNull('reckoning')->get(['person', 'reckoning']) as $row) {
            $people[$row->person] ??= ['exercises' => 0, 'kinds' => []];
            $people[$row->person]['exercises']++;
            foreach (self::kinds($row->reckoning) as $id) {
                $kinds = $people[$row->person]['kinds'];
                $people[$row->person]['kinds'][$id] = ($kinds[$id] ?? 0) + 1;
            }
        }
        ksort($people);

        return array_map(static fn(string $person, array $made): array => [
            'person' => $person, 'exercises' => $made['exercises'],
            'kinds' => array_map(static fn(string $id, int $times): array => ['id' => $id, 'says' => Message::of("rubric.$id"), 'times' => $times], array_keys($made['kinds']), $made['kinds']),
        ], array_keys($people), $people);
    }

    /** @return list<string> parts of a score that lost points */
    private static function kinds(string $reckoning): array
    {
        $score = json_decode($reckoning, true, 64, JSON_THROW_ON_ERROR)['score'];
        $lost = array_filter([...$score['methodParts'], ...$score['resultParts']], static fn(array $part): bool => $part['most'] > 0 && $part['points'] < $part['most'] - 0.05);

        return array_column($lost, 'id');
    }

    private static function ended(User $user): Builder
    {
        return DB::table('practice_runs')->where('shop_id', $user->shop_id)->whereNotNull('ended_at')->orderByDesc('ended_at')->limit(self::MOST);
    }
}
