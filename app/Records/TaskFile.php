<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Refusal;
use App\Models\Reading;
use App\Models\RecordEvent;
use App\Models\SensorTask;
use App\Models\User;
use Lumbro\Core\Document\BayDocument;
use Lumbro\Core\Document\CardDocument;
use Lumbro\Core\Document\KitDocument;
use Lumbro\Core\Document\Node;
use Lumbro\Core\Document\RecordDocument;
use Lumbro\Core\Document\VehicleDocument;
use Lumbro\Core\Procedure\TaskContext;
use Lumbro\Core\Procedure\TaskState;
use Lumbro\Core\Record\Entry;
use Lumbro\Core\Record\ReadingTaken;

/** A sensor task as the database has it: its order, its card and its record, in the core's terms. */
final class TaskFile
{
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
            ->join('procedure_cards as c', static fn($on) => $on->on('c.shop_id', 't.shop_id')->on('c.id', 't.procedure_card_id'))
            ->join('vehicle_sheets as v', static fn($on) => $on->on('v.shop_id', 't.shop_id')->on('v.id', 'o.vehicle_sheet_id'))
            ->join('kits as k', static fn($on) => $on->on('k.shop_id', 't.shop_id')->on('k.id', 'o.kit_id'))
            ->join('bays as b', static fn($on) => $on->on('b.shop_id', 't.shop_id')->on('b.id', 'o.bay_id'))
            ->leftJoin('sealed_records as s', static fn($on) => $on->on('s.shop_id', 't.shop_id')->on('s.sensor_task_id', 't.id'))
            ->where('t.shop_id', $user->shop_id)
            ->where('t.id', $task)
            ->select([
                't.id', 't.shop_id', 't.scenario', 'o.id as order_id', 'o.number', 'o.vehicle', 'o.plate', 'o.operations', 'o.version',
                'c.document as card', 'v.document as sheet', 'k.document as kit', 'b.document as bay', 's.hash', 's.sealed_at',
            ]);
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

        return new self($row, $context, self::entries($user->shop_id, $task), (int) $row->version);
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

    /** @return list<Entry> in the order they were recorded */
    private static function entries(string $shop, string $task): array
    {
        $entries = [];
        foreach (Reading::query()->where('shop_id', $shop)->where('sensor_task_id', $task)->toBase()->get() as $row) {
            $entries[(int) $row->version] = new ReadingTaken(
                $row->id,
                $row->person,
                self::time($row->recorded_at),
                $row->call,
                $row->typed,
                (float) $row->millimetres,
                $row->unit,
                $row->datum_to,
                $row->strikes_id,
            );
        }
        $events = RecordEvent::query()
            ->where('shop_id', $shop)
            ->where('sensor_task_id', $task)
            ->toBase()
            ->whereIn('kind', RecordDocument::KINDS)
            ->get();
        foreach ($events as $row) {
            $entries[(int) $row->version] = RecordDocument::entry(
                $row->kind,
                $row->id,
                $row->person,
                self::time($row->recorded_at),
                Node::parse($row->payload),
            );
        }
        ksort($entries);

        return array_values($entries);
    }

    /** PostgreSQL's own form of a moment as ISO 8601 in UTC, to the millisecond. */
    private static function time(string $moment): string
    {
        return (new \DateTimeImmutable($moment))->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z');
    }
}
