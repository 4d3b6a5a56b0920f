<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenOrder;
use App\Http\Answer;
use App\Records\OrderSearch;
use App\Records\VehicleRegister;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Catalogue\ShopRules\Operations;
use Lumbro\Core\Catalogue\Vehicle\CarSensor;
use Lumbro\Core\Catalogue\Vehicle\SensorPlace;
use Lumbro\Core\Catalogue\Vehicle\VehicleSheet;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** What an intake chooses from: operations, vehicle sheets, bays, cars that were here before, and the shop's tables. */
final class IntakeController
{
    private const FOUND = 8;

    /** Among so many orders they are looked for. */
    private const LOOKED = 60;

    public function choices(Request $request): JsonResponse
    {
        $user = Answer::user($request);

        return Answer::json([
            'number' => OpenOrder::nextNumber($user),
            'operations' => array_map(static fn(string $code, array $known): array => ['code' => $code, 'says' => Message::of("operation.$code"), 'atSensor' => $known['atSensor']], array_keys(Operations::CATALOGUE), Operations::CATALOGUE),
            'sheets' => DB::table('vehicle_sheets')->where('shop_id', $user->shop_id)->where('practice', false)->where('newest', true)->orderBy('name')->get(['id', 'name', 'document'])->map(static function (\stdClass $row): array {
                $sheet = Document::read(VehicleSheet::class, Node::parse($row->document));

                return [
                    'id' => $row->id, 'name' => "$sheet->make $sheet->model", 'years' => $sheet->years,
                    'sensors' => array_map(static fn(CarSensor $sensor): array => ['id' => $sensor->id, 'name' => $sensor->name], $sheet->sensors),
                ];
            })->all(),
            'places' => array_map(static fn(SensorPlace $place): array => ['id' => $place->value, 'says' => $place->said()], SensorPlace::cases()),
            'bays' => DB::table('bays')->where('shop_id', $user->shop_id)->where('practice', false)->orderBy('name')->get(['id', 'name'])->all(),
        ]);
    }

    /** Cars that were here before, by plate, vehicle number or name; the latest first, each once. */
    public function cars(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $search = mb_strtolower(trim((string) $request->query('search', '')));
        if (mb_strlen($search) < 3) {
            return Answer::json(['cars' => [], 'sheet' => null]);
        }
        $rows = DB::table('repair_orders')
            ->where('shop_id', $user->shop_id)
            ->whereIn('id', OrderSearch::find($user->shop_id, $search, $request, self::LOOKED)['ids'])
            ->orderByDesc('created_at')
            ->get(['number', 'vehicle', 'plate', 'vin', 'vehicle_sheet_id']);

        return Answer::json(['cars' => $rows
            ->unique(static fn(\stdClass $row): string => $row->vin ?? $row->plate . $row->vehicle)
            ->take(self::FOUND)
            ->map(static fn(\stdClass $row): array => ['number' => $row->number, 'vehicle' => $row->vehicle, 'plate' => $row->plate, 'vin' => $row->vin, 'sheet' => $row->vehicle_sheet_id])
            ->values()
            ->all(), 'sheet' => mb_strlen($search) === 17 ? VehicleRegister::byVin($user, $search) : null]);
    }
}
