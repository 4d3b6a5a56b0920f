<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Models\RepairOrder;
use App\Models\User;
use App\Models\VehicleSheet as SheetRow;
use App\Records\OrderFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Vehicle\TaughtCar;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** What a closed order's car showed is kept for the next of its kind: a new version of its sheet, by all such cars so far. */
final class TeachSheet
{
    /** So many cars are looked at, the last ones. */
    private const CARS = 20;

    /**
     * @return array{name: string, version: int, cars: int}
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

        return DB::transaction(function () use ($user, $order): array {
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
                return ['name' => $newest->name, 'version' => $newest->version, 'cars' => count($cars)];
            }
            (clone $sheets)->update(['newest' => false]);
            SheetRow::query()->insert([
                'shop_id' => $user->shop_id, 'id' => (string) Str::uuid7(), 'family' => $family, 'version' => $newest->version + 1, 'newest' => true,
                'name' => $newest->name, 'document' => $document, 'person' => $user->name, 'reason' => 'taught', 'vins' => $newest->vins,
            ]);

            return ['name' => $newest->name, 'version' => $newest->version + 1, 'cars' => count($cars)];
        });
    }
}
