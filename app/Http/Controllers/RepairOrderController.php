<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Models\SensorTask;
use App\Records\TaskFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lumbro\Core\Document\StageBoard;
use Lumbro\Core\Procedure\Operations;

/** The repair orders in the shop, and what each waits for. */
final class RepairOrderController
{
    private const SHOWN = 100;

    public function index(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $tasks = SensorTask::query()
            ->from('sensor_tasks as t')
            ->join('repair_orders as o', static fn($on) => $on->on('o.shop_id', 't.shop_id')->on('o.id', 't.repair_order_id'))
            ->where('t.shop_id', $user->shop_id)
            ->orderByDesc('o.number')
            ->limit(self::SHOWN)
            ->pluck('t.id');

        return Answer::json(['orders' => $tasks->map(static function (string $id) use ($user): array {
            $file = TaskFile::open($user, $id);
            $state = $file->state();

            return [
                'task' => $id,
                'number' => $file->row->number,
                'vehicle' => $file->row->vehicle,
                'plate' => $file->row->plate,
                'bay' => $file->context->bay->name,
                'operations' => array_map(Operations::words(...), $file->context->operations),
                'sensor' => $file->context->card->sensor->name,
                'owed' => $state->owed->state->value,
                'stage' => $file->isSealed() ? 'closed' : $state->stage()->value,
                'stages' => StageBoard::of($state),
                'present' => $state->present()->kind,
                'verdict' => $state->lastRun()?->verdict()->value,
            ];
        })->all()]);
    }
}
