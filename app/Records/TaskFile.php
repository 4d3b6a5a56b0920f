<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Refusal;
use App\Models\SensorTask;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Document\BayDocument;
use Lumbro\Core\Document\CardDocument;
use Lumbro\Core\Document\KitDocument;
use Lumbro\Core\Document\Node;
use Lumbro\Core\Document\RecordDocument;
use Lumbro\Core\Document\VehicleDocument;
use Lumbro\Core\Procedure\TaskContext;
use Lumbro\Core\Procedure\TaskState;
use Lumbro\Core\Record\Entry;

/** A sensor task as the database has it: its order, its card and its record, in the core's terms. */
final class TaskFile
{
    private const DOCUMENTS = [
        'card' => ['procedure_cards', 't.procedure_card_id'],
        'sheet' => ['vehicle_sheets', 'o.vehicle_sheet_id'],
        'kit' => ['kits', 'o.kit_id'],
        'bay' => ['bays', 'o.bay_id'],
    ];

    /** A reading's columns as the payload of a record's line. */
    private const READING = "jsonb_strip_nulls(jsonb_build_object('call', call, 'typed', typed, 'millimetres', millimetres, 'unit', unit, 'datum', datum_to, 'strikes', strikes_id, 'confirmed', nullif(confirmed, false)))";

    private ?TaskState $state = null;

    /** @param list<Entry> $entries */
    private function __construct(
        public readonly \stdClass $row,
        public readonly TaskContext $context,
        public array $entries,
        public int $version,
    ) {}

    /**
     * @param bool $forWriting keeps everybody else from writing to the order until the transaction ends
     *
     * @throws Refusal where the shop has no such task
     */
    public static function open(User $user, string $task, bool $forWriting = false): self
    {
        $query = SensorTask::query()->toBase()
            ->from('sensor_tasks as t')
            ->join('repair_orders as o', static fn($on) => $on->on('o.shop_id', 't.shop_id')->on('o.id', 't.repair_order_id'))
            ->leftJoin('sealed_records as s', static fn($on) => $on->on('s.shop_id', 't.shop_id')->on('s.sensor_task_id', 't.id'))
            ->where('t.shop_id', $user->shop_id)
            ->where('t.id', $task)
            ->select([
                't.id', 't.shop_id', 't.scenario', 'o.id as order_id', 'o.number', 'o.vehicle', 'o.plate', 'o.operations',
                's.hash', 's.sealed_at',
            ]);
        // One row each by its key: as joins, planning them would take the database longer than finding them.
        foreach (self::DOCUMENTS as $name => [$table, $column]) {
            $query->selectSub(
                static fn(Builder $row) => $row->from($table)->select('document')->whereColumn("$table.shop_id", 't.shop_id')->whereColumn("$table.id", $column),
                $name,
            );
        }
        if ($forWriting) {
            $query->lock('for update of o');
        }
        $row = $query->first();
        if ($row === null) {
            throw Refusal::notFound('This task');
        }
        $operations = array_map(
            static fn(Node $code): string => $code->text(),
            Node::parse($row->operations)->items(),
        );
        $context = new TaskContext(
            CardDocument::read(Node::parse($row->card)),
            VehicleDocument::read(Node::parse($row->sheet)),
            KitDocument::read(Node::parse($row->kit)),
            BayDocument::read(Node::parse($row->bay)),
            $operations,
        );

        $lines = self::lines($user->shop_id, $task);

        return new self($row, $context, array_values($lines), array_key_last($lines) ?? 0);
    }

    public function state(): TaskState
    {
        return $this->state ??= new TaskState($this->context, $this->entries);
    }

    public function isSealed(): bool
    {
        return $this->row->hash !== null;
    }

    public function has(string $id): bool
    {
        foreach ($this->entries as $entry) {
            if ($entry->id === $id) {
                return true;
            }
        }

        return false;
    }

    public function add(Entry $entry): void
    {
        $this->entries[] = $entry;
        $this->version++;
        $this->state = null;
    }

    /** @return array<int, Entry> version → line, in the order they were recorded */
    private static function lines(string $shop, string $task): array
    {
        $of = static fn(string $table, string $kind, string $payload): Builder => DB::table($table)
            ->selectRaw("version, id, person, recorded_at, $kind as kind, $payload as payload")
            ->where('shop_id', $shop)
            ->where('sensor_task_id', $task);
        $rows = $of('readings', "'reading'", self::READING)
            ->unionAll($of('record_events', 'kind', 'payload')->whereIn('kind', RecordDocument::KINDS))
            ->orderBy('version')
            ->get();

        return $rows->mapWithKeys(static fn(\stdClass $row): array => [(int) $row->version => RecordDocument::entry(
            $row->kind,
            $row->id,
            $row->person,
            self::time($row->recorded_at),
            Node::parse($row->payload),
        )])->all();
    }

    /** PostgreSQL's own form of a moment as ISO 8601 in UTC, to the millisecond. */
    private static function time(string $moment): string
    {
        return (new \DateTimeImmutable($moment))->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z');
    }
}
