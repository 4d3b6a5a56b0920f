<?php

declare(strict_types=1);

namespace App\Imports;

use App\Actions\OpenOrder;
use App\Failure\Refusal;
use App\Models\RepairOrder;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderSummary;
use App\Records\ShopFloor;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Codec\CsvRow;
use Lumbro\Core\Codec\CsvTable;
use Lumbro\Core\Codec\EstimateDocument;
use Lumbro\Core\Failure\CoreFailure;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\OrderContext;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Journal\LineNotUnderstood;
use Lumbro\Core\Journal\OperationNoted;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/**
 * Takes in estimates as a CSV file, a row for each line of work; the rows of one order stand together.
 *
 * Rows are read and judged step by step and staged; orders are made of them in one go at the end, or not at all.
 */
final class EstimateImport implements ImportKind
{
    private const MOST_ROWS = 60_000;

    private const BATCH = 200;

    private ShopFloor $floor;

    /** @var array<string, array{id: string, document: string, sheet: VehicleSheet, cards: array<string, array{id: string|null, card: ProcedureCard|null}>}> make and model → sheet */
    private array $sheets = [];

    public function __construct(private readonly User $user) {}

    public function step(ImportFile $file, float $until): void
    {
        $this->floor = ShopFloor::of($this->user->shop_id);
        $this->readSheets();
        $reader = CsvReader::ofFile($file->path(), $file->row->place);
        $places = $this->places($file, $reader);
        /** @var list<CsvRow> $group */
        $group = [];
        $name = null;
        while (microtime(true) < $until) {
            $place = $reader->place();
            $cells = $reader->row();
            $row = $cells === null ? null : new CsvRow($cells, $places, $file->row->rows + count($group) + 2);
            $order = $row === null ? null : trim($cells[$places['order']] ?? '');
            if ($group !== [] && $order !== $name) {
                $this->order($file, $group);
                $file->row->rows += count($group);
                $file->row->place = $place;
                $group = [];
                if ($file->row->rows > self::MOST_ROWS) {
                    throw InvalidInput::because('', 'csv.too-many-rows', ['most' => self::MOST_ROWS]);
                }
            }
            if ($row === null) {
                $file->row->place = $file->row->size;
                $file->row->state = $file->row->refused > 0 || ! $file->staged()->exists() ? 'refused' : 'ready';
                if ($file->row->refused === 0 && $file->row->state === 'refused') {
                    $file->complain(Message::of('import.no-rows'), null);
                }

                return;
            }
            $group[] = $row;
            $name = $order;
            if (count($group) > 500) {
                throw InvalidInput::because($row->path('order'), 'csv.order-too-long');
            }
        }
    }

    public function take(ImportFile $file): int
    {
        DB::select('select pg_advisory_xact_lock(hashtextextended(?, 1))', [$this->user->shop_id]);
        $taken = RepairOrder::query()->where('shop_id', $this->user->shop_id)->whereIn('number', $file->staged()->select('key'))->value('number');
        if ($taken !== null) {
            throw Refusal::conflict('number-taken', Message::of('import.number-taken', ['number' => $taken]));
        }
        $count = 0;
        foreach ($file->staged()->orderBy('row')->cursor()->chunk(self::BATCH) as $chunk) {
            $tables = ['repair_orders' => [], 'sensor_tasks' => [], 'order_events' => []];
            foreach ($chunk as $staged) {
                $document = json_decode($staged->document, true, 32, JSON_THROW_ON_ERROR);
                foreach ($tables as $table => $rows) {
                    array_push($tables[$table], ...$document[$table]);
                }
                $count++;
            }
            foreach ($tables as $table => $rows) {
                foreach (array_chunk($rows, 500) as $part) {
                    DB::table($table)->insert($part);
                }
            }
        }

        return $count;
    }

