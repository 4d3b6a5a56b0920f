<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\OpenOrder;
use App\Actions\SealRecord;
use App\Actions\WriteLine;
use App\Devices\DeviceRoom;
use App\Input\Body;
use App\Models\Bay;
use App\Models\KitItem;
use App\Models\SensorTask;
use App\Models\Shop;
use App\Models\User;
use App\Models\VehicleSheet;
use App\Records\CardRegister;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\Recorder;
use App\Records\TaskFile;
use Illuminate\Database\Seeder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Vehicle\Vin;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Method\Reads;
use Lumbro\Core\SetUp\SiteFloor;

/** The demo shop, invented throughout: Copper Lane Body Works, its people, its registers and its repair orders. */
final class DemoSeeder extends Seeder
{
    private const FOLDER = __DIR__ . '/../demo/';

    private string $shop;

    public function run(): void
    {
        if (Shop::query()->where('practice', true)->exists()) {
            return;
        }
        DB::transaction(function (): void {
            $this->shop = $this->id(Shop::query()->create(['name' => 'Copper Lane Body Works', 'practice' => true])->id);
            $people = [];
            foreach ($this->read('people.json') as $person) {
                $people[$person['email']] = User::query()->create(['shop_id' => $this->shop, ...$person]);
            }
            $registers = $this->registers($people);
            foreach ($this->read('orders.json') as $order) {
                $user = $people[$order['technician']];
                $task = $this->order($user, $order, $registers);
                $this->work($user, $task, $order['until']);
                $this->afterwards($user, $task, $order['after'] ?? []);
            }
            (new DemoDay($this->shop, $people))->run();
        });
    }

    /**
     * @param array<string, User> $people
     *
     * @return array<string, string> name of a register's row → its id
     */
    private function registers(array $people): array
    {
        $ids = [];
        foreach (glob(self::FOLDER . 'vehicles/*.json') ?: [] as $file) {
            $ids[basename($file, '.json')] = VehicleSheet::query()->create([
                'shop_id' => $this->shop, 'name' => basename($file, '.json'), 'document' => (string) file_get_contents($file),
            ])->id;
        }
        foreach (glob(self::FOLDER . 'cards/*.json') ?: [] as $file) {
            CardRegister::insert($people['oda@copperlane.example'], (string) Str::uuid7(), null, (string) file_get_contents($file), null);
        }
        foreach ($this->read('kit.json') as $item) {
            KitItem::query()->create(['shop_id' => $this->shop, 'item' => $item['id'], 'sort' => $item['sort'], 'document' => json_encode($item)]);
        }
        DB::table('shop_rules')->insert(['shop_id' => $this->shop, 'document' => (string) file_get_contents(base_path('core/defaults/shop-rules.json'))]);
        foreach ($this->read('bays.json') as $bay) {
            $ids[$bay['name']] = Bay::query()->create(['shop_id' => $this->shop, 'name' => $bay['name'], 'document' => json_encode($bay)])->id;
        }

        return $ids;
    }

    /**
     * @param array<string, mixed>  $order
     * @param array<string, string> $ids
     *
     * @return string the task of its front sensor, or of its first
     */
    private function order(User $user, array $order, array $ids): string
    {
        $operations = $order['operations'];
        $file = (new OpenOrder())(
            $user,
            (string) Str::uuid7(),
            $order['number'],
            $order['vehicle'],
            $order['plate'],
            isset($order['vin']) ? Vin::fromText($order['vin']) : null,
            $ids[$order['sheet']],
            $ids[$order['bay']],
            fn(OrderFile $file): array => array_map(fn(string $code): OrderLine => $this->entry($user, 'operation', ['operation' => $code, 'state' => 'done']), $operations),
        );
        foreach ($order['notes'] ?? [] as $note) {
            foreach ($note['kind'] === 'everything-captured' ? $this->captures($file, $note['but']) : [$note] as $line) {
                Recorder::order($user, $file, $this->entry($user, $line['kind'], $line['payload']), $file->version, true);
            }
        }
        foreach ($file->tasks as $task) {
            if ($task->sensor === 'front' || count($file->tasks) === 1) {
                SensorTask::query()->where('id', $task->id)->update(['scenario' => json_encode($order['scenario'])]);

                return $this->id($task->id);
            }
        }

        return $this->id($file->tasks[0]->id);
    }

    /** @param array<string, mixed> $payload */
    private function entry(User $user, string $kind, array $payload): OrderLine
    {
        return Kinds::orderLine($kind, (string) Str::uuid7(), $user->name, Moment::now(), Node::parse((string) json_encode($payload)));
    }

    /**
     * What a careful person takes down while the cover is off.
     *
     * @param list<string> $but items left out
     *
     * @return list<array{kind: string, payload: array<string, mixed>}>
     */
    private function captures(OrderFile $file, array $but): array
    {
        $lines = [];
        foreach ($file->state()->alarms() as $i => $capture) {
            $value = match ($capture->item->id) {
                'part-number' => '4L0 907 ' . (541 + strlen($capture->sensor->id)),
                'serial' => sprintf('CLR-%s-%03d', $file->row->number, $i + 11),
                'lot-code' => sprintf('L%02dK%d', $i + 7, strlen($capture->sensor->id)),
                'bracket-level' => '0.2',
                'film-build' => '112',
                'filler', 'crossbeam' => 'yes',
                default => null,
            };
            if (! in_array($capture->item->id, $but, true)) {
                $had = match (true) {
                    $value === null => ['reason' => 'No camera at hand'],
                    $capture->item->id === 'bracket-level' => ['value' => $value, 'word' => 'Wen Harrow, body repair'],
                    default => ['value' => $value],
                };
                $lines[] = ['kind' => 'capture', 'payload' => ['sensor' => $capture->sensor->id, 'item' => $capture->item->id, ...$had]];
            }
        }

        return $lines;
    }

