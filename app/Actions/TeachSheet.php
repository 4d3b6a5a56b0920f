<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Models\RepairOrder;
use App\Models\User;
use App\Models\VehicleSheet as SheetRow;
use App\Records\BayPage;
use App\Records\Moment;
use App\Records\OrderFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Bay\Stance;
use Lumbro\Core\Catalogue\Vehicle\TaughtCar;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Copy;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Measure\StandardUncertainty;
use Lumbro\Core\Message\Message;
use Lumbro\Core\SetUp\KeptFloor;

/** What a closed order's car showed is kept for the next of its kind: a new version of its sheet, by all such cars so far. */
final class TeachSheet
{
    /** So many cars are looked at, the last ones. */
    private const CARS = 20;

    /**
     * @return array{name: string, version: int, cars: int, floor: bool}
     *
     * @throws Refusal where the order is open, or its sheet stands for itself
     */
    public function __invoke(User $user, string $order): array
    {
        $file = OrderFile::open($user, $order);
        if (! $file->journal->context->sheet->isGrown() || $file->row->practice) {
            throw Refusal::conflict('sheet-stands', Message::of('vehicle.stands'));
        }
        if ($file->closing()->open() !== []) {
            throw Refusal::conflict('still-open', Message::of('vehicle.still-open'));
        }

        return DB::transaction(function () use ($user, $order, $file): array {
            $floor = self::keepFloor($user, $file);
            $family = SheetRow::query()->where('shop_id', $user->shop_id)
                ->where('id', RepairOrder::query()->where('shop_id', $user->shop_id)->where('id', $order)->value('vehicle_sheet_id'))->value('family');
            $sheets = SheetRow::query()->where('shop_id', $user->shop_id)->where('family', $family);
            $newest = (clone $sheets)->where('newest', true)->lockForUpdate()->first() ?? throw Refusal::notFound('sheet');
            $cars = RepairOrder::query()->where('shop_id', $user->shop_id)->whereIn('vehicle_sheet_id', (clone $sheets)->pluck('id'))
                ->where('closed', true)->where('practice', false)->orderByDesc('created_at')->limit(self::CARS)->pluck('id')
                ->map(static fn(string $id): VehicleSheet => OrderFile::open($user, $id)->state()->sheet)->all();
            $taught = TaughtCar::of(Document::read(VehicleSheet::class, Node::parse($newest->document)), array_values($cars));
            $document = json_encode(Document::write($taught), JSON_THROW_ON_ERROR);
            // The same cars teach the same: pressed twice, it is one version.
            if (Document::read(VehicleSheet::class, Node::parse($newest->document)) == $taught) {
                return ['name' => $newest->name, 'version' => $newest->version, 'cars' => count($cars), 'floor' => $floor];
            }
            (clone $sheets)->update(['newest' => false]);
            SheetRow::query()->insert([
                'shop_id' => $user->shop_id, 'id' => (string) Str::uuid7(), 'family' => $family, 'version' => $newest->version + 1, 'newest' => true,
                'name' => $newest->name, 'document' => $document, 'person' => $user->name, 'reason' => 'taught', 'vins' => $newest->vins,
            ]);

            return ['name' => $newest->name, 'version' => $newest->version + 1, 'cars' => count($cars), 'floor' => $floor];
        });
    }

    /**
     * A bay that keeps no survey of its floor keeps the one that this order's staffs made: where every sealed sensor was proven,
     * and so no slip in a staff could hide.
     */
    private static function keepFloor(User $user, OrderFile $file): bool
    {
        $bay = $file->journal->context->bay;
        $kit = $file->state()->kit();
        if ($bay === null || $bay->survey !== null || $kit === null || ! self::isProven($file)) {
            return false;
        }
        $survey = KeptFloor::of($file->state()->sheet, $file->state()->record->floor, BayPage::sites($file, $kit), $file->state()->record->stance->stance ?? new Stance(), StandardUncertainty::ofReading($kit->staff->accuracy, $kit->staff->resolution), Moment::today(), $user->name);
        if ($survey === null) {
            return false;
        }
        DB::table('bays')->where('shop_id', $user->shop_id)->where('id', $file->row->bay_id)->update([
            'document' => json_encode(Document::write(Copy::of($bay, ['survey' => $survey])), JSON_THROW_ON_ERROR), 'version' => DB::raw('version + 1'),
        ]);

        return true;
    }

    private static function isProven(OrderFile $file): bool
    {
        $verdicts = DB::table('sealed_records as s')
            ->join('sensor_tasks as t', static fn($on) => $on->on('t.shop_id', 's.shop_id')->on('t.sealed_record_id', 's.id'))
            ->where('t.shop_id', $file->row->shop_id)->where('t.repair_order_id', $file->row->id)
            ->selectRaw("s.outcome::jsonb->>'verdict' as verdict")->pluck('verdict')->all();

        return $verdicts !== [] && array_unique($verdicts) === ['holds'];
    }
}