    /** @return array<string, int> */
    private function places(ImportFile $file, CsvReader $reader): array
    {
        if ($file->row->heading !== null) {
            return json_decode($file->row->heading, true, 8, JSON_THROW_ON_ERROR);
        }
        $places = CsvTable::columns($reader->row() ?? [], EstimateDocument::REQUIRED, EstimateDocument::OPTIONAL);
        $file->row->heading = (string) json_encode($places);
        $file->row->place = $reader->place();

        return $places;
    }

    /** @param non-empty-list<CsvRow> $rows */
    private function order(ImportFile $file, array $rows): void
    {
        $lines = [];
        foreach ($rows as $row) {
            try {
                $lines[$row->number] = EstimateDocument::row($row, $this->floor->rules->phrases);
            } catch (CoreFailure $failure) {
                $file->complain(Message::of('import.row', ['row' => $row->number, 'why' => $failure->said]), $failure->path());
            }
        }
        if (count($lines) < count($rows)) {
            return;
        }
        $first = $lines[array_key_first($lines)];
        $sheet = $this->sheetFor($first->vehicle);
        if ($sheet === null) {
            $this->refuse($file, $rows[0], 'vehicle', 'estimate.no-sheet', ['vehicle' => mb_strimwidth($first->vehicle, 0, 60, '…')]);

            return;
        }
        if (RepairOrder::query()->where('shop_id', $this->user->shop_id)->where('number', $first->order)->exists()) {
            $this->refuse($file, $rows[0], 'order', 'estimate.number-used', ['order' => $first->order]);

            return;
        }
        if ($file->hasStaged($first->order)) {
            $this->refuse($file, $rows[0], 'order', 'estimate.scattered', ['order' => $first->order]);

            return;
        }
        foreach (array_values($lines) as $i => $line) {
            foreach (['vehicle' => [$line->vehicle, $first->vehicle], 'plate' => [$line->plate, $first->plate], 'vin' => [$line->vin?->text, $first->vin?->text]] as $column => [$here, $there]) {
                if ($here !== $there) {
                    $this->refuse($file, $rows[$i], $column, 'estimate.differs', ['column' => $column, 'order' => $first->order]);

                    return;
                }
            }
        }
        $file->stage($rows[0]->number, $first->order, $this->staged($first, array_values($lines), $sheet));
    }

    /** @param array<string, string> $with */
    private function refuse(ImportFile $file, CsvRow $row, string $column, string $code, array $with): void
    {
        $file->complain(Message::of($code, ['row' => $row->number, ...$with]), $row->path($column));
    }