    /** Works on a task as a person would, with the simulated meter, as far as it is wanted. */
    private function work(User $user, string $task, string $until): void
    {
        if ($until === 'start') {
            return;
        }
        for ($step = 0; $step < 120; $step++) {
            $file = TaskFile::open($user, $task);
            $present = $file->state()->present();
            if ($present->kind === $until) {
                return;
            }
            match ($present->kind) {
                'prepare', 'line' => $this->answer($user, $file),
                'survey-floor' => $this->floor($user, $file, $present->call),
                'read', 'check', 'decide', 'remeasure', 'guard' => $this->reading($user, $file, (string) $present->call),
                'move' => $this->write($user, $file, 'move', ['kinds' => array_column($file->state()->moves, 'value')]),
                'step' => $this->step($user, $file, (string) $present->call),
                'repeat' => $this->write($user, $file, 'asked', ['command' => 'read']),
                'close' => $this->seal($user, $file),
                default => throw new \LogicException("The demo order cannot go on: {$present->kind}."),
            };
            if ($present->kind === 'close') {
                return;
            }
        }
    }

    /**
     * What was noted after the sensors were done.
     *
     * @param list<array{kind: string, payload: array<string, mixed>}> $notes
     */
    private function afterwards(User $user, string $task, array $notes): void
    {
        if ($notes === []) {
            return;
        }
        $file = OrderFile::open($user, $this->id(TaskFile::open($user, $task)->row->order_id));
        foreach ($notes as $note) {
            Recorder::order($user, $file, $this->entry($user, $note['kind'], $note['payload']), $file->version, true);
        }
    }

    private function answer(User $user, TaskFile $file): void
    {
        $state = $file->state();
        $item = $state->unanswered([...$file->context()->preparation, ...$state->plan->lineSteps()])[0];
        $this->write($user, $file, 'answer', match ($item->id) {
            'tyres', 'ride-height', 'level-floor' => ['item' => $item->id, 'answer' => 'on-word', 'word' => 'Wen Harrow, body repair'],
            'supply' => ['item' => $item->id, 'answer' => 'yes', 'values' => ['volt' => '13.2']],
            'fuel' => ['item' => $item->id, 'answer' => 'yes', 'values' => ['level' => '75']],
            default => ['item' => $item->id, 'answer' => 'yes'],
        });
    }

    private function step(User $user, TaskFile $file, string $id): void
    {
        $command = $file->state()->run->routine->step($id)?->does;
        if ($command === null) {
            $this->write($user, $file, 'step', ['step' => $id], true);
        } else {
            $this->write($user, $file, 'asked', ['command' => $command]);
        }
    }

    private function reading(User $user, TaskFile $file, string $call): void
    {
        $this->write($user, $file, 'reading', [
            'call' => $call,
            'typed' => app(DeviceRoom::class)->meter($file)->read($call),
            ...($file->plan()->call($call)?->reads === Reads::Height ? ['datum' => 'centre'] : []),
        ]);
    }

    /** Staffs under the laser plane: at one place, or at every place that counts for the sensor. */
    private function floor(User $user, TaskFile $file, ?string $place): void
    {
        foreach ($place === null ? SiteFloor::places($file->context()) : [$place] as $one) {
            $now = TaskFile::open($user, $this->id($file->row->id));
            $this->write($user, $now, 'floor', ['place' => $one, 'typed' => app(DeviceRoom::class)->meter($now)->read("floor-$one")]);
        }
    }

    /** @param array<string, mixed> $payload */
    private function write(User $user, TaskFile $file, string $kind, array $payload, bool $confirmed = false): void
    {
        app(WriteLine::class)($user, $this->body($file, ['task' => $file->row->id, 'kind' => $kind, 'payload' => (object) $payload, ...($confirmed ? ['confirmed' => true] : [])], WriteLine::FIELDS));
    }

    private function seal(User $user, TaskFile $file): void
    {
        (new SealRecord())($user, $this->id($file->row->id), $this->body($file, [], SealRecord::FIELDS));
    }

    /**
     * @param array<string, mixed>               $fields
     * @param array{list<string>, list<string>} $known
     */
    private function body(TaskFile $file, array $fields, array $known): Body
    {
        $json = json_encode(['id' => (string) Str::uuid7(), 'version' => $file->version, ...$fields], JSON_THROW_ON_ERROR);

        return Body::of(Request::create('/', 'POST', content: $json), ...$known);
    }

    /** @return array<array-key, mixed> */
    private function read(string $file): array
    {
        $read = json_decode((string) file_get_contents(self::FOLDER . $file), true, 64, JSON_THROW_ON_ERROR);

        return is_array($read) ? $read : [];
    }

    private function id(mixed $id): string
    {
        return is_string($id) ? $id : throw new \LogicException('An id is a text.');
    }
}
