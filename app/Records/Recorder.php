<?php

declare(strict_types=1);

namespace App\Records;

use App\Failure\Refusal;
use App\Live\News;
use App\Models\OrderEvent;
use App\Models\Reading;
use App\Models\RecordEvent;
use App\Models\User;
use Lumbro\Core\Commands\Command;
use Lumbro\Core\Journal\Line;
use Lumbro\Core\Journal\OrderLine;
use Lumbro\Core\Journal\ReadingTaken;
use Lumbro\Core\Message\Message;

/** Puts lines into the database, one writer of a repair order at a time: whoever calls it holds the order. */
final class Recorder
{
    /**
     * A line about the whole car, once every rule has let it pass. Somebody who has not seen a later line about the same
     * matter is shown both sides first, so that nothing is overwritten unseen; lines about other matters hold nobody up.
     *
     * @param int  $version   of the order's journal that its writer saw
     * @param bool $confirmed whether a question about it was answered
     */
    public static function order(User $user, OrderFile $file, OrderLine $line, int $version, bool $confirmed): void
    {
        self::sawOthers($file, $line, $version);
        $settled = Command::settle($file->journal->situation($user->asRole()), $line, $confirmed);
        assert($settled instanceof OrderLine);
        self::insert($user, $file, [Consequences::grounded($user, $file, $settled)]);
        OrderSummary::refresh($file);
    }

    /** @param list<OrderLine> $lines that passed every rule already */
    public static function insert(User $user, OrderFile $file, array $lines): void
    {
        $rows = [];
        foreach ($lines as $line) {
            $rows[] = self::row($user, $line, $file->version + 1) + ['repair_order_id' => $file->row->id, 'kind' => $line->kind(), 'payload' => json_encode((object) $line->payload(), JSON_THROW_ON_ERROR)];
            $file->add($line);
        }
        OrderEvent::query()->insert($rows);
        News::lines($file->row->id, $file->row->id, $file->version);
    }

    /** @param list<Line> $lines of one sensor's task, that passed every rule already */
    public static function task(User $user, TaskFile $file, array $lines): void
    {
        foreach ($lines as $line) {
            $row = self::row($user, $line, $file->version + 1) + ['sensor_task_id' => $file->row->id];
            if ($line instanceof ReadingTaken) {
                Reading::query()->insert($row + self::reading($file, $line));
            } else {
                RecordEvent::query()->insert($row + ['kind' => $line->kind(), 'payload' => json_encode((object) $line->payload(), JSON_THROW_ON_ERROR)]);
            }
            $file->add($line);
        }
        News::lines($file->row->order_id, $file->row->id, $file->version);
        OrderSummary::refreshTask($file);
        StageTimes::note($user, $file, OrderSummary::stageOf($file), $file->state()->stage()->value);
    }

    /** @throws Refusal where a later line about the same matter was not seen */
    public static function sawOthers(OrderFile $file, OrderLine $line, int $version): void
    {
        if ($version > $file->version) {
            throw Refusal::field('/version', Message::of('request.version-ahead', ['version' => $version, 'known' => $file->version]));
        }
        $unseen = $file->unseen($version, $line);
        if ($unseen !== []) {
            throw Refusal::orderMovedOn(OrderPage::of($file), array_map(static fn(OrderLine $other): array => $other->written(), $unseen));
        }
    }

    /** @return array<string, mixed> */
    private static function row(User $user, Line $line, int $version): array
    {
        return ['shop_id' => $user->shop_id, 'id' => $line->id, 'version' => $version, 'user_id' => $user->id, 'person' => $line->person, 'recorded_at' => $line->at];
    }

    /** @return array<string, mixed> */
    private static function reading(TaskFile $file, ReadingTaken $reading): array
    {
        $call = $file->plan()->call($reading->call);

        return [
            'call' => $reading->call,
            'typed' => $reading->typed,
            'millimetres' => $reading->millimetres,
            'degrees' => $reading->degrees,
            'uncertainty' => $reading->s,
            'unit' => $reading->unit,
            'datum_from' => $call?->trace?->from,
            'datum_to' => $reading->datum,
            'instrument' => $reading->instrument ?? $call->instrument ?? '',
            'strikes_id' => $reading->strikes,
            'confirmed' => $reading->confirmed,
        ];
    }
}
