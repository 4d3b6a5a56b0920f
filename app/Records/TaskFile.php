<?php

declare(strict_types=1);

namespace App\Records;

use App\Failure\Refusal;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Bay\Bay;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Decision\RuleSet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\RunMade;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Record\TaskJournal;
use Lumbro\Core\SetUp\MeasuringPlan;
use Lumbro\Core\SetUp\TaskContext;
use Lumbro\Core\Work\Stage;
use Lumbro\Core\Work\TaskState;

/** A sensor task as the database has it: its order, its card and its record, in the core's terms. */
final class TaskFile
{
    /** A reading's columns as the payload of a record's line. */
    private const READING = "jsonb_strip_nulls(jsonb_build_object('call', call, 'typed', typed, 'millimetres', millimetres, 'degrees', degrees, 's', uncertainty, 'unit', unit, 'datum', datum_to, 'instrument', nullif(instrument, ''), 'strikes', strikes_id, 'confirmed', nullif(confirmed, false)))";

    private function __construct(
        public readonly \stdClass $row,
        public readonly OrderFile $order,
        public readonly TaskJournal $journal,
        public int $version,
    ) {}

    /**
     * @param bool $forWriting keeps everybody else from writing to the order until the transaction ends
     *
     * @throws Refusal where the shop has no such task
     */
    public static function open(User $user, string $task, bool $forWriting = false): self
    {
        $query = OrderFile::query($user)
            ->join('sensor_tasks as t', static fn($on) => $on->on('t.shop_id', 'o.shop_id')->on('t.repair_order_id', 'o.id'))
            ->where('t.id', $task)
            // Both in one: each further look costs the database more than it finds.
            ->selectSub(static fn(Builder $seal) => self::seal($seal)->selectRaw("s.order_version || ' ' || s.sealed_at"), 'sealed');
        if ($forWriting) {
            $query->lock('for update of o');
        }
        $row = $query->first() ?? throw Refusal::notFound('task');
        [$version, $row->sealed_at] = $row->sealed === null ? [0, null] : explode(' ', $row->sealed, 2);
        $order = OrderFile::of($row, $row->sealed_at === null ? null : ['version' => (int) $version, 'at' => $row->sealed_at]);
        foreach ($order->tasks as $found) {
            if ($found->id === $task) {
                return self::within($order, $found);
            }
        }

        throw Refusal::notFound('task');
    }

    /** The seal that stands on a task of the query above. */
    private static function seal(Builder $query): Builder
    {
        return $query->from('sealed_records as s')->whereColumn('s.shop_id', 't.shop_id')->whereColumn('s.id', 't.sealed_record_id');
    }

    /**
     * One of the tasks of an order that is open already.
     *
     * @throws Refusal where the task cannot be worked on here
     */
    public static function within(OrderFile $order, \stdClass $task): self
    {
        $row = (object) [
            'id' => $task->id, 'shop_id' => $order->row->shop_id, 'sensor' => $task->sensor, 'scenario' => $task->scenario, 'hash' => $task->hash,
            'order_id' => $order->row->id, 'number' => $order->row->number, 'vehicle' => $order->row->vehicle, 'plate' => $order->row->plate,
            'sealed_at' => $order->row->sealed_at ?? null, 'card' => $task->card,
        ];
        if (! isset($order->journal->context->cards[$task->sensor])) {
            throw Refusal::conflict('no-card', Message::of('hindrance.card'));
        }
        if ($order->state()->kit() === null) {
            throw Refusal::conflict('no-kit', Message::of('hindrance.kit'));
        }
        if ($order->row->bay === null) {
            throw Refusal::conflict('no-bay', Message::of('hindrance.bay'));
        }
        $rows = self::rows($row->shop_id, $row->id);
        $journal = new TaskJournal($order->journal, $task->sensor, Document::read(Bay::class, Node::stored($order->row->bay)), self::earlierLevels($order, $task, $rows), array_map(static fn(\stdClass $line): Line => Kinds::taskLine(...Stored::line($line)), $rows), RuleSet::from($task->rules));

        return new self($row, $order, $journal, (int) (end($rows)->version ?? 0));
    }

    /** What the task rests on besides its own lines. */
    public function context(): TaskContext
    {
        return $this->journal->context();
    }

    /** Where the task stands. */
    public function state(): TaskState
    {
        return $this->journal->state();
    }

    /** How the set-up is measured: to be had without solving it. */
    public function plan(): MeasuringPlan
    {
        return $this->journal->plan();
    }

    public function isSealed(): bool
    {
        return $this->row->hash !== null;
    }

    /** Whether a session log of a scan tool was loaded for it; asked for only where the run can have begun. */
    public function hasToolLog(): bool
    {
        return in_array($this->state()->stage(), [Stage::Run, Stage::Prove, Stage::Close], true) && ToolLog::of($this) !== null;
    }

    public function has(string $id): bool
    {
        return in_array($id, array_column($this->journal->entries(), 'id'), true) || $this->order->has($id);
    }

    public function add(Line $line): void
    {
        $this->journal->add($line);
        $this->version++;
    }

    /**
     * Echo levels of the last accepted tasks by the same card; asked for once there is something to compare with them.
     * Practice neither teaches a real task anything nor learns of one, and no real one learns of a simulated car.
     *
     * @param list<\stdClass> $rows of the task's own journal
     *
     * @return list<float> dB
     */
    private static function earlierLevels(OrderFile $order, \stdClass $task, array $rows): array
    {
        if ($order->row->practice || ! isset($task->card_id) || ! in_array(RunMade::KIND, array_column($rows, 'kind'), true)) {
            return [];
        }

        return DB::table('sensor_tasks as t')
            ->join('sealed_records as s', static fn($on) => $on->on('s.shop_id', 't.shop_id')->on('s.id', 't.sealed_record_id'))
            ->join('record_events as e', static fn($on) => $on->on('e.shop_id', 't.shop_id')->on('e.sensor_task_id', 't.id'))
            ->join('repair_orders as o', static fn($on) => $on->on('o.shop_id', 't.shop_id')->on('o.id', 't.repair_order_id'))
            ->where('t.shop_id', $order->row->shop_id)
            ->where('o.practice', false)
            ->when($task->scenario === null, static fn(Builder $query): Builder => $query->whereNull('t.scenario'))
            ->where('t.procedure_card_id', $task->card_id)
            ->where('t.id', '<>', $task->id)
            ->where('e.kind', 'run')
            // In the canonical form that was sealed: neither handed over unproven nor sent back.
            ->whereRaw("position('\"handover\":null' in s.record) > 0 and position('\"proven\":true' in s.record) > 0")
            ->orderByDesc('s.sealed_at')
            ->limit(60)
            ->selectRaw("(e.payload->>'echoLevel')::float as level")
            ->pluck('level')
            ->filter(static fn(mixed $level): bool => $level !== null)
            ->map(floatval(...))
            ->values()
            ->all();
    }

    /** @return list<\stdClass> the task's own journal, oldest first */
    private static function rows(string $shop, string $task): array
    {
        $of = static fn(string $table, string $kind, string $payload): Builder => DB::table($table)
            ->selectRaw("version, id, person, recorded_at, $kind as kind, $payload as payload")
            ->where('shop_id', $shop)
            ->where('sensor_task_id', $task);

        return array_values($of('readings', "'reading'", self::READING)
            ->unionAll($of('record_events', 'kind', 'payload')->whereIn('kind', Kinds::names(Kinds::TASK)))
            ->orderBy('version')
            ->get()
            ->all());
    }
}
