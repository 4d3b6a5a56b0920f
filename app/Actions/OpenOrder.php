<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Models\ProcedureCard as CardRow;
use App\Models\RepairOrder;
use App\Models\SensorTask;
use App\Models\User;
use App\Models\VehicleSheet as SheetRow;
use App\Records\Lessons;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\OrderSummary;
use App\Records\Recorder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Card\ProcedureCard;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** A car comes in: its order is opened with a task for each of its sensors, and the card for each. */
final readonly class OpenOrder
{
    /**
     * @param string|\Closure(): string             $sheet   the id of its sheet, or what enters a new one
     * @param \Closure(OrderFile): list<OrderLine> $entries what is known of it already
     *
     * @throws Refusal where the number is taken or the shop has no such sheet
     */
    public function __invoke(User $user, string $id, ?string $number, string $vehicle, string $plate, ?Vin $vin, string|\Closure $sheet, ?string $bay, \Closure $entries): OrderFile
    {
        return DB::transaction(function () use ($user, $id, $number, $vehicle, $plate, $vin, $sheet, $bay, $entries): OrderFile {
            // Two who open an order at once must not take the same number.
            DB::select('select pg_advisory_xact_lock(hashtextextended(?, 1))', [$user->shop_id]);
            if (RepairOrder::query()->where('shop_id', $user->shop_id)->where('id', $id)->exists()) {
                return OrderFile::open($user, $id);
            }
            $number ??= self::nextNumber($user);
            if (RepairOrder::query()->where('shop_id', $user->shop_id)->where('number', $number)->exists()) {
                throw Refusal::field('/number', Message::of('order.number-taken', ['number' => $number]));
            }
            if ($bay !== null && ! DB::table('bays')->where('shop_id', $user->shop_id)->where('id', $bay)->exists()) {
                throw Refusal::field('/bay', Message::of('bay.none'));
            }
            $this->insert($user, $id, $number, $vehicle, $plate, $vin, is_string($sheet) ? $sheet : $sheet(), $bay);
            $file = OrderFile::open($user, $id);
            $lines = $entries($file);
            if ($lines !== []) {
                Recorder::insert($user, $file, $lines);
            }
            OrderSummary::refresh($file);

            return $file;
        });
    }

    /** The number after the highest of the shop's whole-number ones. */
    public static function nextNumber(User $user): string
    {
        $last = DB::table('repair_orders')->where('shop_id', $user->shop_id)->whereRaw("number ~ '^[0-9]{1,9}$'")->max(DB::raw('number::bigint'));

        return (string) ((is_numeric($last) ? (int) $last : 1000) + 1);
    }

    private function insert(User $user, string $id, string $number, string $vehicle, string $plate, ?Vin $vin, string $sheet, ?string $bay): void
    {
        $row = SheetRow::query()->where('shop_id', $user->shop_id)->where('id', $sheet)->first();
        if ($row === null) {
            throw Refusal::field('/sheet', Message::of('vehicle.none'));
        }
        RepairOrder::query()->insert([
            'shop_id' => $user->shop_id, 'id' => $id, 'number' => $number, 'vehicle' => $vehicle, 'plate' => $plate, 'vin' => $vin?->text,
            'vehicle_sheet_id' => $sheet, 'bay_id' => $bay, 'created_at' => Moment::now(),
            'search' => OrderSummary::search($number, $vehicle, $plate, $vin?->text),
            'lessons' => Lessons::now($user->shop_id),
        ]);
        foreach (Document::read(VehicleSheet::class, Node::parse((string) $row->document))->sensors as $sensor) {
            SensorTask::query()->insert([
                'shop_id' => $user->shop_id, 'id' => (string) Str::uuid7(), 'repair_order_id' => $id,
                'sensor' => $sensor->id, 'procedure_card_id' => self::card($user, (string) $row->document, $sensor, $row->practice),
            ]);
        }
    }

    /** The card for a sensor: the newest version that was checked, or the newest at all. */
    public static function card(User $user, string $sheetDocument, CarSensor $sensor, bool $practice = false): ?string
    {
        $sheet = Document::read(VehicleSheet::class, Node::parse($sheetDocument));
        $rows = CardRow::query()
            ->where('shop_id', $user->shop_id)
            ->where('practice', $practice)
            ->where('make', mb_strtolower($sheet->make))
            ->where('model', mb_strtolower($sheet->model))
            ->orderByRaw('checked_at is null')
            ->orderByDesc('version')
            ->get(['id', 'document']);
        foreach ($rows as $row) {
            $card = Document::read(ProcedureCard::class, Node::parse((string) $row->document));
            if ($card->fit?->covers($sheet, $sensor->id) === true) {
                return $row->id;
            }
        }

        return null;
    }
}
