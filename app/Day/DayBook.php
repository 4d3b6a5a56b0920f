<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\User;
use App\Records\OrderFile;
use App\Records\OrderSummary;
use App\Records\ShopClock;
use App\Records\ShopFloor;
use App\Records\StageTimes;
use Illuminate\Support\Facades\DB;
use Lumbro\Core\Day\Car;
use Lumbro\Core\Day\CarWork;
use Lumbro\Core\Day\Day;
use Lumbro\Core\Day\Daylight;
use Lumbro\Core\Day\Hours;
use Lumbro\Core\Day\KitUnit;
use Lumbro\Core\Day\Person;
use Lumbro\Core\Day\Pinned;
use Lumbro\Core\Day\Place;
use Lumbro\Core\Day\Plannable;
use Lumbro\Core\Day\SensorWork;
use Lumbro\Core\Day\Timetable;
use Lumbro\Core\Facts\OwedWork;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\People\Act;
use Lumbro\Core\People\Role;

/** Puts a shop's day together, in the core's terms, out of its orders, people, bays and kit as they stand. */
final class DayBook
{
    /** Days that are looked ahead: what does not fit today has its place on one of them. */
    private const AHEAD = 8;

    /** Orders that are planned at most, the most urgent: more are days away, and would keep everybody waiting for the plan. */
    private const MOST = 32;

    /** Seconds in which rooms for cars are searched within one request. */
    private const SEARCH = 4.0;

    /** @var array<string, string> order → its number */
    public array $numbers = [];

    /** @var array<string, string> order → its car */
    public array $vehicles = [];

    /** @var array<string, string> person → name */
    public array $people = [];

    /** @var array<string, string> bay → name */
    public array $bays = [];

    /** @var array<string, string> unit → name */
    public array $units = [];

    /** @var array<string, string> "order sensor" → what the sensor is called */
    public array $sensors = [];

    /** @var list<array{order: string, sensor: string|null, lacks: string}> what keeps a car's sensor out of every plan */
    public array $lacking = [];

    /** Cars whose room is still to be looked for. */
    public int $unsearched = 0;

    /** Orders in all, and those that come after the ones looked at. */
    public int $orders = 0;

    public int $beyond = 0;

    public readonly ShopClock $clock;

    public readonly DayRegister $register;

    public readonly Day $day;

    /** @param Timetable|null $told the plan in force, which says who has which unit */
    public function __construct(private readonly User $user, private readonly ?Timetable $told)
    {
        $this->clock = ShopClock::of($user->shop_id);
        $this->register = DayRegister::of($user->shop_id);
        $now = $this->clock->minute($this->clock->now);
        $people = $this->people();
        $kit = $this->kit();
        $places = $this->places();
        $cars = $this->cars($now, $kit);
        $closes = max([...array_map(static fn(array $hours): int => $hours[1], $this->register->rules->hours((int) $this->clock->now->format('N'))), $now]);
        $this->day = new Day($now, $closes, $people, $places, $kit, Pinned::on($cars, Pins::of($user->shop_id, $this->clock), $now));
    }

    /** @return list<Person> */
    private function people(): array
    {
        $away = [];
        $today = $this->clock->date();
        foreach (DB::table('absences')->where('shop_id', $this->user->shop_id)->where('to_hour', '>=', $today)->get() as $row) {
            $away[$row->user_id][] = [$this->clock->wall($row->from_hour), $this->clock->wall($row->to_hour)];
        }
        $people = [];
        foreach (DB::table('users')->where('shop_id', $this->user->shop_id)->where('active', true)->orderBy('name')->orderBy('id')->get(['id', 'name', 'role']) as $row) {
            $own = $this->register->rules->person($row->id);
            if (! Role::from($row->role)->may(Act::Work) || ! $own->works) {
                continue;
            }
            $this->people[$row->id] = $row->name;
            $hours = [];
            for ($day = 0; $day < self::AHEAD; $day++) {
                $weekday = (int) $this->clock->midnight()->modify("$day days")->format('N');
                foreach ($this->register->rules->hoursOf($row->id, $weekday) as [$from, $to]) {
                    $hours[] = [$from + 1_440 * $day, $to + 1_440 * $day];
                }
            }
            $people[] = new Person($row->id, Hours::without($hours, $away[$row->id] ?? []), [...($own->runs ? [CarWork::RUNS] : []), ...($own->drives ? [CarWork::DRIVES] : [])]);
        }

        return $people;
    }

    /** @return list<Place> */
    private function places(): array
    {
        $places = [];
        foreach (DB::table('bays')->where('shop_id', $this->user->shop_id)->where('practice', false)->orderBy('name')->get(['id', 'name']) as $row) {
            $this->bays[$row->id] = $row->name;
            $walls = array_filter($this->register->rules->walls, static fn($wall): bool => in_array($row->id, $wall->bays, true));
            $places[] = new Place($row->id, array_values(array_map(static fn($wall): string => "wall $wall->name", $walls)));
        }

        return $places;
    }

    /** @return list<KitUnit> targets, stands and instruments that are in order */
    private function kit(): array
    {
        $floor = ShopFloor::of($this->user->shop_id);
        $bars = $floor->rules->overdue->bars;
        $today = $this->clock->date();
        $units = [];
        foreach ($floor->kit->targets as $target) {
            $units[] = [$target, 'target ' . mb_strtolower($target->name), array_map(static fn($standIn): string => 'target ' . mb_strtolower($standIn->target), $target->standsInFor), $target->name, $target->id];
        }
        foreach ($floor->kit->stands as $stand) {
            $units[] = [$stand, 'stand', [], $stand->name, $stand->id];
        }
        foreach ($floor->kit->instruments as $instrument) {
            $units[] = [$instrument, $instrument->kind, [], $instrument->measures->name, $instrument->measures->id];
        }
        $kit = [];
        foreach ($units as [$item, $kind, $also, $name, $id]) {
            if ($bars && $item->check->isOverdue($today)) {
                continue;
            }
            $this->units[$id] = $name;
            $kit[] = new KitUnit($id, $kind, null, $also);
        }

        return $kit;
    }

