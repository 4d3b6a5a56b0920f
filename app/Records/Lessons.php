<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Kit\Lesson;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\SetUp\Taught;
use Lumbro\Core\Survey\Learned;

/** What a shop's sealed set-ups teach of its instruments. Practice teaches nothing, and a simulated car only what simulated ones are measured with. */
final class Lessons
{
    /** Keeps what a set-up teaches beside the seal it was closed by. */
    public static function keep(TaskFile $file, string $seal): void
    {
        if ((bool) $file->order->row->practice) {
            return;
        }
        $taught = Taught::of($file->context(), $file->state()->setUp);
        $own = ['shop_id' => $file->row->shop_id, 'sealed_record_id' => $seal, 'simulated' => $file->order->isSimulated()];
        DB::table('residuals')->insert(array_map(static fn(array $one, int $position): array => [...$own, 'position' => $position, ...$one], $taught->readings, array_keys($taught->readings)));
        DB::table('instrument_errors')->insert(array_map(static fn(array $one): array => [...$own, ...$one], $taught->errors));
    }

    /** Adds up anew what all seals that stand teach. */
    public static function refresh(string $shop, bool $simulated): void
    {
        $last = [];
        foreach (self::standing('instrument_errors', $shop, $simulated)->orderBy('s.sealed_at')->get(['r.instrument', 'r.error', 'r.value', 'r.s', 's.sealed_at']) as $row) {
            $last[$row->instrument][$row->error] = ['value' => (float) $row->value, 's' => (float) $row->s, 'at' => substr(Moment::read($row->sealed_at), 0, 10)];
        }
        $rows = [];
        foreach (self::sums(self::standing('residuals', $shop, $simulated)->groupBy('r.instrument')) as $sum) {
            $learned = self::learned($sum);
            $zero = $last[$sum->instrument]['zero'] ?? null;
            $scale = $last[$sum->instrument]['scale'] ?? null;
            $at = max($zero['at'] ?? '', $scale['at'] ?? '');
            $lesson = new Lesson($sum->instrument, $learned->factor, $learned->readings, $learned->redundancy, $zero['value'] ?? null, $zero['s'] ?? null, $scale['value'] ?? null, $scale['s'] ?? null, $at === '' ? null : $at);
            $rows[] = ['shop_id' => $shop, 'simulated' => $simulated, 'instrument' => $sum->instrument, 'document' => json_encode(Document::write($lesson), JSON_THROW_ON_ERROR)];
        }
        DB::table('lessons')->where('shop_id', $shop)->where('simulated', $simulated)->whereNotIn('instrument', array_column($rows, 'instrument'))->delete();
        DB::table('lessons')->upsert($rows, ['shop_id', 'simulated', 'instrument'], ['document']);
    }

    /** What the shop's instruments have taught by now, of real cars and of simulated ones, as JSON: an order counts by it from its opening on. */
    public static function now(string $shop): string
    {
        $of = ['real' => [], 'simulated' => []];
        foreach (DB::table('lessons')->where('shop_id', $shop)->orderBy('instrument')->get() as $row) {
            $of[$row->simulated ? 'simulated' : 'real'][] = Stored::decoded($row->document);
        }

        return json_encode($of, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * By which lessons an order counts: none in practice, and of simulated cars only where its own is one.
     *
     * @param array<\stdClass> $tasks of the order
     *
     * @return list<mixed>
     */
    public static function ofOrder(\stdClass $row, array $tasks): array
    {
        $known = Stored::decoded($row->lessons);
        $simulated = array_filter($tasks, static fn(\stdClass $task): bool => $task->scenario !== null) !== [];
        $of = $known instanceof \stdClass && ! (bool) $row->practice ? ($simulated ? $known->simulated : $known->real) : [];

        return is_array($of) ? array_values($of) : [];
    }

    /**
     * How an instrument did, month by month and by whom: what its factor rests on.
     *
     * @return array{months: list<array<string, mixed>>, people: list<array<string, mixed>>} latest month first
     */
    public static function history(string $shop, string $instrument, bool $simulated): array
    {
        $of = static fn(string $by, string $name): array => self::sums(
            self::standing('residuals', $shop, $simulated)->where('r.instrument', $instrument)->groupBy('r.instrument')->groupByRaw($by)->selectRaw("$by as $name")->orderByRaw("$by desc")->limit(24),
        );
        $told = static function (\stdClass $sum, string $name): array {
            $learned = self::learned($sum);

            return [$name => $sum->$name, 'readings' => $learned->readings, 'redundancy' => $learned->redundancy, 'factor' => $learned->factor];
        };

        return [
            'months' => array_map(static fn(\stdClass $sum): array => $told($sum, 'month'), $of("to_char(s.sealed_at, 'YYYY-MM')", 'month')),
            'people' => array_map(static fn(\stdClass $sum): array => $told($sum, 'person'), $of('r.person', 'person')),
        ];
    }

    /** Rows of the seals that stand: of a reopened record, its last. */
    private static function standing(string $table, string $shop, bool $simulated): Builder
    {
        return DB::table("$table as r")
            ->join('sealed_records as s', static fn($on) => $on->on('s.shop_id', 'r.shop_id')->on('s.id', 'r.sealed_record_id'))
            ->join('sensor_tasks as t', static fn($on) => $on->on('t.shop_id', 's.shop_id')->on('t.sealed_record_id', 's.id'))
            ->where('r.shop_id', $shop)
            ->where('r.simulated', $simulated);
    }

    private static function learned(\stdClass $sum): Learned
    {
        return Learned::withRepeats(
            ['seen' => (float) $sum->seen, 'redundancy' => (float) $sum->redundancy],
            ['seen' => (float) $sum->seen_again, 'redundancy' => (float) $sum->redundancy_again],
            (int) $sum->readings,
        );
    }

    /** @return list<\stdClass> with instrument, seen and redundancy of single readings and of repeated ones, and readings */
    private static function sums(Builder $of): array
    {
        $sum = static fn(string $what, string $of, string $as): string => "coalesce(sum($what) filter (where $of), 0) as $as";

        return array_values($of->selectRaw(implode(', ', [
            'r.instrument', 'count(*) as readings',
            $sum('(r.residual / r.s) ^ 2', 'not r.again', 'seen'), $sum('r.redundancy', 'not r.again', 'redundancy'),
            $sum('(r.residual / r.s) ^ 2', 'r.again', 'seen_again'), $sum('r.redundancy', 'r.again', 'redundancy_again'),
        ]))->get()->all());
    }
}
