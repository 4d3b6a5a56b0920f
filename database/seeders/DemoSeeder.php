<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AnswerQuestion;
use App\Actions\MoveStand;
use App\Actions\RecordReading;
use App\Actions\RunSensor;
use App\Actions\SealRecord;
use App\Devices\DeviceRoom;
use App\Http\Body;
use App\Models\Bay;
use App\Models\Kit;
use App\Models\ProcedureCard;
use App\Models\RepairOrder;
use App\Models\SensorTask;
use App\Models\Shop;
use App\Models\User;
use App\Models\VehicleSheet;
use App\Records\TaskFile;
use Illuminate\Database\Seeder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The demo shop, invented throughout: Copper Lane Body Works, its people, its registers and its repair orders. */
final class DemoSeeder extends Seeder
{
    private const FOLDER = __DIR__ . '/../demo/';

    private string $shop;

    public function run(): void
    {
        if (Shop::query()->exists()) {
            return;
        }
        DB::transaction(function (): void {
            $this->shop = $this->id(Shop::query()->create(['name' => 'Copper Lane Body Works'])->id);
            $people = [];
            foreach ($this->read('people.json') as $person) {
                $people[$person['email']] = User::query()->create(['shop_id' => $this->shop, ...$person]);
            }
            $registers = $this->registers();
            foreach ($this->read('orders.json') as $order) {
                $task = $this->order($order, $registers);
                $this->work($people[$order['technician']], $task, $order['until']);
            }
        });
    }

    /** @return array<string, string> name of a register's row → its id */
    private function registers(): array
    {
        $ids = [];
        foreach (glob(self::FOLDER . 'vehicles/*.json') ?: [] as $file) {
            $ids[basename($file, '.json')] = VehicleSheet::query()->create($this->row(basename($file, '.json'), $file))->id;
        }
        foreach (glob(self::FOLDER . 'cards/*.json') ?: [] as $file) {
            $ids[basename($file, '.json')] = ProcedureCard::query()->create($this->row(basename($file, '.json'), $file))->id;
        }
        $kit = $this->read('kit.json');
        $ids['kit'] = Kit::query()->create(['shop_id' => $this->shop, 'name' => $kit['name'], 'document' => json_encode($kit['document'])])->id;
        foreach ($this->read('bays.json') as $bay) {
            $ids[$bay['name']] = Bay::query()->create(['shop_id' => $this->shop, 'name' => $bay['name'], 'document' => json_encode($bay)])->id;
        }

        return $ids;
    }

    /** @return array<string, string> */
    private function row(string $name, string $file): array
    {
        return ['shop_id' => $this->shop, 'name' => $name, 'document' => (string) file_get_contents($file)];
    }

    /**
     * @param array<string, mixed>  $order
     * @param array<string, string> $ids
     */
    private function order(array $order, array $ids): string
    {
        $created = RepairOrder::query()->create([
            'shop_id' => $this->shop,
            'number' => $order['number'],
            'vehicle' => $order['vehicle'],
            'plate' => $order['plate'],
            'operations' => $order['operations'],
            'vehicle_sheet_id' => $ids[$order['sheet']],
            'bay_id' => $ids[$order['bay']],
            'kit_id' => $ids['kit'],
        ]);

        return SensorTask::query()->create([
            'shop_id' => $this->shop,
            'repair_order_id' => $created->id,
            'procedure_card_id' => $ids[$order['card']],
            'scenario' => json_encode($order['scenario']),
        ])->id;
    }

    /** Works on a task as a person would, with the simulated meter, as far as it is wanted. */
    private function work(User $user, string $task, string $until): void
    {
        for ($step = 0; $step < 60; $step++) {
            $file = TaskFile::open($user, $task);
            $present = $file->state()->present();
            if ($present->kind === $until || $until === 'start') {
                return;
            }
            match ($present->kind) {
                'prepare', 'line' => $this->answer($user, $file),
                'read', 'check', 'decide', 'remeasure' => $this->reading($user, $file, (string) $present->call),
                'move' => $this->write($user, $file, app(MoveStand::class), MoveStand::FIELDS, ['kinds' => array_column($file->state()->moves, 'value')]),
                'run' => $this->write($user, $file, app(RunSensor::class), RunSensor::FIELDS, []),
                'close' => $this->write($user, $file, app(SealRecord::class), SealRecord::FIELDS, []),
                default => throw new \LogicException("The demo order cannot go on: {$present->kind}."),
            };
            if ($present->kind === 'close') {
                return;
            }
        }
    }

    private function answer(User $user, TaskFile $file): void
    {
        $state = $file->state();
        $item = $state->unanswered([...$file->context->card->preparation, ...$file->context->school->lineSteps()])[0];
        $this->write($user, $file, app(AnswerQuestion::class), AnswerQuestion::FIELDS, $item->id === 'tyres'
            ? ['item' => $item->id, 'answer' => 'on-word', 'word' => 'Wen Harrow, body repair']
            : ['item' => $item->id, 'answer' => 'yes']);
    }

    private function reading(User $user, TaskFile $file, string $call): void
    {
        $this->write($user, $file, app(RecordReading::class), RecordReading::FIELDS, [
            'call' => $call,
            'typed' => app(DeviceRoom::class)->meter($file)->read($call),
            ...($call === 'height' ? ['datum' => 'centre'] : []),
        ]);
    }

    /**
     * @param callable(User, string, Body): TaskFile     $action
     * @param array{list<string>, list<string>} $fields
     * @param array<string, mixed>                        $body
     */
    private function write(User $user, TaskFile $file, callable $action, array $fields, array $body): void
    {
        $json = json_encode(['id' => (string) Str::uuid7(), 'version' => $file->version, ...$body], JSON_THROW_ON_ERROR);
        $action($user, $this->id($file->row->id), Body::of(Request::create('/', 'POST', content: $json), ...$fields));
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
