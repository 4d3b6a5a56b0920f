<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\DeviceRoom;
use App\Failure\Refusal;
use App\Input\Body;
use App\Models\SensorTask;
use App\Models\User;
use App\People\ShopLog;
use App\Records\Consequences;
use App\Records\Moment;
use App\Records\OrderFile;
use App\Records\OrderSummary;
use App\Records\Recorder;
use App\Records\StageTimes;
use App\Records\TaskFile;
use App\Records\Workspace;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lumbro\Core\Commands\Command;
use Lumbro\Core\Commands\Kinds;
use Lumbro\Core\Commands\Reopen;
use Lumbro\Core\Commands\Stamp;
use Lumbro\Core\Failure\InvalidInput;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\Reopened;
use Lumbro\Core\Journal\RunReleased;
use Lumbro\Core\Journal\ToolAsked;
use Lumbro\Core\Message\Message;

/**
 * The one way a line comes into a record: what somebody wants is decided by the core, recorded, and has its consequences.
 *
 * A write that was made already is answered as it was. One that decides something must have seen the whole record; any
 * other is put on top of what others have written meanwhile, and judged then.
 */
final readonly class WriteLine
{
    public const FIELDS = [['kind', 'payload'], ['task', 'order', 'orderVersion', 'confirmed', 'waited']];

    /** As long as a line waits on no device, s. */
    private const LONGEST = 30 * 86_400;

    public function __construct(private DeviceRoom $devices, private HearTool $hear) {}

    public function __invoke(User $user, Body $body): TaskFile|OrderFile
    {
        $kind = $body->text('kind', 40);
        if ($body->has('task') === $body->has('order')) {
            throw InvalidInput::because('/task', 'request.task-or-order');
        }

        return $body->has('task')
            ? $this->atTask($user, $body->uuid('task'), $body, Kinds::wished($kind, [Kinds::TASK, Kinds::ORDER]))
            : $this->atOrder($user, $body->uuid('order'), $body, Kinds::wished($kind, [Kinds::ORDER]));
    }

    /** @param Command<covariant Line> $command */
    private function atOrder(User $user, string $order, Body $body, Command $command): OrderFile
    {
        return DB::transaction(static function () use ($user, $order, $body, $command): OrderFile {
            $file = OrderFile::open($user, $order, true);
            if ($file->has($body->id)) {
                return $file;
            }
            $lines = $command->decide($file->journal->situation($user->asRole(), ! $file->isSimulated(), $file->closing(...)), $body->payload(), self::stamp($user, $body, $file), $body->flag('confirmed'));
            foreach ($lines as $line) {
                self::aboutCar($user, $file, $line, $body->version);
            }
            OrderSummary::refresh($file);
            // What it rests on may be another card or bay now.
            $now = OrderFile::open($user, $order);
            StageTimes::noteCar($user, $file, $now, $lines);

            return $now;
        });
    }

    /** @param Command<covariant Line> $command */
    private function atTask(User $user, string $task, Body $body, Command $command): TaskFile
    {
        $asked = null;
        $file = DB::transaction(function () use ($user, $task, $body, $command, &$asked): TaskFile {
            $file = TaskFile::open($user, $task, true);
            if ($file->has($body->id)) {
                return $file;
            }
            self::maySee($file, $body, $command);
            $now = $file->journal->situation($user->asRole(), fn(): bool => $this->devices->hasTool($file), $file->isSealed(), $file->row->scenario === null);
            $lines = $command->decide($now, $body->payload(), self::stamp($user, $body, $file->order, $file), $body->flag('confirmed'));
            $own = array_values(array_filter($lines, static fn(Line $line): bool => ! $line instanceof OrderLine));
            if ($own === []) {
                foreach ($lines as $line) {
                    self::aboutCar($user, $file->order, $line, $body->has('orderVersion') ? (int) $body->node('orderVersion')->between(0, 1_000_000) : $file->order->version);
                }
                OrderSummary::refresh($file->order);
                $now = TaskFile::open($user, $task);
                StageTimes::note($user, $now, OrderSummary::stageOf($file), $now->state()->stage()->value);

                return $now;
            }
            foreach ($own as $line) {
                if ($line instanceof ToolAsked) {
                    $this->devices->scanTool($file)->ready($line->command);
                    $asked = $line;
                }
            }
            Recorder::task($user, $file, $own);
            if ($own[0] instanceof RunReleased || $own[0] instanceof Reopened) {
                ShopLog::note($own[0] instanceof Reopened ? ShopLog::REOPENED : ShopLog::RELEASED, $user, "{$file->row->number}, {$file->row->sensor}: {$own[0]->reason}");
            }

            return $own[0] instanceof Reopened ? self::opened($user, $task, $file) : $file;
        });

        return $asked === null ? $file : $this->hear->afterAsking($user, $task, $file, $asked);
    }

    /**
     * @param Command<covariant Line> $command
     *
     * @throws Refusal where the record is sealed, or it decides something without having seen all of it
     */
    private static function maySee(TaskFile $file, Body $body, Command $command): void
    {
        $isOfCar = is_subclass_of($command->line(), OrderLine::class);
        if ($file->isSealed() && ! $command instanceof Reopen) {
            throw Refusal::sealed();
        }
        if (! $isOfCar && $body->version > $file->version) {
            throw Refusal::field('/version', Message::of('request.version-ahead', ['version' => $body->version, 'known' => $file->version]));
        }
        // What a device decided by itself it decided against the record as it had it.
        $decides = $command->decides() || ($body->has('waited') && ! $command->goesAlone());
        if (! $isOfCar && $decides && $body->version !== $file->version) {
            throw Refusal::recordMovedOn(Workspace::of($file));
        }
    }

    private static function aboutCar(User $user, OrderFile $file, Line $line, int $version): void
    {
        assert($line instanceof OrderLine);
        Recorder::sawOthers($file, $line, $version);
        Recorder::insert($user, $file, [Consequences::grounded($user, $file, $line)]);
    }

    /** The seal no longer stands; it stays where it is, and the next one is a revision on top of it. */
    private static function opened(User $user, string $task, TaskFile $file): TaskFile
    {
        SensorTask::query()->where('shop_id', $user->shop_id)->where('id', $file->row->id)->update(['sealed_record_id' => null]);
        OrderSummary::refresh(OrderFile::open($user, $file->row->order_id));

        return TaskFile::open($user, $task);
    }

    /** Of a line that waited on a device the moment it was typed; never before what the record has already, so that its order stays. */
    private static function stamp(User $user, Body $body, OrderFile $order, ?TaskFile $task = null): Stamp
    {
        $at = Moment::now();
        if ($body->has('waited')) {
            $typed = Moment::iso((new \DateTimeImmutable('now'))->modify(sprintf('-%d milliseconds', round(1000 * $body->node('waited')->between(0, self::LONGEST)))));
            $known = array_map(static fn(array $lines): string => $lines === [] ? '' : end($lines)->at, [$order->journal->lines(), $task?->journal->entries() ?? []]);
            $at = min($at, max($typed, ...$known));
        }

        return new Stamp($body->id, $user->name, $at, static fn(): string => (string) Str::uuid7());
    }
}
