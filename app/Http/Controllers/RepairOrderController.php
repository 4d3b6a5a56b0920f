<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EnterCar;
use App\Actions\OpenOrder;
use App\Actions\TeachSheet;
use App\Failure\Refusal;
use App\Http\Answer;
use App\Input\Body;
use App\Input\Cursor;
use App\Models\RepairOrder;
use App\Models\User;
use App\Records\Moment;
use App\Records\NextFigures;
use App\Records\OrderFile;
use App\Records\OrderPage;
use App\Records\OrderSearch;
use App\Records\ShopClock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\ShopRules\Operation;
use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Commands\NoteDetail;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\OperationNoted;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** The repair orders in the shop: what each waits for, and each one's own record. */
final class RepairOrderController
{
    private const PAGE = 60;

    /** Beyond this many nobody counts. */
    private const COUNTED = 1_000;

    public function index(Request $request): JsonResponse
    {
        $user = Answer::user($request);
        $search = trim((string) $request->query('search', ''));
        $query = RepairOrder::query()->toBase()->where('shop_id', $user->shop_id)->where('practice', false);
        if ($search !== '') {
            $found = OrderSearch::find($user->shop_id, $search, $request, self::PAGE);
            $query->whereIn('id', $found['ids']);
            foreach (OrderSearch::ORDER as [$column, $direction]) {
                $query->orderBy($column, $direction);
            }
        } else {
            if ($request->query('all') === null) {
                $query->where('closed', false);
            }
            $counted = DB::query()->fromSub((clone $query)->select('id')->limit(self::COUNTED + 1), 'found')->count();
            $found = ['count' => min($counted, self::COUNTED), 'more' => $counted > self::COUNTED];
            Cursor::apply($query, $request, OrderSearch::ORDER);
        }
        $rows = $query->limit(self::PAGE + 1)->get(['id', 'number', 'vehicle', 'plate', 'summary', 'alarm', 'closed', 'created_at']);
        $page = $rows->take(self::PAGE);

        return Answer::json([
            'now' => ShopClock::of($user->shop_id)->now->format('Y-m-d\TH:i'),
            'orders' => $page->map(static fn(\stdClass $row): array => [
                'id' => $row->id,
                'number' => $row->number,
                'vehicle' => $row->vehicle,
                'plate' => $row->plate,
                'alarm' => (bool) $row->alarm,
                'closed' => (bool) $row->closed,
                'openedAt' => Moment::read($row->created_at),
                ...self::summary($row->summary),
            ])->values()->all(),
            'count' => $found['count'],
            'more' => $found['more'],
            'next' => $rows->count() > self::PAGE && $page->last() !== null ? Cursor::of($page->last(), ['closed', 'alarm', 'created_at', 'id']) : null,
        ]);
    }

    public function show(Request $request, string $order): JsonResponse
    {
        return Answer::json(OrderPage::of(OrderFile::open(Answer::user($request), $order)));
    }

    /** Which figures of its car to measure next, and what each buys. */
    public function nextFigures(Request $request, string $order): JsonResponse
    {
        return Answer::json(NextFigures::of(OrderFile::open(Answer::user($request), $order)));
    }

    /** What its car showed is kept for the next of its kind. */
    public function teach(Request $request, string $order, TeachSheet $teach): JsonResponse
    {
        Body::of($request, []);

        return Answer::json($teach(Answer::user($request), $order));
    }

    public function open(Request $request, OpenOrder $action, EnterCar $enter): JsonResponse
    {
        $user = Answer::user($request);
        $body = Body::of($request, ['vehicle', 'operations'], ['sheet', 'car', 'number', 'plate', 'vin', 'bay', 'confirmed']);
        if ($body->has('sheet') === $body->has('car')) {
            throw InvalidInput::because('/sheet', 'order.sheet-or-car');
        }
        if (! $body->has('plate') && ! $body->has('vin')) {
            throw InvalidInput::because('/plate', 'order.plate-or-vin');
        }
        $vin = $body->has('vin') ? Vin::fromText($body->text('vin', 40)) : null;
        if ($vin !== null && ! $vin->checks && ! $body->flag('confirmed')) {
            throw Refusal::asks('/vin', NoteDetail::digit($vin));
        }
        $operations = array_map(static fn(Node $code): Operation => Operation::fromCode($code->line(120), $code->path()), $body->node('operations')->fewItems(60));

        return Answer::json(OrderPage::of($action(
            $user,
            $body->id,
            $body->optionalText('number', 40),
            $body->text('vehicle', 120),
            $body->optionalText('plate', 20) ?? '',
            $vin,
            $body->has('sheet') ? $body->uuid('sheet') : static fn(): string => $enter($user, $body->node('car')),
            $body->has('bay') ? $body->uuid('bay') : null,
            static fn(OrderFile $file): array => self::noted($user, $file, $operations),
        )));
    }

    /**
     * @param list<Operation> $operations
     *
     * @return list<OrderLine>
     */
    private static function noted(User $user, OrderFile $file, array $operations): array
    {
        $lines = [];
        $now = $file->journal->situation($user->asRole());
        foreach ($operations as $i => $operation) {
            $line = new OperationNoted((string) Str::uuid7(), $user->name, Moment::now(), $operation, 'done');
            try {
                Kinds::of($line)->admit($now, $line);
            } catch (InvalidInput) {
                throw InvalidInput::because("/operations/$i", 'order.unknown-sensor', ['sensor' => $operation->sensor ?? '']);
            }
            $lines[] = $line;
        }

        return $lines;
    }

    /** @return array<string, mixed> */
    private static function summary(?string $summary): array
    {
        $read = $summary === null ? null : json_decode($summary, true, 16, JSON_THROW_ON_ERROR);

        // What was kept before orders were promised says nothing of it.
        return is_array($read) ? ['promised' => null, ...$read] : ['promised' => null, 'waits' => ['kind' => 'operations', 'says' => Message::of('waits.operations')], 'alarms' => 0, 'operations' => [], 'tasks' => []];
    }
}