    /**
     * @param list<KitUnit> $kit
     *
     * @return list<Car>
     */
    private function cars(int $now, array $kit): array
    {
        $query = DB::table('repair_orders as o')->where('o.shop_id', $this->user->shop_id)->where('o.closed', false)->where('o.practice', false);
        $this->orders = (clone $query)->count();
        $rows = $query
            // What somebody is at stays in the plan, whatever else is promised.
            ->orderByRaw('exists (select 1 from sensor_tasks t join stage_times s on s.shop_id = t.shop_id and s.sensor_task_id = t.id where t.shop_id = o.shop_id and t.repair_order_id = o.id and s.ended_at is null) desc')
            ->orderByRaw("o.work->>'promised' asc nulls last")
            ->orderByDesc('o.alarm')->orderBy('o.created_at')->orderBy('o.id')
            ->limit(self::MOST)
            ->get(['o.id', 'o.number', 'o.vehicle', 'o.vehicle_sheet_id', 'o.bay_id', 'o.work', 'o.summary']);
        $this->beyond = $this->orders - $rows->count();
        $rules = $this->register->rules;
        $daylight = $rules->latitude === null || $rules->east === null ? [] : Daylight::windows($this->clock->midnight()->getTimestamp(), self::AHEAD, $rules->latitude, $rules->east);
        $work = new CarWork(StageTimes::learned($this->user->shop_id), $daylight, $rules->warmUp, $now);
        $stances = new StanceBook($this->user);
        $progress = new ProgressBook($this->user->shop_id, $this->clock, $this->told);
        $until = microtime(true) + self::SEARCH;
        $cars = [];
        foreach ($rows as $row) {
            $this->numbers[$row->id] = $row->number;
            $this->vehicles[$row->id] = $row->vehicle;
            $row->work ??= $this->made($row->id);
            $car = $this->car($row, $work, $stances, $progress, $kit, $until);
            if ($car !== null) {
                $cars[] = $car;
            }
        }

        return $cars;
    }

    /** @param list<KitUnit> $kit */
    private function car(\stdClass $row, CarWork $work, StanceBook $stances, ProgressBook $progress, array $kit, float $until): ?Car
    {
        $owes = Node::stored($row->work)->fields(['scans', 'roadTests', 'promised', 'ready', 'sensors']);
        foreach (json_decode($row->summary ?? '{}', true, 16, JSON_THROW_ON_ERROR)['tasks'] ?? [] as $task) {
            $this->sensors["$row->id {$task['sensor']}"] = $task['name'];
        }
        $sensors = $tasks = [];
        foreach (array_keys((array) $owes['sensors']->raw()) as $sensor) {
            $one = $owes['sensors']->member((string) $sensor)?->fields(['task', 'owed']) ?? [];
            $tasks[$one['task']->text()] = (string) $sensor;
            $sensors[(string) $sensor] = OwedWork::read((string) $sensor, $one['owed'], null);
            if ($one['owed']->member('lacks')?->raw() === 'card') {
                $this->lacking[] = ['order' => $row->id, 'sensor' => (string) $sensor, 'lacks' => 'card'];
            }
        }
        $stood = array_keys(array_filter($sensors, static fn($one): bool => $one->reached !== null));
        $cards = array_values(array_filter(DB::table('sensor_tasks')->where('shop_id', $this->user->shop_id)->where('repair_order_id', $row->id)->pluck('procedure_card_id')->all()));
        $known = $stood === [] ? ['stances' => [], 'unserved' => []] : $stances->known($row, $stood, $cards);
        if ($known === null && microtime(true) < $until) {
            $stances->look($row, $stood, $cards);
            $known = $stances->known($row, $stood, $cards);
        }
        if ($known === null) {
            $this->unsearched++;

            return null;
        }
        $plannable = new Plannable($kit);
        $planned = $plannable->of($sensors, $known);
        foreach ($planned['lacking'] as $sensor => $lacks) {
            $this->lacking[] = ['order' => $row->id, 'sensor' => $sensor, 'lacks' => $lacks];
        }
        $promised = $owes['promised']->raw() === null ? null : $this->clock->wall($owes['promised']->text());
        $ready = $owes['ready']->raw() === null ? 0 : $this->clock->wall($owes['ready']->text());
        $scans = array_map(static fn(Node $scan): string => $scan->text(), $owes['scans']->items());
        if (! $plannable->has(CarWork::TOOL)) {
            $this->lacking[] = ['order' => $row->id, 'sensor' => null, 'lacks' => 'tool'];

            return null;
        }

        return $work->car($row->id, $planned['sensors'], $planned['stances'], $scans, (int) $owes['roadTests']->number(), $ready, $promised, $progress->of($row->id, $tasks, $row->bay_id, array_map(static fn(SensorWork $one): array => $plannable->units($one->targets), $sensors)));
    }

    /** Of an order that was written before this was kept. */
    private function made(string $order): string
    {
        OrderSummary::refresh(OrderFile::open($this->user, $order));

        return (string) DB::table('repair_orders')->where('shop_id', $this->user->shop_id)->where('id', $order)->value('work');
    }
}
