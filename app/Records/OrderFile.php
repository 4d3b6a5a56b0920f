<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\Refusal;
use App\Models\RepairOrder;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OrderContext;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\OrderLineDocument;
use Lumbro\Core\Measure\Node;

/** A repair order as the database has it: its car, its sensors' cards and its record, in the core's terms. */
final class OrderFile
{
    private ?OrderState $state = null;

    /**
     * @param list<\stdClass>   $tasks   id, sensor, card's id and document, hash where it is sealed
     * @param list<OrderLine>  $entries
     */
    private function __construct(
        public readonly \stdClass $row,
        public readonly array $tasks,
        public readonly OrderContext $context,
        public array $entries,
        public int $version,
    ) {}

    /**
     * @param bool $forWriting keeps everybody else from writing to the order until the transaction ends
     *
     * @throws Refusal where the shop has no such order
     */
    public static function open(User $user, string $order, bool $forWriting = false): self
    {
        $query = self::query($user)->where('o.id', $order);
        if ($forWriting) {
            $query->lock('for update of o');
        }

        return self::of($query->first() ?? throw Refusal::notFound('This repair order'));
    }

    /** The orders of a person's shop as "o", each with the documents it rests on. */
    public static function query(User $user): Builder
    {
        $query = RepairOrder::query()->toBase()
            ->from('repair_orders as o')
            ->where('o.shop_id', $user->shop_id)
            ->select(['o.id', 'o.shop_id', 'o.number', 'o.vehicle', 'o.plate', 'o.vin', 'o.created_at', 'o.bay_id', 'o.summary', 'o.practice'])
            // One row each by its key: as joins, planning them would take the database longer than finding them.
            ->selectSub(static fn(Builder $sheet) => $sheet->from('vehicle_sheets as v')->select('v.document')->whereColumn('v.shop_id', 'o.shop_id')->whereColumn('v.id', 'o.vehicle_sheet_id'), 'sheet')
            ->selectSub(static fn(Builder $bay) => $bay->from('bays as b')->select('b.document')->whereColumn('b.shop_id', 'o.shop_id')->whereColumn('b.id', 'o.bay_id'), 'bay');
        ShopFloor::columns($query, 'o.shop_id');

        return $query;
    }

    /**
     * @param \stdClass                           $row    as the query above gives it
     * @param array{version: int, at: string}|null $sealed the version of the order's journal to show it at, and when it was sealed; null for as it stands
     */
    public static function of(\stdClass $row, ?array $sealed = null): self
    {
        $floor = ShopFloor::read($row);
        $tasks = DB::table('sensor_tasks as t')
            ->leftJoin('procedure_cards as c', static fn($on) => $on->on('c.shop_id', 't.shop_id')->on('c.id', 't.procedure_card_id'))
            ->leftJoin('sealed_records as s', static fn($on) => $on->on('s.shop_id', 't.shop_id')->on('s.id', 't.sealed_record_id'))
            ->where('t.shop_id', $row->shop_id)
            ->where('t.repair_order_id', $row->id)
            ->orderBy('t.id')
            ->get(['t.id', 't.sensor', 't.procedure_card_id as card_id', 't.scenario', 't.serial', 't.part_number', 'c.document as card', 's.hash'])
            ->all();
        $cards = [];
        foreach ($tasks as $task) {
            $cards[$task->sensor] = $task->card === null ? null : Document::read(ProcedureCard::class, Node::stored($task->card));
        }
        $lines = DB::table('order_events')
            ->where('shop_id', $row->shop_id)
            ->where('repair_order_id', $row->id)
            ->when($sealed !== null, static fn($query) => $query->where('version', '<=', $sealed['version']))
            ->orderBy('version')
            ->get(['version', 'id', 'person', 'recorded_at', 'kind', 'payload']);
        $entries = [];
        $version = 0;
        foreach ($lines as $line) {
            $entries[] = OrderLineDocument::entry($line->kind, $line->id, $line->person, Moment::read($line->recorded_at), Node::stored($line->payload));
            $version = (int) $line->version;
        }
        $context = new OrderContext(Document::read(VehicleSheet::class, Node::stored($row->sheet)), $cards, $floor->rules, $floor->kit, $sealed === null ? Moment::today() : substr(Moment::read($sealed['at']), 0, 10));

        return new self($row, array_values($tasks), $context, $entries, $version);
    }

    public function state(): OrderState
    {
        return $this->state ??= new OrderState($this->context, $this->entries);
    }

    /** What keeps the order open. */
    public function closing(): Closing
    {
        $sealed = array_filter($this->tasks, static fn(\stdClass $task): bool => $task->hash !== null);

        return Closing::of($this->state(), array_values(array_map(static fn(\stdClass $task): string => $task->sensor, $sealed)), (bool) $this->row->practice);
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

    /** @return list<OrderLine> lines about the same matter that somebody who saw an older version has not seen */
    public function unseen(int $version, OrderLine $entry): array
    {
        $unseen = array_slice($this->entries, $version);

        return array_values(array_filter($unseen, static fn(OrderLine $other): bool => $other->subject() === $entry->subject()));
    }

    public function add(OrderLine $entry): void
    {
        $this->entries[] = $entry;
        $this->version++;
        $this->state = null;
    }
}