    /**
     * @param list<EstimateDocument>                                             $lines
     * @param array{id: string, document: string, sheet: VehicleSheet, cards: array<string, array{id: string|null, card: ProcedureCard|null}>} $sheet
     *
     * @return array<string, mixed>
     */
    private function staged(EstimateDocument $first, array $lines, array $sheet): array
    {
        $now = Moment::now();
        $order = (string) Str::uuid7();
        $entries = [];
        $seen = [];
        foreach ($lines as $line) {
            $id = (string) Str::uuid7();
            $known = $line->operation !== null && ($line->operation->sensor === null || $sheet['sheet']->sensor($line->operation->sensor) !== null);
            if ($known && isset($seen[$line->operation->text()])) {
                continue;
            }
            $entries[] = $known
                ? new OperationNoted($id, $this->user->name, $now, $line->operation, $line->due ? 'due' : 'done', 'the estimate')
                : new LineNotUnderstood($id, $this->user->name, $now, $line->line);
            if ($known) {
                $seen[$line->operation->text()] = true;
            }
        }
        $state = new OrderState(new OrderContext($sheet['sheet'], array_map(static fn(array $card): ?ProcedureCard => $card['card'], $sheet['cards']), $this->floor->rules, $this->floor->kit, Moment::today()), $entries);
        $tasks = [];
        $shown = [];
        foreach ($sheet['cards'] as $sensor => $card) {
            $task = (string) Str::uuid7();
            $tasks[] = ['shop_id' => $this->user->shop_id, 'id' => $task, 'repair_order_id' => $order, 'sensor' => $sensor, 'procedure_card_id' => $card['id']];
            $shown[] = [
                'task' => $task, 'sensor' => $sensor, 'name' => $sheet['sheet']->sensor($sensor)->name ?? $sensor, 'owed' => $state->owed[$sensor]->state->value,
                'workspace' => false, 'present' => null, 'stage' => null, 'verdict' => null, 'sealed' => false,
            ];
        }
        $events = [];
        foreach ($entries as $i => $entry) {
            $events[] = [
                'shop_id' => $this->user->shop_id, 'id' => $entry->id, 'repair_order_id' => $order, 'version' => $i + 1, 'user_id' => $this->user->id,
                'person' => $entry->person, 'recorded_at' => $now, 'kind' => $entry->kind(), 'payload' => json_encode((object) $entry->payload(), JSON_THROW_ON_ERROR),
            ];
        }

        return [
            'preview' => [
                'title' => $first->order,
                'text' => $first->vehicle,
                'understood' => array_values(array_map(static fn(OperationNoted $noted): Message => $noted->operation->said($sheet['sheet']), array_filter($entries, static fn(object $entry): bool => $entry instanceof OperationNoted))),
                'open' => array_values(array_map(static fn(LineNotUnderstood $line): string => $line->text, array_filter($entries, static fn(object $entry): bool => $entry instanceof LineNotUnderstood))),
            ],
            'repair_orders' => [[
                'shop_id' => $this->user->shop_id, 'id' => $order, 'number' => $first->order, 'vehicle' => $first->vehicle, 'plate' => $first->plate, 'vin' => $first->vin?->text,
                'vehicle_sheet_id' => $sheet['id'], 'bay_id' => $this->bay(), 'created_at' => $now,
                'search' => OrderSummary::search($first->order, $first->vehicle, $first->plate, $first->vin?->text),
                'summary' => json_encode(OrderSummary::of($state, $shown, $state->closing([])), JSON_THROW_ON_ERROR), 'alarm' => $state->alarms() !== [],
            ]],
            'sensor_tasks' => $tasks,
            'order_events' => $events,
        ];
    }

    private function bay(): ?string
    {
        $bay = DB::table('bays')->where('shop_id', $this->user->shop_id)->where('practice', false)->orderBy('name')->value('id');

        return is_string($bay) ? $bay : null;
    }

    private function readSheets(): void
    {
        foreach (DB::table('vehicle_sheets')->where('shop_id', $this->user->shop_id)->where('practice', false)->where('newest', true)->get(['id', 'document']) as $row) {
            $sheet = Document::read(VehicleSheet::class, Node::parse($row->document));
            $this->sheets[mb_strtolower("$sheet->make $sheet->model")] = ['id' => $row->id, 'document' => $row->document, 'sheet' => $sheet, 'cards' => []];
        }
    }

    /** @return array{id: string, document: string, sheet: VehicleSheet, cards: array<string, array{id: string|null, card: ProcedureCard|null}>}|null the sheet with the longest name that the text begins with */
    private function sheetFor(string $vehicle): ?array
    {
        $best = null;
        foreach (array_keys($this->sheets) as $name) {
            if (str_starts_with(mb_strtolower($vehicle), $name) && ($best === null || strlen($name) > strlen($best))) {
                $best = $name;
            }
        }
        if ($best === null) {
            return null;
        }
        if ($this->sheets[$best]['cards'] === []) {
            foreach ($this->sheets[$best]['sheet']->sensors as $sensor) {
                $id = OpenOrder::card($this->user, $this->sheets[$best]['document'], $sensor);
                $document = $id === null ? null : DB::table('procedure_cards')->where('shop_id', $this->user->shop_id)->where('id', $id)->value('document');
                $this->sheets[$best]['cards'][$sensor->id] = ['id' => $id, 'card' => is_string($document) ? Document::read(ProcedureCard::class, Node::parse($document)) : null];
            }
        }

        return $this->sheets[$best];
    }
}
