<?php

declare(strict_types=1);

namespace App\Records;

use App\Failure\Refusal;
use App\Models\RepairOrder;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Intake\Closing;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Record\OrderJournal;

/** A repair order as the database has it: its car, its sensors' cards and its record, in the core's terms. */
final class OrderFile
{
    /** Whether a simulated tape is read at any of its sensors. */
    public function isSimulated(): bool
    {
        return array_filter($this->tasks, static fn(\stdClass $task): bool => $task->scenario !== null) !== [];
    }

    /** Whether its car exists in practice alone: a simulated one, or one of a practice shop. */
    public function isInvented(): bool
    {
        return $this->isSimulated() || (bool) $this->row->practice_shop;
    }

    /** @param list<\stdClass> $tasks id, sensor, card's id and document, hash where it is sealed */
    private function __construct(
        public readonly \stdClass $row,
        public readonly array $tasks,
        public readonly OrderJournal $journal,
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

        return self::of($query->first() ?? throw Refusal::notFound('order'));
    }

    /** The orders of a person's shop as "o", each with the documents it rests on. */
    public static function query(User $user): Builder
    {
        $query = RepairOrder::query()->toBase()
            ->from('repair_orders as o')
            ->where('o.shop_id', $user->shop_id)
            ->select(['o.id', 'o.shop_id', 'o.number', 'o.vehicle', 'o.plate', 'o.vin', 'o.created_at', 'o.bay_id', 'o.summary', 'o.practice', 'o.lessons', 'o.closes_itself'])
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
        $tasks = DB::table('sensor_tasks as t')
            ->leftJoin('procedure_cards as c', static fn($on) => $on->on('c.shop_id', 't.shop_id')->on('c.id', 't.procedure_card_id'))
            ->leftJoin('sealed_records as s', static fn($on) => $on->on('s.shop_id', 't.shop_id')->on('s.id', 't.sealed_record_id'))
            ->where('t.shop_id', $row->shop_id)
            ->where('t.repair_order_id', $row->id)
            ->orderBy('t.id')
            ->get(['t.id', 't.sensor', 't.procedure_card_id as card_id', 't.scenario', 't.serial', 't.part_number', 't.rules', 'c.document as card', 's.hash'])
            ->all();
        $lines = DB::table('order_events')
            ->where('shop_id', $row->shop_id)
            ->where('repair_order_id', $row->id)
            ->when($sealed !== null, static fn($query) => $query->where('version', '<=', $sealed['version']))
            ->orderBy('version')
            ->get(['version', 'id', 'person', 'recorded_at', 'kind', 'payload']);
        $today = $sealed === null ? Moment::today() : substr(Moment::read($sealed['at']), 0, 10);
        $journal = new OrderJournal(
            OrderJournal::context(self::basis($row, $tasks, $today)->members()),
            array_values($lines->map(static fn(\stdClass $line): OrderLine => Kinds::orderLine(...Stored::line($line)))->all()),
        );

        return new self($row, array_values($tasks), $journal, (int) ($lines->last()->version ?? 0));
    }

    /**
     * What the order rests on, as a sealed record has it.
     *
     * @param array<\stdClass> $tasks
     */
    private static function basis(\stdClass $row, array $tasks, string $today): Node
    {
        $documents = [];
        $cards = new \stdClass();
        foreach ($tasks as $task) {
            $cards->{$task->sensor} = $task->card === null ? null : $documents[$task->card_id] ??= Stored::decoded($task->card);
        }

        return Node::decoded((object) [
            ...($row->bay === null ? [] : ['bay' => Stored::decoded($row->bay)]),
            'today' => $today,
            'vehicle' => Stored::decoded($row->sheet),
            'cards' => $cards,
            'rules' => Stored::decoded(ShopFloor::rules($row)),
            'register' => Stored::decoded(ShopFloor::register($row)),
            'lessons' => Lessons::ofOrder($row, $tasks),
        ], true);
    }

    /** Where the order stands. */
    public function state(): OrderState
    {
        return $this->journal->state();
    }

    /** What keeps the order open. */
    public function closing(): Closing
    {
        $sealed = array_filter($this->tasks, static fn(\stdClass $task): bool => $task->hash !== null);

        return $this->state()->closing(array_values(array_map(static fn(\stdClass $task): string => $task->sensor, $sealed)), (bool) $this->row->practice, (bool) $this->row->closes_itself);
    }

    public function has(string $id): bool
    {
        return in_array($id, array_column($this->journal->lines(), 'id'), true);
    }

    /** @return list<OrderLine> lines about the same matter that somebody who saw an older version has not seen */
    public function unseen(int $version, OrderLine $line): array
    {
        $unseen = array_slice($this->journal->lines(), $version);

        return array_values(array_filter($unseen, static fn(OrderLine $other): bool => $other->subject() === $line->subject()));
    }

    public function add(OrderLine $line): void
    {
        $this->journal->add($line);
        $this->version++;
    }
}
