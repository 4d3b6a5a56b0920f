<?php

declare(strict_types=1);

namespace App\Actions;

use App\Failure\Refusal;
use App\Models\SensorTask;
use App\Models\User;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\PracticeRegisters;
use App\Records\PracticeShelf;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Catalogue\Vehicle\Cover;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Fields\Document;
use Lumbro\Core\Intake\Capture;
use Lumbro\Core\Intake\OrderState;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Measure\Node;
use Lumbro\Core\Message\Message;
use Lumbro\Core\Practice\Scenario;

/** A simulated car is brought in: an order of its own, with a task whose truth is hidden. */
final readonly class OpenPractice
{
    public function __construct(private OpenOrder $open) {}

    /**
     * @return string the task
     *
     * @throws Refusal where none of this name ships
     */
    public function __invoke(User $user, string $id, string $scenario): string
    {
        $file = PracticeShelf::take($scenario);
        Document::read(Scenario::class, Node::parse($file['truth']));
        [$sheet, $bay] = PracticeRegisters::of($user, $file['vehicle'], $file['bay']);
        $order = ($this->open)(
            $user,
            $id,
            null,
            'Practice: ' . ucwords(str_replace('-', ' ', $file['vehicle'])),
            'PRACTICE',
            null,
            $sheet,
            $bay,
            static function (OrderFile $order) use ($user, $file): array {
                $lines = [
                    ...array_map(static fn(string $operation): OrderLine => self::note($user, 'operation', ['operation' => $operation, 'state' => 'done']), $file['operations']),
                    // It comes in with its covers on: what is to be found is found without taking them off.
                    ...array_map(static fn(Cover $cover): OrderLine => self::note($user, 'cover', ['cover' => $cover->value, 'off' => false]), Cover::cases()),
                ];
                $state = new OrderState($order->journal->context, $lines);
                // What its work leaves open is answered: it is there to be calibrated.
                foreach ($state->owed[$file['sensor']]->questions() as $reason) {
                    $lines[] = self::note($user, 'owed-answer', ['sensor' => $file['sensor'], 'operation' => $reason->operation->text(), ...($reason->canAnswer ? ['answer' => 'yes'] : ['answer' => 'owed', 'source' => 'Practice'])]);
                }

                return [...$lines, ...array_map(static fn(Capture $capture): OrderLine => self::note($user, 'capture', ['sensor' => $capture->sensor->id, 'item' => $capture->item->id, 'reason' => 'Practice: the car came with its covers on']), $state->captures)];
            },
        );
        DB::table('repair_orders')->where('shop_id', $user->shop_id)->where('id', $order->row->id)->update(['practice' => true]);
        foreach ($order->tasks as $task) {
            if ($task->sensor === $file['sensor'] && is_string($task->id)) {
                SensorTask::query()->where('shop_id', $user->shop_id)->where('id', $task->id)->update(['scenario' => $file['truth']]);

                return $task->id;
            }
        }

        throw Refusal::conflict('no-sensor', Message::of('practice.no-sensor'));
    }

    /** @param array<string, mixed> $payload */
    private static function note(User $user, string $kind, array $payload): OrderLine
    {
        return Kinds::orderLine($kind, (string) Str::uuid7(), $user->name, Moment::now(), Node::parse((string) json_encode($payload)));
    }
}
