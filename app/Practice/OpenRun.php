<?php

declare(strict_types=1);

namespace App\Practice;

use App\Actions\OpenOrder;
use App\Failure\Refusal;
use App\Models\SensorTask;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\PracticeRegisters;
use App\Records\Recorder;
use App\Records\TaskFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Exercise\Hands;
use Lumbro\Core\Exercise\Help;
use Lumbro\Core\Exercise\Order\AsItCame;
use Lumbro\Core\Exercise\Order\OrderCar;
use Lumbro\Core\Exercise\Player;
use Lumbro\Core\Exercise\PracticeCar;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Capture;
use Lumbro\Core\Intake\ConditionList;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\SchoolsChosen;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;

/** An exercise begins: a simulated car comes in with an order of its own, and a task whose truth is hidden. */
final readonly class OpenRun
{
    /** How far forward a car stands whose target belongs behind it, mm. */
    public const FORWARD = 3_500;

    public function __construct(private OpenOrder $open) {}

    /**
     * @param string                $id     of the exercise, made by whoever asks; the same again is the same exercise
     * @param array{string, string} $source where its car is from, and which: "lesson", "shipped", "car" or "drawn"
     * @param string                $title  shown while it is worked on
     * @param string|null           $set    the setting it answers to; null where nobody set it
     */
    public function __invoke(User $user, string $id, PracticeCar $car, array $source, string $title, Help $help, ?string $set = null): \stdClass
    {
        return DB::transaction(function () use ($user, $id, $car, $source, $title, $help, $set): \stdClass {
            DB::select('select pg_advisory_xact_lock(hashtextextended(?, 2))', [$user->shop_id]);
            $known = Runs::row($user->shop_id, $id);
            if ($known !== null) {
                return $known;
            }
            $number = 1 + (int) DB::table('practice_runs')->where('shop_id', $user->shop_id)->max('number');
            $task = $this->order($user, $id, $number, $car);
            $begun = in_array($car->begins, ['measure', 'run'], true) ? self::prepare($user, $task, $car) : 0;
            DB::table('practice_runs')->insert([
                'shop_id' => $user->shop_id, 'id' => $id, 'number' => $number, 'user_id' => $user->id, 'person' => $user->name,
                'source' => $source[0], 'source_id' => $source[1], 'title' => $title, 'help' => $help->value,
                'car' => json_encode(Document::write($car), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR),
                'practice_set_id' => $set, 'repair_order_id' => TaskFile::open($user, $task)->row->order_id, 'sensor_task_id' => $task,
                'begun_lines' => $begun, 'began_at' => Moment::now(),
            ]);

            return Runs::row($user->shop_id, $id) ?? throw new \LogicException('An exercise was lost.');
        });
    }

    /** @return string the task */
    private function order(User $user, string $id, int $number, PracticeCar $car): string
    {
        [$sheet, $bay] = PracticeRegisters::of($user, $car->vehicle, $car->bay);
        $order = ($this->open)($user, $id, "P-$number", 'Practice: ' . ucwords(str_replace('-', ' ', $car->vehicle)), 'PRACTICE', null, $sheet, $bay, static fn(OrderFile $order): array => self::lines($user, $order, $car));
        DB::table('repair_orders')->where('shop_id', $user->shop_id)->where('id', $order->row->id)->update(['practice' => true]);
        foreach ($order->tasks as $task) {
            if ($task->sensor === $car->sensor && is_string($task->id)) {
                SensorTask::query()->where('shop_id', $user->shop_id)->where('id', $task->id)->update(['scenario' => json_encode(Document::write($car->truth), JSON_PRESERVE_ZERO_FRACTION)]);

                return $task->id;
            }
        }

        throw Refusal::conflict('no-sensor', Message::of('practice.no-sensor'));
    }

    /** @return list<OrderLine> what is known of the car when the learner comes to it */
    private static function lines(User $user, OrderFile $order, PracticeCar $car): array
    {
        if ($car->isOrder()) {
            return AsItCame::lines($order->journal->context, $car, static fn(string $kind, array $payload): OrderLine => Kinds::orderLine($kind, (string) Str::uuid7(), OrderCar::WHO, Moment::now(), Node::parse((string) json_encode($payload))));
        }
        $lines = [
            ...array_map(static fn($operation): OrderLine => self::note($user, 'operation', ['operation' => $operation->text(), 'state' => 'done']), $car->operations),
            // It comes in with its covers on: what is to be found is found without taking them off.
            ...array_map(static fn(Cover $cover): OrderLine => self::note($user, 'cover', ['cover' => $cover->value, 'off' => false]), Cover::cases()),
        ];
        $state = new OrderState($order->journal->context, $lines);
        // What its work leaves open is answered: it is there to be calibrated.
        foreach ($state->owed[$car->sensor]->questions() as $reason) {
            $lines[] = self::note($user, 'owed-answer', ['sensor' => $car->sensor, 'operation' => $reason->operation->text(), ...($reason->canAnswer ? ['answer' => 'yes'] : ['answer' => 'owed', 'source' => 'Practice'])]);
        }
        $sensor = $state->sheet->sensor($car->sensor) ?? throw Refusal::conflict('no-sensor', Message::of('practice.no-sensor'));
        if ($sensor->looksBack()) {
            // It was put forward, so that its target has room behind it.
            $lines[] = self::note($user, 'stance', ['x' => self::FORWARD, 'y' => 0, 'heading' => 0]);
        }
        foreach (ConditionList::ofSensor($order->journal->context, $sensor) as $condition) {
            $word = $car->truth->words[$condition->id] ?? null;
            if ($word !== null) {
                $lines[] = self::note($user, 'condition', ['item' => $condition->id, ...($condition->perSensor ? ['sensor' => $car->sensor] : []), 'answer' => 'on-word', 'word' => $word->who]);
            }
        }

        return [...$lines, ...array_map(static fn(Capture $capture): OrderLine => self::note($user, 'capture', ['sensor' => $capture->sensor->id, 'item' => $capture->item->id, 'reason' => 'Practice: the car came with its covers on']), $state->captures)];
    }

    /** Answers what is asked before a reading or, where the learner begins with the run, measures the set-up as the advice has it. */
    private static function prepare(User $user, string $task, PracticeCar $car): int
    {
        $file = TaskFile::open($user, $task);
        $hands = new Hands($file->context(), $car->truth, stamp: static fn(): array => [(string) Str::uuid7(), 'Practice', Moment::now()]);
        if ($car->schools !== []) {
            $hands->do(SchoolsChosen::class, schools: $car->schools);
        }
        // The car's own questions are the learner's to see; here they are answered as they would be.
        (new Player($hands))->until($car->begins === 'run' ? ['step', 'run'] : ['read', 'check', 'guard', 'survey-floor']);
        Recorder::insert($user, $file->order, $hands->staffs);
        Recorder::task($user, TaskFile::open($user, $task), $hands->entries);

        return count($hands->entries);
    }

    /** @param array<string, mixed> $payload */
    private static function note(User $user, string $kind, array $payload): OrderLine
    {
        return Kinds::orderLine($kind, (string) Str::uuid7(), $user->name, Moment::now(), Node::parse((string) json_encode($payload)));
    }
}
